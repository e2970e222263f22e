<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A remark at a station; after sign-off, an addition to the record.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $station
 * @property string $text
 * @property string $by_name
 * @property bool $after_signing an addition to what was signed
 * @property bool $stated a file that was taken in says so
 * @property Carbon $at
 */
final class Note extends Row
{
    use AppendOnly, Attributed;

    public $timestamps = false;

    protected $attributes = ['stated' => false, 'after_signing' => false];

    protected $table = 'notes';

    protected $fillable = ['clutch_job_id', 'station', 'text', 'by_name', 'at', 'stated', 'after_signing'];

    protected function casts(): array
    {
        return ['at' => 'datetime', 'stated' => 'boolean', 'after_signing' => 'boolean'];
    }
}
