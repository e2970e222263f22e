<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Spindle\JobSheet\Station;
use Spindle\Limit\Verdict;

/**
 * What a job stands at, as the write that changed it worked it out. Lists read this; they assess nothing.
 *
 * @property int $clutch_job_id
 * @property string $stage
 * @property array<string, array{string, string}> $marks verdict and words by station
 * @property string $worst
 * @property string $missing
 * @property string $signed_by
 * @property string $broken why the job cannot be shown; empty where it can
 */
final class JobStanding extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'clutch_job_id';

    protected $fillable = ['clutch_job_id', 'stage', 'marks', 'worst', 'missing', 'signed_by', 'broken'];

    public function verdictAt(Station $station): Verdict
    {
        return Verdict::tryFrom($this->marks[$station->value][0] ?? '') ?? Verdict::Unmeasured;
    }

    /** The words under a station's name. */
    public function wordsAt(Station $station): string
    {
        return $this->marks[$station->value][1] ?? 'not known';
    }

    public function stage(): ?Station
    {
        return Station::tryFrom($this->stage);
    }

    public function isBroken(): bool
    {
        return $this->broken !== '';
    }

    protected function casts(): array
    {
        return ['marks' => 'array'];
    }
}
