<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** Rows that are written once: a correction is another row. */
trait AppendOnly
{
    public static function bootAppendOnly(): void
    {
        self::updating(static fn (Model $row): never => throw new \LogicException('rows of '.$row->getTable().' are never changed'));
        self::deleting(static fn (Model $row): never => throw new \LogicException('rows of '.$row->getTable().' are never deleted'));
    }
}
