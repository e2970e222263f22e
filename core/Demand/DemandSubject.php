<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** What the engine gives and what the duty asks of the clutch. */
final readonly class DemandSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Demand, 'demand');
        $dictionary->fields(...DemandFields::all());
        $dictionary->figures([
            'demand.engine_torque' => 'N·m',
            'demand.required_torque' => 'N·m',
            'demand.basis' => '',
            'demand.reserve' => '–',
        ]);
        $dictionary->judgements(new DemandJudgement);
    }
}
