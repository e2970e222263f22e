<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Inspection\MarkedFace;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Sheet\FaceMark;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\FlywheelKind;

/** Once face and body are judged: what is done with the flywheel, and where a cut leads. */
final readonly class DecisionJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('flywheel.decided', 'What to do with the flywheel');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $kind = $sheet->flywheel();
        $verdict = static fn (string ...$ids): Verdict => Verdict::worst(
            ...array_map(static fn (string $id): Verdict => $results->verdictOf($id), $ids),
        );
        $face = $verdict('flywheel.face_runout', 'flywheel.flatness');
        $body = $kind === FlywheelKind::DualMass ? $verdict('flywheel.free_play', 'flywheel.rock') : $verdict('flywheel.thickness');
        $conditions = $this->conditions($sheet);
        if ($kind === null || ($body === Verdict::Unmeasured && $kind === FlywheelKind::DualMass)) {
            return;
        }
        $room = $results->length('flywheel.cut_room');
        $askew =
            $results->verdictOf('flywheel.face_runout') === Verdict::Out &&
            $results->verdictOf('flywheel.flatness') !== Verdict::Out &&
            FaceJudgement::isAskew($sheet);
        $needed = FlywheelDecision::isCut($face, $conditions, $askew) ? $this->needed($conditions, $askew, $sheet, $results) : null;
        $decision = FlywheelDecision::of(
            $kind,
            $face,
            $body,
            $conditions,
            $sheet->values->word('flywheel.school') === 'lathe',
            $needed,
            $room,
            $askew,
        );
        // A ground to replace it stands by itself; everything else waits for the face to be measured.
        if ($face === Verdict::Unmeasured && $decision !== FlywheelDecision::Replace) {
            return;
        }
        $results->finding(
            ($decision === null
                ? Finding::unmeasured(
                    'flywheel.decision',
                    'Metal has to come off the face'.
                        ($needed === null ? '' : ', at least '.$display->quantity($needed, 0.01)).
                        ': grind it or replace it, by the maker\'s least thickness, which is not known here.',
                    ...$sheet->values->missing('flywheel.thickness', 'flywheel.thickness_min'),
                )
                : Finding::of(
                    'flywheel.decision',
                    $decision->verdict(),
                    $decision->instruction($kind).
                        $this->depth($decision, $needed, $room, $sheet, $display).
                        rtrim(' '.self::carried($sheet, $display)),
                )
            )
                ->from(
                    'flywheel.conditions',
                    'flywheel.marks',
                    'flywheel.school',
                    'flywheel.machined',
                    'flywheel.crack_depth',
                    'flywheel.scoring_depth',
                    'flywheel.thickness',
                    'flywheel.thickness_min',
                )
                ->by(
                    'face, thickness and marks together; the cut needed is the greatest of crack, step, dish and scoring, and '.
                    FlywheelDecision::SPOTS.' mm for spots; common practice, no source',
                ),
        );
    }

    /**
     * What is seen and what is mapped, together; a crack whose depth was measured counts, ticked or not, and one that the cut takes
     * away is no longer a crack.
     *
     * @return list<string>
     */
    private function conditions(JobSheet $sheet): array
    {
        $seen = [
            ...$sheet->values->words('flywheel.conditions'),
            ...array_map(static fn (FaceMark $m): string => $m->condition(), MarkedFace::marks('flywheel', $sheet)),
        ];
        $depth = $sheet->values->one(Length::class, 'flywheel.crack_depth');
        if ($depth === null || $depth->value <= 0.0) {
            return $seen;
        }
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        $stays = $cut !== null && $cut->value > 0.0 && $depth->value >= $cut->value;

        return [...array_values(array_diff($seen, ['cracks'])), $stays ? 'cracks' : FlywheelDecision::CUT_AWAY];
    }

    /**
     * The least that has to come off for a clean face: the deepest of what is there.
     *
     * @param  list<string>  $conditions
     */
    private function needed(array $conditions, bool $askew, JobSheet $sheet, Results $results): ?Length
    {
        $runout =
            $results->verdictOf('flywheel.face_runout') === Verdict::Out && ! $askew ? $results->length('flywheel.face_runout') : null;
        $depths = array_values(
            array_filter(
                [
                    $sheet->values->one(Length::class, 'flywheel.crack_depth'),
                    $sheet->values->one(Length::class, 'flywheel.scoring_depth'),
                    $results->length('flywheel.flatness'),
                    $runout,
                    in_array('heat_spots', $conditions, true) ? Length::mm(FlywheelDecision::SPOTS) : null,
                ],
                static fn (?Length $depth): bool => $depth !== null,
            ),
        );

        return $depths === [] ? null : Length::greatest($depths);
    }

    /** How deep the cut has to be and may be, as a sentence of its own; why there is no room for it. */
    private function depth(FlywheelDecision $decision, ?Length $needed, ?Length $room, JobSheet $sheet, Display $display): string
    {
        $say = static fn (Length $length): string => $display->quantity($length, 0.01);

        return match (true) {
            $decision === FlywheelDecision::Replace => $this->whyReplaced($needed, $room, $sheet, $say),
            ($decision !== FlywheelDecision::Grind && $decision !== FlywheelDecision::Turn) || $room === null => '',
            default => ' At most '.
                $display->both($room, 0.01).
                ' may come off'.
                ($needed === null ? '.' : ", at least {$say($needed)} has to.").
                $this->cautions($needed, $sheet, $say),
        };
    }

    /** @param  \Closure(Length): string  $say */
    private function whyReplaced(?Length $needed, ?Length $room, JobSheet $sheet, \Closure $say): string
    {
        $isUnknownCrack = in_array('cracks', $this->conditions($sheet), true) && ! $sheet->values->has('flywheel.crack_depth');

        return match (true) {
            $room !== null && $room->value <= 0.0 => " It is at the maker's least thickness".
                ($needed === null ? ' already.' : "; it needs a cut of at least {$say($needed)}, and nothing may come off."),
            $needed !== null && $room !== null && $room->value < $needed->value => " It needs a cut of at least {$say(
                $needed,
            )}, and only {$say($room)} may come off.",
            $needed === null && $isUnknownCrack => ' Only a crack whose depth is measured may be cut away.',
            default => '',
        };
    }

    /**
     * A cut entered that is too small, and a score nobody measured.
     *
     * @param  \Closure(Length): string  $say
     */
    private function cautions(?Length $needed, JobSheet $sheet, \Closure $say): string
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        $isShort = $cut !== null && $cut->value > 0.0 && $needed !== null && $cut->value < $needed->value;
        $isUnknownScore = in_array('scoring', $this->conditions($sheet), true) && ! $sheet->values->has('flywheel.scoring_depth');

        return ($isShort ? " The cut entered, {$say($cut)}, is less." : '')
            .($isUnknownScore ? ' Measure how deep the scoring is; the cut has to go as deep.' : '');
    }

    /** Where a cut leads: into the release clearance; empty where nothing was cut. What it is at the fork's end the release says. */
    public static function carried(JobSheet $sheet, Display $display): string
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        if ($cut === null || $cut->value <= 0.0 || $sheet->flywheel() === FlywheelKind::DualMass) {
            return '';
        }

        return 'The cut of '.$display->both($cut, 0.01).' moves the clutch towards the engine and opens the release clearance by as much; '
            .'set it again.';
    }
}
