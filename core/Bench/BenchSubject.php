<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** The bench: whether the right parts came, before anything is fitted. */
final readonly class BenchSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Bench, 'bench');
        $dictionary->fields(BenchFields::all(...));
        $dictionary->figures(array_fill_keys(array_map(static fn (Pair $p): string => "bench.{$p->value}", Pair::cases()), 'mm'));
        $dictionary->judgements(new PairsJudgement, new AcceptJudgement);
    }
}
