<?php

declare(strict_types=1);

namespace Spindle\Fitting;

use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** Putting the clutch in: the order, what is counted, and whether housing and engine stand in line. */
final readonly class FittingSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Fit, 'fit', 'housing');
        $dictionary->fieldsUnless(self::whyNotAsked(...), FittingFields::all(...));
        $dictionary->figures(['housing.bore_offset' => 'mm', 'housing.bore_direction' => '–', 'housing.face_runout' => 'mm']);
        $mm = Dimension::Length;
        $m = Provenance::FromMemory;
        $dictionary->limits(
            new PracticeRow('housing.bore_runout', PracticeRow::ALL, $mm, $m, max: 0.13, note: 'dial on the crankshaft, total reading',
                label: 'Bore of the housing'),
            new PracticeRow('housing.face_runout', PracticeRow::ALL, $mm, $m, max: 0.13, note: 'dial on the crankshaft, total reading',
                label: 'Face of the housing'),
        );
        $dictionary->judgements(new FittingStepsJudgement, new HousingJudgement);
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $skipped = FittingFields::stepOfWhy($key);
        $step = $skipped ?? FittingFields::stepOf($key)
            ?? (in_array($key, FittingStep::Intermediate->readings(), true) ? FittingStep::Intermediate : null);

        return match (true) {
            $step === null => '',
            ! $step->isOn($sheet) => 'this build has none',
            $skipped === null || $sheet->values->word(FittingFields::key($step)) === StepState::Skipped->value => '',
            default => 'the step was not skipped',
        };
    }
}
