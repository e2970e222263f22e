<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\InTurn;
use Laravel\Sanctum\PersonalAccessToken;

/** The token of an instrument. When it was last used is written in turn like everything else. */
final class DeviceToken extends PersonalAccessToken
{
    protected $table = 'personal_access_tokens';

    /** @param  array<string, mixed>  $options */
    public function save(array $options = []): bool
    {
        return InTurn::do(fn (): bool => parent::save($options));
    }
}
