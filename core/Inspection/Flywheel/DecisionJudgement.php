<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Inspection\MarkedFace;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
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

    public function assess(JobSheet $sheet, Results $results): void
    {
        $kind = $sheet->flywheel();
        $verdict = static fn (string ...$ids): Verdict => Verdict::worst(
            ...array_map(static fn (string $id): Verdict => $results->verdictOf($id), $ids),
        );
        $face = $verdict('flywheel.face_runout', 'flywheel.flatness');
        $body = $kind === FlywheelKind::DualMass ? $verdict('flywheel.free_play', 'flywheel.rock') : $verdict('flywheel.thickness');
        $conditions = self::conditions($sheet);
        if ($kind === null || ($body === Verdict::Unmeasured && $kind === FlywheelKind::DualMass)) {
            return;
        }
        $room = $results->length('flywheel.cut_room');
        $askew = FaceJudgement::isOnlyAskew($sheet, $results);
        $needed = FlywheelDecision::isCut($face, $conditions, $askew) ? $this->needed($conditions, $askew, $sheet, $results) : null;
        $school = $sheet->values->word('flywheel.school');
        $decision = FlywheelDecision::of(new FlywheelState($kind, $face, $body, $conditions, $school === 'lathe', $needed, $room, $askew));
        // A ground to replace it stands by itself; everything else waits for the face to be measured.
        if ($face === Verdict::Unmeasured && $decision !== FlywheelDecision::Replace) {
            return;
        }
        $results->finding(
            (match ($decision) {
                null => Finding::unmeasured(
                    'flywheel.decision',
                    FlywheelSentences::grindOrReplace($needed),
                    ...$sheet->values->missing('flywheel.thickness', 'flywheel.thickness_min'),
                ),
                FlywheelDecision::Reseat => Finding::unmeasured(
                    'flywheel.decision', FlywheelSentences::decided($decision, $kind, $this->cut($needed, $room, $sheet)),
                    'flywheel.face_runout',
                ),
                default => Finding::of(
                    'flywheel.decision',
                    $decision->verdict(),
                    FlywheelSentences::decided($decision, $kind, $this->cut($needed, $room, $sheet)),
                ),
            })
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
     * What is seen and what is mapped, together; a crack whose depth was measured counts, ticked or not, and is cut away as long as
     * there is room to cut so deep.
     *
     * @return list<string>
     */
    public static function conditions(JobSheet $sheet): array
    {
        $seen = [
            ...$sheet->values->words('flywheel.conditions'),
            ...array_map(static fn (FaceMark $m): string => $m->condition(), MarkedFace::marks('flywheel', $sheet)),
        ];
        $depth = $sheet->values->one(Length::class, 'flywheel.crack_depth');
        if ($depth === null || $depth->value <= 0.0) {
            return $seen;
        }

        return [...array_values(array_diff($seen, ['cracks'])), FlywheelDecision::CUT_AWAY];
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

    private function cut(?Length $needed, ?Length $room, JobSheet $sheet): CutCase
    {
        $isUnmeasured = static fn (string $condition, string $depth): bool => in_array($condition, self::conditions($sheet), true)
            && ! $sheet->values->has($depth);

        return new CutCase(
            $needed, $room, self::taken($sheet), $isUnmeasured('cracks', 'flywheel.crack_depth'),
            $isUnmeasured('scoring', 'flywheel.scoring_depth'),
        );
    }

    /** What was cut off, which leads into the release clearance; nothing where nothing was, or nothing may be. */
    public static function taken(JobSheet $sheet): ?Length
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');

        return $cut === null || $cut->value <= 0.0 || $sheet->flywheel() === FlywheelKind::DualMass ? null : $cut;
    }
}
