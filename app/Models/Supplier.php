<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Who sends lists of kits, and how the columns of these lists were read the last time.
 *
 * @property int $id
 * @property string $name
 * @property array<string, mixed>|null $map
 */
final class Supplier extends Record
{
    protected $fillable = ['name', 'map'];

    protected function casts(): array
    {
        return ['map' => 'array'];
    }
}
