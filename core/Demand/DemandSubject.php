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
        $dictionary->fields(DemandFields::all(...));
        $dictionary->figures([
            'demand.engine_torque' => 'N·m',
            'demand.required_torque' => 'N·m',
            'demand.basis' => '',
            'demand.reserve' => '–',
            'demand.harsh_torque' => 'N·m',
            'demand.torque_before' => 'N·m',
            'demand.range_least' => 'N·m',
            'demand.range_petrol' => 'N·m',
            'demand.range_greatest' => 'N·m',
            'demand.pto_torque' => 'N·m',
        ]);
        $dictionary->section(DutyTable::NAME, DutyTable::section());
        $dictionary->judgements(new DemandJudgement, new TakeOffJudgement);
    }
}
