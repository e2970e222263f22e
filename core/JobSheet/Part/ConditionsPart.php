<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Inspection\Condition;
use Spindle\Inspection\Leak;
use Spindle\Inspection\OilOnDisc;
use Spindle\JobSheet\Asked;
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
    /** What must be looked at once a clutch is open. Two discs are judged by the one at the flywheel; the other is looked at beside it. */
    private const LOOKED_AT = ['disc', 'cover', 'flywheel', 'bearing', 'pilot', 'shaft', 'seals', 'fork'];

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
        $this->leak($sheet, $results);
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
        } elseif (in_array($part, self::LOOKED_AT, true) && Asked::is($key, $sheet) && ! $sheet->values->has("{$part}.marks")) {
            $results->finding(Finding::unmeasured($key, "{$label}: not looked at, or what was seen is not written down.", $key));
        }
    }

    /** Oil stays a reason not to sign until its leak is named and mended. */
    private function leak(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $isOily = $values->has('disc.oil') || in_array('oil', [...$values->words('disc.conditions'), ...$values->words('disc2.conditions')], true);
        if (! $isOily) {
            return;
        }
        $leak = Leak::tryFrom($values->word('seals.leak') ?? '');
        $results->finding((match (true) {
            $leak === null => Finding::unmeasured('seals.leak', 'Oil on the disc, and where it came from is not named. Find the leak before anything new goes in.', 'seals.leak'),
            ! $values->has('seals.leak_mended') => Finding::unmeasured('seals.leak', "{$leak->label()} let oil on the disc; whether it was mended is not written down.", 'seals.leak_mended'),
            ! $values->flag('seals.leak_mended') => Finding::of('seals.leak', Verdict::Out, "{$leak->label()} let oil on the disc, and is not mended: mend it before anything new goes in."),
            default => Finding::of('seals.leak', Verdict::Within, "{$leak->label()} let oil on the disc; mended."),
        })->from('disc.oil', 'disc.conditions', 'seals.leak', 'seals.leak_mended')->by('common practice, no source'));
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
