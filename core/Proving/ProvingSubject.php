<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\VehicleClass;

/** What is tried before a vehicle leaves, what cures what failed, and when it is looked at again. */
final readonly class ProvingSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Prove, 'prove');
        $dictionary->fieldsUnless(self::whyNotAsked(...), ProvingFields::all(...));
        $dictionary->figures(['prove.rev_speed' => 'rpm', 'prove.take_up_percent' => '%', 'prove.wear_interval' => 'km',
            'prove.wear_interval_hours' => 'h']);
        $dictionary->limits(
            new PracticeRow('prove.recheck_after', [...PracticeRow::LIGHT, VehicleClass::Truck], Dimension::Distance,
                Provenance::CommonPractice, max: 500.0,
                note: 'after running-in: free play, fluid, bolts where called for', label: 'First look again after'),
            new PracticeRow('prove.recheck_hours', [VehicleClass::Tractor], Dimension::Duration, Provenance::CommonPractice,
                max: 20.0,
                note: 'after running-in: free play, fluid, bolts where called for', label: 'First look again after'),
        );
        $dictionary->judgements(new TestsJudgement(), new TakeUpJudgement(), new RecheckJudgement());
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $test = Test::tryFrom(explode('.', $key)[1]);
        $result = $test === null ? null : $sheet->values->word($test->key('result'));
        $isOfAFailed = in_array($key, [ProvingFields::GRINDS, ProvingFields::STAGE], true);
        $isDone = $result !== TestResult::NotDone->value;

        return match (true) {
            $test !== null && ! $test->isOn($sheet) => 'this vehicle and this job have nothing of it to try',
            $key === $test?->key('why') && $isDone => 'it is asked of a test that was not done',
            $isOfAFailed && $result !== TestResult::Fail->value => 'it is asked of a test that failed',
            $key === ProvingFields::RECHECK_AFTER && $sheet->countsHours() => 'a tractor counts hours',
            $key === ProvingFields::RECHECK_HOURS && ! $sheet->countsHours() => 'only a tractor counts hours',
            default => '',
        };
    }
}
