<?php

declare(strict_types=1);

namespace App\Models;

use Spindle\Assessment\Subjects;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\SheetReader;

/**
 * A kit of the catalogue. Its data stand as in a job sheet.
 *
 * @property int $id
 * @property string $number
 * @property string $name
 * @property string $class
 * @property array<string, mixed> $data
 */
final class Kit extends Record
{
    protected $table = 'kits';

    protected $fillable = ['number', 'name', 'class', 'data'];

    protected function casts(): array
    {
        return ['data' => 'array'];
    }

    public function values(): FieldValues
    {
        return (new SheetReader(Subjects::dictionary()))->kit((object) $this->data);
    }
}
