<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\InTurn;

/**
 * Who sends lists of kits, and how the columns of these lists were read the last time.
 *
 * @property int $id
 * @property string $name
 * @property array<string, mixed>|null $map
 */
final class Supplier extends Row
{
    protected $table = 'suppliers';

    protected $fillable = ['name', 'map'];

    /** The supplier of this name, new where there is none yet. */
    public static function named(string $name): self
    {
        return InTurn::do(static fn (): self => self::query()->firstOrCreate(['name' => trim($name)]));
    }

    protected function casts(): array
    {
        return ['map' => 'array'];
    }
}
