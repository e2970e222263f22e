<?php

declare(strict_types=1);

namespace App\Models;

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
 * @property bool $stated a file that was taken in says so
 * @property Carbon $at
 */
final class Waiver extends Record
{
    use AppendOnly, Attributed;

    public $timestamps = false;

    protected $attributes = ['stated' => false];

    protected $table = 'waivers';

    protected $fillable = ['clutch_job_id', 'finding', 'reason', 'withdrawn', 'by_name', 'at', 'stated'];

    protected function casts(): array
    {
        return ['at' => 'datetime', 'stated' => 'boolean', 'withdrawn' => 'boolean'];
    }
}
