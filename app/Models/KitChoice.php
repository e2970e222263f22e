<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The kit chosen for a job, as it was then; the last choice counts, an empty one takes it back.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property int|null $kit_id
 * @property array<string, mixed>|null $data
 * @property string $by_name
 * @property bool $stated a file that was taken in says so
 * @property Carbon $at
 * @property Job $job
 */
final class KitChoice extends Row
{
    use AppendOnly, Attributed;

    public $timestamps = false;

    protected $attributes = ['stated' => false];

    protected $table = 'kit_choices';

    protected $fillable = ['clutch_job_id', 'kit_id', 'data', 'by_name', 'at', 'stated'];

    protected function casts(): array
    {
        return ['at' => 'datetime', 'stated' => 'boolean', 'data' => 'array'];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'clutch_job_id');
    }
}
