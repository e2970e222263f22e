<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Inspection\Condition;
use Spindle\Inspection\OilOnDisc;
use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Vehicle\Actuation;

/** What was seen on the parts, each with its consequence. */
final readonly class ConditionsPart implements Part
{
    public function subject(): Subject
    {
        return new Subject('disc.seen', 'What is seen on the parts');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        foreach (Condition::parts() as $part) {
            $this->part($part, $sheet, $results);
        }
        $this->oil($sheet, $results);
    }

    private function part(string $part, JobSheet $sheet, Results $results): void
    {
        $key = "{$part}.conditions";
        $field = Dictionary::get($key);
        $label = explode(':', $field->label)[0];
        $seen = array_values(array_filter(array_map(
            static fn (string $word): ?Condition => Condition::find($part, $word), $sheet->values->words($key),
        )));
        $also = $part === 'bearing' && $sheet->actuation() === Actuation::Concentric && $sheet->values->has($key)
            ? ' A concentric bearing is replaced complete whenever the box is out.' : '';
        if ($seen !== []) {
            $results->finding(Finding::of($key, Verdict::worst(...array_map(static fn (Condition $c): Verdict => $c->verdict, $seen)),
                $label.': '.implode('; ', array_map(static fn (Condition $c): string => $c->label.': '.$c->consequenceOn($sheet->flywheel()), $seen)).'.'.$also)->from($key));
        } elseif ($sheet->values->has($key)) {
            $results->finding(Finding::of($key, Verdict::Within, "{$label}: {$field->options[Condition::NONE]}.{$also}")->from($key));
        }
    }

    /** Which oil is on the disc says which seal let it in. */
    private function oil(JobSheet $sheet, Results $results): void
    {
        $oil = OilOnDisc::tryFrom($sheet->values->word('disc.oil') ?? '');
        if ($oil !== null) {
            $results->finding(Finding::of('disc.oil', Verdict::Out, "{$oil->label()} on the disc: {$oil->leak($sheet->vehicleClass())}.")->from('disc.oil')->by('common practice, no source'));
        }
    }
}
