<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** What was seen on one part, each with its consequence. */
final readonly class ConditionsJudgement implements Judgement
{
    /**
     * @param  (\Closure(JobSheet): ?Said)|null  $also  what is to be said of the part besides
     */
    public function __construct(public Conditions $conditions, private ?\Closure $also = null)
    {
    }

    public function topic(): Topic
    {
        return new Topic("{$this->conditions->part}.seen", "What is seen on the part “{$this->conditions->label}”");
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $key = $this->conditions->key();
        $label = $this->conditions->label;
        $seen = $this->conditions->seen($sheet);
        $also = $this->also !== null && $sheet->values->has($key) ? ($this->also)($sheet) : null;
        if ($seen !== []) {
            $verdict = Verdict::worst(...array_map(static fn (Condition $c): Verdict => $c->verdict, $seen));
            $results->finding(Finding::of($key, $verdict, InspectionSentences::seen($label, $seen, $sheet->flywheel(), $also))->from($key));
        } elseif ($sheet->values->has($key)) {
            $nothing = $sheet->dictionary->get($key)->options[Condition::NONE];
            $results->finding(Finding::of($key, Verdict::Within, InspectionSentences::nothingSeen($label, $nothing, $also))->from($key));
        }
    }
}
