<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Sheet\FaceMark;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The marks on a friction face with their places, and what follows for the part. */
final readonly class MarksJudgement implements Judgement
{
    /**
     * @param  Conditions  $conditions  of the part, for what follows from each sort of mark
     * @param  string  $label  what the face is called
     * @param  Said|null  $remedy  what follows from any mark; nothing where each sort has its own
     */
    public function __construct(private Conditions $conditions, private string $label, private ?Said $remedy = null)
    {
    }

    public function topic(): Topic
    {
        return new Topic("{$this->conditions->part}.face", "The map of the face “{$this->label}”");
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $part = $this->conditions->part;
        $marks = MarkedFace::marks($part, $sheet);
        if ($marks === []) {
            return;
        }
        $each = $this->remedy !== null ? [] : array_values(array_filter(array_map(
            fn (FaceMark $m): ?Condition => $this->conditions->find($m->condition()), $marks,
        )));
        $said = InspectionSentences::marks($this->label, $marks, $each, $sheet->flywheel(), $this->remedy);
        $results->finding(Finding::of(MarkedFace::key($part), Verdict::Out, $said)
            ->from(MarkedFace::key($part))->by('clock position and distance from the centre'));
    }
}
