<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Inspection\FaceMark;
use Spindle\Inspection\FlywheelDecision;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Vehicle\FlywheelKind;

/** Once face and body are judged: what is done with the flywheel, and where a cut leads. */
final readonly class FlywheelDecisionPart implements Part
{
    public function subject(): Subject
    {
        return new Subject('flywheel.decided', 'What to do with the flywheel');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $kind = $sheet->flywheel();
        $verdict = static fn (string ...$ids): Verdict => Verdict::worst(...array_map(static fn (string $id): Verdict => $results->verdictOf($id), $ids));
        $face = $verdict('flywheel.face_runout', 'flywheel.flatness');
        $body = $kind === FlywheelKind::DualMass ? $verdict('flywheel.free_play', 'flywheel.rock') : $verdict('flywheel.thickness');
        if ($kind === null || $face === Verdict::Unmeasured || $body === Verdict::Unmeasured) {
            return;
        }
        $room = $results->length('flywheel.cut_room');
        $needed = $this->needed($sheet, $results);
        $askew = FlywheelFacePart::isAskew($sheet) && $results->verdictOf('flywheel.flatness') !== Verdict::Out;
        $tooThin = $room !== null && $needed !== null && $room->value < $needed->value;
        $decision = FlywheelDecision::of($kind, $face, $body, $this->conditions($sheet), $sheet->values->word('flywheel.school') === 'lathe', $tooThin, $askew);
        $results->finding(Finding::of('flywheel.decision', $decision->isWork() ? Verdict::Near : Verdict::Within,
            $decision->instruction($kind).$this->depth($decision, $tooThin, $needed, $room, $display).rtrim(' '.self::carried($sheet, $display)))
            ->from('flywheel.conditions', 'flywheel.marks', 'flywheel.school', 'flywheel.machined', 'flywheel.crack_depth')
            ->by('face, thickness and marks together; a cut takes off at least what runout, step or crack are deep; common practice, no source'));
    }

    /**
     * What is seen and what is mapped, together; cracks that the cut takes away are no longer cracks.
     *
     * @return list<string>
     */
    private function conditions(JobSheet $sheet): array
    {
        $seen = [
            ...$sheet->values->words('flywheel.conditions'),
            ...array_map(static fn (FaceMark $m): string => $m->condition(), FlywheelFacePart::marksOn('flywheel', $sheet->values)),
        ];
        $depth = $sheet->values->one(Length::class, 'flywheel.crack_depth');
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        $cutAway = $depth !== null && $cut !== null && $depth->value < $cut->value;

        return array_map(static fn (string $word): string => $word === 'cracks' && $cutAway ? FlywheelDecision::CUT_AWAY : $word, $seen);
    }

    /** The least that has to come off for a clean face; nothing where no reading asks for a cut. */
    private function needed(JobSheet $sheet, Results $results): ?Length
    {
        $depths = [];
        foreach (['flywheel.face_runout', 'flywheel.flatness'] as $figure) {
            $length = $results->length($figure);
            if ($length !== null && $results->verdictOf($figure) === Verdict::Out) {
                $depths[] = $length;
            }
        }
        $crack = $sheet->values->one(Length::class, 'flywheel.crack_depth');
        $depths = [...$depths, ...($crack === null ? [] : [$crack])];

        return $depths === [] ? null : Length::greatest($depths);
    }

    private function depth(FlywheelDecision $decision, bool $tooThin, ?Length $needed, ?Length $room, Display $display): string
    {
        return match (true) {
            $decision === FlywheelDecision::Replace && $tooThin && $needed !== null && $room !== null => ' It needs a cut of at least '.$display->quantity($needed, 0.01).', and '.($room->value > 0 ? 'only '.$display->quantity($room, 0.01) : 'nothing').' may come off.',
            ($decision === FlywheelDecision::Grind || $decision === FlywheelDecision::Turn) && $room !== null && $room->value > 0.0 => ' At most '.$display->both($room, 0.01).' may come off'.($needed === null ? '.' : ', at least '.$display->quantity($needed, 0.01).' has to.'),
            default => '',
        };
    }

    /** Where a cut leads: into the release clearance and, by the fork's ratio, to its outer end; empty where nothing was cut. */
    public static function carried(JobSheet $sheet, Display $display): string
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        if ($cut === null || $cut->value <= 0.0 || $sheet->flywheel() === FlywheelKind::DualMass) {
            return '';
        }
        $fork = $sheet->values->one(Ratio::class, 'release.fork_ratio');

        return 'The cut of '.$display->both($cut, 0.01).' moves the clutch towards the engine and opens the release clearance by as much'
            .($fork === null ? '' : ', '.$display->quantity($cut->times($fork->value), 0.01)." at the fork's outer end").'; set it again.';
    }
}
