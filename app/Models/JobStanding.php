<?php

declare(strict_types=1);

namespace App\Models;

use Spindle\Assessment\Subjects;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Station;
use Spindle\Triage\Outcome;

/**
 * What a job stands at, as the write that changed it worked it out. Lists read this; they assess nothing.
 *
 * @property int $clutch_job_id
 * @property string $stage
 * @property array<string, array{string, int|string, 2?: string}> $marks by station: verdict, how many entries are missing, a name
 * @property string $worst "ready", "out strip" with the station; empty where nothing is
 * @property string $missing how many entries, and the first of them: "12 disc.thickness"; empty where none is
 * @property string $signed_by
 * @property string $complaint in small letters, to be searched
 * @property string $facts hash of the facts that were written with it
 * @property string $broken why the job cannot be shown; empty where it can
 */
final class JobStanding extends Row
{
    public const READY = 'ready';

    private const OUT = 'out ';

    /** @var array<string, array{string, int|string, 2?: string}>|null */
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
        [$verdict, $missing, $name] = [...$this->marksOnce()[$station->value] ?? ['', 'not known'], ''];

        // A version before kept the words themselves; they stand until the shop is rebuilt.
        return is_string($missing) ? $missing : self::words(Verdict::tryFrom($verdict) ?? Verdict::Unmeasured, $missing, $name);
    }

    /**
     * What is said under a station's name.
     *
     * @param  int  $missing  entries that are needed and not there
     * @param  string  $name  what is said where nothing is missing: signed, open, entered, not_touched, not_reached, an outcome;
     *     empty for the verdict
     */
    public static function words(Verdict $verdict, int $missing, string $name): string
    {
        return match (true) {
            $missing > 0 => "{$missing} missing",
            $name === '' => $verdict->label(),
            default => lcfirst(Outcome::tryFrom($name)?->label() ?? str_replace('_', ' ', $name)),
        };
    }

    /** Where something is out; nothing where nothing is. */
    public static function out(Station $station): string
    {
        return self::OUT.$station->value;
    }

    /** The worst thing known, in a few words. */
    public function worstWords(): string
    {
        $at = str_starts_with($this->worst, self::OUT) ? Station::tryFrom(substr($this->worst, strlen(self::OUT))) : null;

        return match (true) {
            $at !== null => $at->value === $this->stage ? 'something is out' : "something is out at {$at->label()}",
            $this->worst === self::READY => 'ready to sign',
            $this->worst === '' => 'nothing out so far',
            default => $this->worst,
        };
    }

    /** How much is needed and not there, and the first of it by name. */
    public function missingWords(): string
    {
        [$count, $first] = [...explode(' ', $this->missing, 2), ''];
        $field = Subjects::dictionary()->find($first);

        return match (true) {
            $this->missing === '' => 'nothing',
            ctype_digit($count) && $first !== '' => "{$count}: ".($field?->spoken() ?? $first).((int) $count > 1 ? ' …' : ''),
            default => $this->missing,
        };
    }

    /** @return array<string, array{string, int|string, 2?: string}> read from the row once, however often a list asks */
    private function marksOnce(): array
    {
        return $this->read ??= $this->marks;
    }

    /** @return list<Station> */
    public function stations(): array
    {
        return Station::cases();
    }

    /** @return list<string> each station with what is said under its name: "Strip 12 missing" */
    public function said(): array
    {
        return array_map(fn (Station $s): string => $s->label().' '.$this->wordsAt($s), Station::cases());
    }

    /** Whether work goes on there. */
    public function standsAt(Station $station): bool
    {
        return $this->signed_by === '' && $this->stage === $station->value;
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
