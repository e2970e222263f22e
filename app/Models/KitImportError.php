<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What is wrong with a cell of a list on its way in.
 *
 * @property int $line
 * @property string $column
 * @property string $read
 * @property string $expected
 */
final class KitImportError extends Row
{
    public $timestamps = false;

    protected $table = 'kit_import_errors';

    protected $guarded = ['id'];
}
