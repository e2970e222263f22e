<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;

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
final class Photo extends Row
{
    use AppendOnly;

    /** Where a photo lies, below the folder of what is kept: a name that leads elsewhere is nobody's photo. */
    public const NAMED = '~^photos/[A-Za-z0-9_-][\w-]*(\.[\w-]+)*$~D';

    public $timestamps = false;

    protected $table = 'photos';

    protected $fillable = ['clutch_job_id', 'station', 'part', 'caption', 'file', 'width', 'height', 'sha256', 'by_name', 'at'];

    /** The picture; nothing where its file is gone, was erased, or lies where no photo lies. */
    public function picture(): ?string
    {
        $disk = Storage::disk('local');

        return preg_match(self::NAMED, $this->file) === 1 && $disk->exists($this->file) ? $disk->get($this->file) : null;
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
