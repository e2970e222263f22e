<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What of a kit is neither searched nor sieved: its data as the supplier wrote them, the same as plain values, and columns of the list
 * that no field takes.
 *
 * @property int $kit_id
 * @property array<string, mixed> $data
 * @property array<string, float|string|list<string>> $facts
 * @property array<string, string>|null $extra
 * @property array<string, list<string>>|null $corrected  what the shop knows better than the list
 */
final class KitDetail extends Row
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'kit_id';

    protected $table = 'kit_details';

    protected $fillable = ['kit_id', 'data', 'facts', 'extra', 'content_hash', 'corrected'];

    protected function casts(): array
    {
        return ['data' => 'array', 'facts' => 'array', 'extra' => 'array', 'corrected' => 'array'];
    }
}
