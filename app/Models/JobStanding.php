<?php

declare(strict_types=1);

namespace App\Models;

use Spindle\Limit\Verdict;
use Spindle\Sheet\Station;

/**
 * What a job stands at, as the write that changed it worked it out. Lists read this; they assess nothing.
 *
 * @property int $clutch_job_id
 * @property string $stage
 * @property array<string, array{string, string}> $marks verdict and words by station
 * @property string $worst
 * @property string $missing
 * @property string $signed_by
 * @property string $complaint in small letters, to be searched
 * @property string $facts hash of the facts that were written with it
 * @property string $broken why the job cannot be shown; empty where it can
 */
final class JobStanding extends Record
{
    /** @var array<string, array{string, string}>|null */
    private ?array $read = null;

    public $timestamps = false;

    protected $attributes = [
        'stage' => '',
        'marks' => '[]',
        'worst' => '',
        'missing' => '',
        'signed_by' => '',
        'broken' => '',
        'complaint' => '',
        'facts' => '',
    ];

    public $incrementing = false;

    protected $primaryKey = 'clutch_job_id';

    protected $table = 'job_standings';

    protected $fillable = ['clutch_job_id', 'stage', 'marks', 'worst', 'missing', 'signed_by', 'broken', 'complaint', 'facts'];

    public function verdictAt(Station $station): Verdict
    {
        return Verdict::tryFrom($this->marksOnce()[$station->value][0] ?? '') ?? Verdict::Unmeasured;
    }

    /** The words under a station's name. */
    public function wordsAt(Station $station): string
    {
        return $this->marksOnce()[$station->value][1] ?? 'not known';
    }

    /** @return array<string, array{string, string}> read from the row once, however often a list asks */
    private function marksOnce(): array
    {
        return $this->read ??= $this->marks;
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
