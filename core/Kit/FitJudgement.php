<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Capacity\KitClutch;
use Spindle\Kit\Fit\FitCase;
use Spindle\Kit\Fit\FitCheck;
use Spindle\Kit\Fit\FitTable;
use Spindle\Kit\Fit\StackShift;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/**
 * Whether a kit can go into this vehicle at all: of a candidate everything that is to be known, of the chosen kit whatever one of the
 * two states. What only one of them states is unmeasured, and asks for the other.
 */
final readonly class FitJudgement implements Judgement
{
    /** Known of every vehicle from intake, or asked of it for other reasons: that they are there asks nothing of a kit. */
    private const OF_EVERY_VEHICLE = [
        'vehicle.class', 'vehicle.actuation', 'vehicle.flywheel', 'vehicle.stages', 'vehicle.discs', 'engine.speed_limit',
        'flywheel.thickness', 'shaft.tip_diameter',
    ];

    /** Stated of every kit for what it carries; that they are there asks nothing of a vehicle. */
    private const OF_EVERY_KIT = ['kit.lining_outer', 'kit.lining_inner', 'kit.discs', 'kit.thickness_new', 'kit.usable_per_side',
        'kit.release_travel_max'];

    /** @param  FieldValues|null  $candidate  a kit to judge instead of the chosen one */
    public function __construct(private ?FieldValues $candidate = null)
    {
    }

    public function topic(): Topic
    {
        return new Topic('kit.fit', 'Whether the kit fits');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        if ($this->candidate === null && ! KitClutch::isGiven($sheet->values)) {
            return;
        }
        $case = FitCase::of($sheet, $this->candidate ?? $sheet->values);
        foreach (FitTable::checks() as $check) {
            $answer = $check->judge($case);
            $isSaid = match ($answer->verdict) {
                Verdict::NotApplicable => false,
                Verdict::Unmeasured => self::isStated($check, $case),
                default => true,
            };
            if ($this->candidate !== null || $isSaid) {
                $results->finding($answer->finding($check, $display)->from(...$check->ofVehicle(), ...$check->ofKit()));
            }
        }
        $shift = StackShift::of($case);
        if ($shift !== null) {
            $results->figure('kit.stack_shift', $shift);
        }
    }

    /** Of the chosen kit nothing is asked that neither its data nor the parts in hand mention. */
    private static function isStated(FitCheck $check, FitCase $case): bool
    {
        $ofVehicle = array_values(array_diff($check->ofVehicle(), self::OF_EVERY_VEHICLE));
        $ofKit = array_values(array_diff($check->ofKit(), self::OF_EVERY_KIT));

        return $case->kit->hasAny(...$ofKit) || $case->vehicle->hasAny(...$ofVehicle);
    }
}
