<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Sheet\JobSheet;
use Spindle\Triage\Cause;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/** What of a practice vehicle's faults a job has put right, by what stands on its sheet. */
final class PutRight
{
    /** Parts of the actuation that a repair of it renews. */
    private const ACTUATION = ['parts.master_cylinder', 'parts.slave_cylinder', 'parts.concentric_slave', 'parts.pipe', 'parts.cable'];

    /** Where a part is neither left as it was nor forgotten. */
    private const NEW = ['in_kit', 'shelf', 'ordered'];

    /** @return list<Cause> what is still wrong */
    public static function leaves(Hidden $hidden, JobSheet $sheet): array
    {
        return array_values(array_filter($hidden->causes, static fn (Cause $c): bool => ! self::isRight($c, $hidden, $sheet)));
    }

    private static function isRight(Cause $cause, Hidden $hidden, JobSheet $sheet): bool
    {
        $said = $sheet->values->word('triage.kind');

        return match ($cause->outcome) {
            // A clutch that was taken apart is set anew.
            Outcome::Adjust => in_array($said, [Outcome::Adjust->value, Outcome::Strip->value], true) && PedalSetting::of(
                $hidden, $sheet, Builds::written(Builds::whole($hidden->build)), $said === Outcome::Strip->value,
            )->isRight(),
            Outcome::Bleed => $sheet->values->word('hydraulics.proof') === 'firm',
            Outcome::RepairActuation => $sheet->values->has('triage.repaired') || self::isNew($sheet, ...self::ACTUATION),
            Outcome::NotTheClutch => $said === Outcome::NotTheClutch->value,
            Outcome::Strip => $said === Outcome::Strip->value && array_filter(
                $hidden->wantedFor($cause), static fn (Work $w): bool => ! self::isDone($w, $hidden, $sheet),
            ) === [],
        };
    }

    public static function isDone(Work $work, Hidden $hidden, JobSheet $sheet): bool
    {
        $isFitted = Reach::hasKit($sheet) && $sheet->values->word('fit.cover') === 'done'
            && KitsAtHand::slides($hidden, $sheet->values->word('kit.number') ?? '');

        return match ($work) {
            Work::Kit, Work::Levers => $isFitted,
            Work::Flywheel => self::isNew($sheet, 'parts.flywheel') || $sheet->values->has('flywheel.machined'),
            Work::Pilot => self::isNew($sheet, 'parts.pilot'),
            Work::Seals => self::isNew($sheet, 'parts.crank_seal') || self::isNew($sheet, 'parts.shaft_seal'),
            Work::Fork => self::isNew($sheet, 'parts.fork'),
            Work::Sleeve => self::isNew($sheet, 'parts.guide_sleeve'),
            Work::Brake => self::isNew($sheet, 'parts.clutch_brake'),
            Work::Mounts => $sheet->values->word('fit.around') === 'done',
        };
    }

    private static function isNew(JobSheet $sheet, string ...$parts): bool
    {
        foreach ($parts as $part) {
            if (in_array($sheet->values->word($part), self::NEW, true)) {
                return true;
            }
        }

        return false;
    }
}
