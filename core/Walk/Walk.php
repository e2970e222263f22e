<?php

declare(strict_types=1);

namespace Spindle\Walk;

use Spindle\Assessment\Assessment;
use Spindle\Fastening\BoltGroup;
use Spindle\Fitting\FittingFields;
use Spindle\Fitting\FittingStep;
use Spindle\Proving\ProvingFields;
use Spindle\Proving\Test;
use Spindle\Sheet\Dictionary;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Place;
use Spindle\Triage\TriageFields;
use Spindle\Triage\TriageOfSheet;

/** What is still to be taken on a job, in the order of hands and tools. */
final readonly class Walk
{
    /** @param  list<Step>  $steps */
    private function __construct(public array $steps)
    {
    }

    /**
     * @param  list<string>  $again  readings that somebody marked to be taken once more
     * @param  list<string>  $behind  what cannot be taken now: it comes after everything else
     */
    public static function of(JobSheet $sheet, Assessment $assessment, array $again = [], array $behind = [], ?Place $from = null): self
    {
        $owed = self::fields($sheet, $assessment->unmeasured());
        $wanted = self::fields($sheet, [...$again, ...self::nextTest($sheet, $assessment)]);
        $steps = array_map(static fn (Field $f): Step => Step::of($f, true), $owed);
        foreach (array_diff_key($wanted, $owed) as $key => $field) {
            $steps[$key] = Step::of($field, false);
        }
        if (in_array(Step::KIT, $assessment->unmeasured(), true)) {
            $steps[Step::KIT] = Step::kit();
        }
        $later = array_intersect_key($steps, array_flip($behind));

        return new self([
            ...Order::of(self::asTheWorkGoes($sheet->dictionary, array_diff_key($steps, $later)), $from),
            ...Order::of(self::asTheWorkGoes($sheet->dictionary, $later)),
        ]);
    }

    /** Of a job on which nothing is taken any more. */
    public static function none(): self
    {
        return new self([]);
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(static fn (Step $s): string => $s->key, $this->steps);
    }

    /** Those at one place, and what can be said anywhere; the rest is for whoever stands there. */
    public function at(Place $place): self
    {
        return new self(array_values(array_filter(
            $this->steps, static fn (Step $s): bool => $s->place === null || $s->place === $place,
        )));
    }

    /** @return array<string, int> how many steps at each place, in the order in which one comes there */
    public function byPlace(): array
    {
        $counts = [];
        foreach ($this->steps as $step) {
            if ($step->place !== null) {
                $counts[$step->place->value] = 1 + ($counts[$step->place->value] ?? 0);
            }
        }

        return $counts;
    }

    /** In minutes. From memory [M]. */
    public function minutes(): float
    {
        return array_sum(array_map(static fn (Step $s): float => $s->minutes, $this->steps));
    }

    /**
     * Fields by name, whatever is asked of them on this vehicle.
     *
     * @param  list<string>  $keys
     * @return array<string, Field>
     */
    private static function fields(JobSheet $sheet, array $keys): array
    {
        $fields = [];
        foreach ($keys as $key) {
            // Tests nobody made, and the steps of the fitting, are one thing to say; to do they are as many as there are.
            foreach (match (true) {
                $key === ProvingFields::UNTRIED => self::tests($sheet),
                FittingFields::stepOf($key) !== null => [$key, ...FittingFields::open($sheet)],
                default => [$key],
            } as $one) {
                // A maker's figure that no reading has, asked for by the name of its limit.
                $field = $sheet->dictionary->entry($one) ?? $sheet->dictionary->entry("{$one}.max");
                if ($field !== null) {
                    $fields[$field->key] = $field;
                }
            }
        }

        return $fields;
    }

    /** @return list<string> */
    private static function tests(JobSheet $sheet): array
    {
        $owed = array_filter(Test::of($sheet), static fn (Test $t): bool => $t->isOwed($sheet));

        return array_values(array_map(static fn (Test $t): string => $t->key('result'), $owed));
    }

    /** @return list<string> the test that tells most, as long as nobody has said what the job comes to */
    private static function nextTest(JobSheet $sheet, Assessment $assessment): array
    {
        if ($assessment->reach === null || $assessment->reach->isSaid || ! TriageOfSheet::isBegun($sheet)) {
            return [];
        }
        $next = TriageOfSheet::nextTests($sheet)[0] ?? null;

        return $next === null ? [] : [TriageFields::key($next->test)];
    }

    /**
     * In the order in which the fields stand in the dictionary, which is that of the work.
     *
     * @param  array<string, Step>  $steps
     * @return list<Step>
     */
    private static function asTheWorkGoes(Dictionary $dictionary, array $steps): array
    {
        $names = array_keys($dictionary->only(array_fill_keys(array_keys($steps), true)));
        $rank = array_flip($names);
        // Rounds of bolts stand before the step of the fitting that they are.
        foreach (array_keys($steps) as $key) {
            $step = FittingStep::ofBolts(BoltGroup::ofRound($key)->value ?? '');
            if ($step !== null) {
                $rank[$key] = ($rank[FittingFields::key($step)] ?? $rank[$key]) - 0.5;
            }
        }
        uksort($steps, static fn (string $a, string $b): int => ($rank[$a] ?? PHP_INT_MAX) <=> ($rank[$b] ?? PHP_INT_MAX));

        return array_values($steps);
    }
}
