<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Why a finding was let pass; the last row for a finding counts.
 *
 * @property int|null $user_id whose account asked or gave it; nobody's where a file says so
 * @property int|null $seconded_id
 * @property string $found what was found then, in words
 * @property string $basis readings, values and kit it was given for
 * @property int $version how many entries the job had then
 * @property int $id
 * @property int $clutch_job_id
 * @property string $finding
 * @property string $reason
 * @property bool $withdrawn
 * @property string $reach the worst verdict it lets pass: near, unmeasured or out
 * @property bool $asked a technician wants it; it lets nothing pass until somebody agrees who may
 * @property string $seconded_by who agreed to what another had asked
 * @property string $by_name
 * @property bool $stated a file that was taken in says so
 * @property Carbon $at
 * @property-read Job $job
 */
final class Waiver extends Row
{
    use AppendOnly, Attributed;

    public $timestamps = false;

    protected $attributes = ['stated' => false, 'withdrawn' => false, 'asked' => false, 'reach' => 'out', 'seconded_by' => '',
        'found' => '', 'version' => 0, 'basis' => ''];

    protected $table = 'waivers';

    protected $fillable = ['clutch_job_id', 'finding', 'reason', 'withdrawn', 'by_name', 'at', 'stated', 'reach', 'asked',
        'seconded_by', 'user_id', 'seconded_id', 'found', 'version', 'basis'];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'clutch_job_id');
    }

    protected function casts(): array
    {
        return ['at' => 'datetime', 'stated' => 'boolean', 'withdrawn' => 'boolean', 'asked' => 'boolean'];
    }
}
