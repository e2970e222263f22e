<?php

declare(strict_types=1);

namespace Spindle\Inspection\TruckSet;

use Spindle\Inspection\Conditions;
use Spindle\Inspection\ConditionsJudgement;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Comparison;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\VehicleClass;

/** The plate between the two discs of a truck. */
final readonly class TruckSetSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->parts(Station::Strip, 'intermediate');
        $dictionary->fieldsUnless(self::whyNotAsked(...), TruckSetFields::all(...));
        $dictionary->limits(...self::limits());
        $dictionary->comparisons(
            Comparison::least('intermediate.pin_clearance', Remedy::other(TruckSetSentences::plateHangsOnPins())),
            Comparison::flatness('intermediate.flatness', Remedy::replace(TruckSetSentences::replacePlate()), 'cover.flatness'),
        );
        $dictionary->oneNumber('intermediate.pin_clearance');
        $dictionary->judgements(new PinsJudgement, new ConditionsJudgement(self::conditions()));
    }

    public static function conditions(): Conditions
    {
        $out = Verdict::Out;

        return Conditions::of('intermediate', 'Intermediate plate', [
            ['cracks', 'cracks', $out, 'replace the plate'],
            ['heat_spots', 'heat spots', $out, 'replace the plate'],
            ['scoring', 'deep scoring', $out, 'replace the plate'],
            ['worn_pins', 'drive pins or slots worn', $out, 'new pins, square to the face; replace a plate with worn slots'],
            ['sticks', 'does not move freely in its slots', $out, 'free the lugs: a plate that hangs drags one disc'],
        ]);
    }

    /** @return list<PracticeRow> */
    private static function limits(): array
    {
        $mm = Dimension::Length;
        $cp = Provenance::CommonPractice;

        return [
            new PracticeRow(
                'intermediate.pin_clearance',
                [VehicleClass::Truck],
                $mm,
                $cp,
                min: 0.15,
                note: 'on the same side of every pin',
                origin: '0.006 in, taken as the least',
            ),
            new PracticeRow(
                'intermediate.pin_wear', [VehicleClass::Truck], $mm, Provenance::FromMemory, max: 0.60, watchMax: 0.35,
                label: 'Widest clearance at a drive pin',
            ),
            new PracticeRow(
                'intermediate.pin_evenness', [VehicleClass::Truck], $mm, Provenance::FromMemory, max: 0.25, watchMax: 0.10,
                label: 'Clearance from pin to pin, difference',
            ),
        ];
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        return match (true) {
            ! str_starts_with($key, 'intermediate.') => '',
            $sheet->vehicleClass() !== VehicleClass::Truck => 'only trucks have it',
            ! $sheet->isTwinDisc() => 'the clutch has one disc',
            default => '',
        };
    }
}
