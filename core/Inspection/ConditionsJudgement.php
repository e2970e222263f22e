<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** What was seen on one part, each with its consequence. */
final readonly class ConditionsJudgement implements Judgement
{
    /**
     * @param  (\Closure(JobSheet): string)|null  $also  what is to be said of the part besides, with a blank before it
     */
    public function __construct(public Conditions $conditions, private ?\Closure $also = null)
    {
    }

    public function topic(): Topic
    {
        return new Topic("{$this->conditions->part}.seen", "What is seen on the part “{$this->conditions->label}”");
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $key = $this->conditions->key();
        $label = $this->conditions->label;
        $seen = $this->conditions->seen($sheet);
        $also = $this->also !== null && $sheet->values->has($key) ? ($this->also)($sheet) : '';
        if ($seen !== []) {
            $say = static fn (Condition $c): string => "{$c->label}: {$c->consequenceOn($sheet->flywheel())}";
            $verdict = Verdict::worst(...array_map(static fn (Condition $c): Verdict => $c->verdict, $seen));
            $results->finding(Finding::of($key, $verdict, "{$label}: ".implode('; ', array_map($say, $seen)).".{$also}")->from($key));
        } elseif ($sheet->values->has($key)) {
            $nothing = $sheet->dictionary->get($key)->options[Condition::NONE];
            $results->finding(Finding::of($key, Verdict::Within, "{$label}: {$nothing}.{$also}")->from($key));
        }
    }
}
