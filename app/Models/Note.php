<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A remark at a station; after sign-off, an addition to the record.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $station
 * @property string $text
 * @property string $by_name
 * @property Carbon $at
 */
final class Note extends Model
{
    use AppendOnly;

    public $timestamps = false;

    protected $fillable = ['clutch_job_id', 'station', 'text', 'by_name', 'at'];

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
