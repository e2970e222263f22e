<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Why a finding was let pass; the last row for a finding counts.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $finding
 * @property string $reason
 * @property bool $withdrawn
 * @property string $by_name
 * @property Carbon $at
 */
final class Waiver extends Model
{
    use AppendOnly;

    public $timestamps = false;

    protected $fillable = ['clutch_job_id', 'finding', 'reason', 'withdrawn', 'by_name', 'at'];

    protected function casts(): array
    {
        return ['at' => 'datetime', 'withdrawn' => 'boolean'];
    }
}
