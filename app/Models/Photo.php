<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A picture, kept with the station it was taken at and the part it shows.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $station
 * @property string|null $part of the open clutch
 * @property string $caption which part, in the technician's words
 * @property string $file
 * @property int $width
 * @property int $height
 * @property string $sha256 of the file; empty for one kept before this was noted
 * @property string $by_name
 * @property Carbon $at
 */
final class Photo extends Record
{
    use AppendOnly;

    public $timestamps = false;

    protected $table = 'photos';

    protected $fillable = ['clutch_job_id', 'station', 'part', 'caption', 'file', 'width', 'height', 'sha256', 'by_name', 'at'];

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
