<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Dictionary;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;

/**
 * How far a job goes. What triage comes to decides which stations it reaches; at the others nothing is needed, and whatever is known
 * there all the same stays judged. As said by the technician, else by triage once that is sure; once parts were ordered, or with
 * nothing said, a job goes all the way.
 */
final readonly class Reach
{
    /**
     * @param  Outcome  $outcome  what the job comes to
     * @param  bool  $isSaid  whether the technician said so
     * @param  Outcome|null  $pointed  what signs and tests point at; nothing before triage has begun
     */
    private function __construct(public Outcome $outcome, public bool $isSaid, public ?Outcome $pointed)
    {
    }

    public static function of(JobSheet $sheet): self
    {
        $triage = TriageOfSheet::ifBegun($sheet);
        $said = Outcome::tryFrom($sheet->values->word('triage.kind') ?? '');

        return new self(match (true) {
            self::hasKit($sheet) => Outcome::Strip,
            $said !== null => $said,
            $triage !== null && $triage->isOutcomeSure() && ! self::isOpened($sheet) => $triage->outcome(),
            default => Outcome::Strip,
        }, $said !== null, $triage?->outcome());
    }

    /** Whether new parts were chosen. */
    public static function hasKit(JobSheet $sheet): bool
    {
        return $sheet->values->hasAny('kit.name', 'kit.clamp_load', 'kit.claimed_torque', 'kit.lining_outer');
    }

    /** Whether anybody has looked at a part that shows only once it is apart. */
    private static function isOpened(JobSheet $sheet): bool
    {
        return $sheet->values->hasAny(...$sheet->dictionary->seenOnlyOpen());
    }

    public function reaches(Station $station): bool
    {
        return match ($this->outcome) {
            Outcome::Strip => true,
            Outcome::NotTheClutch => in_array($station, [Station::Intake, Station::Triage, Station::Record], true),
            default => in_array($station, [Station::Intake, Station::Triage, Station::Set, Station::Prove, Station::Record], true),
        };
    }

    /** The levers of a two-stage set are set through the window of the housing, with the gearbox on. */
    private function isSetClosed(Finding $finding): bool
    {
        return $this->outcome === Outcome::Adjust && strtok($finding->id, '.') === 'two_stage';
    }

    /**
     * Whether one of these is known only with the gearbox off, or said by the kit that such a job does not have.
     *
     * @param  list<string>  $keys
     */
    private static function isOnlyOpen(array $keys, Dictionary $dictionary): bool
    {
        foreach ($keys as $key) {
            $field = $dictionary->find($key);
            if ($field?->nature()->isOnlyOpen === true || $field?->station === Station::Kit) {
                return true;
            }
        }

        return false;
    }

    /** A finding as this job needs it: what it does not reach is not missing. */
    public function needed(Finding $finding, Dictionary $dictionary): Finding
    {
        $isReached =
            $this->outcome === Outcome::Strip ||
            (($this->reaches($dictionary->stationOf($finding->id)) || $this->isSetClosed($finding))
                && ! self::isOnlyOpen($finding->missing, $dictionary));
        $isMissing = $finding->verdict === Verdict::Unmeasured;

        return $isReached || ! $isMissing
            ? $finding
            : Finding::notApplicable($finding->id, TriageSentences::notReached($this->outcome));
    }
}
