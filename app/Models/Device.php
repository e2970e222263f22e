<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as AuthenticatableContract;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\HasApiTokens;
use Spindle\Limit\Instrument;

/**
 * An instrument that sends its readings itself.
 *
 * @property int $id
 * @property string $name
 * @property Instrument $instrument
 * @property string $by_name
 * @property Carbon|null $revoked_at
 */
final class Device extends Record implements AuthenticatableContract
{
    use Authenticatable;

    /** @use HasApiTokens<\Laravel\Sanctum\PersonalAccessToken> */
    use HasApiTokens;

    protected $fillable = ['name', 'instrument', 'by_name', 'revoked_at'];

    protected function casts(): array
    {
        return ['instrument' => Instrument::class, 'revoked_at' => 'datetime'];
    }
}
