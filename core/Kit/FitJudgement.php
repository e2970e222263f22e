<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Capacity\KitClutch;
use Spindle\Demand\Duty;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
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
    /** What each check compares: of the vehicle, of the kit. */
    private const COMPARED = [
        'kit.class' => ['vehicle.class', 'kit.classes'],
        'kit.release' => ['vehicle.actuation', 'kit.release'],
        'kit.spline_count' => ['vehicle.spline_count', 'kit.spline_count'],
        'kit.spline_diameter' => ['vehicle.spline_diameter', 'kit.spline_diameter'],
        'kit.lining_outer' => ['vehicle.friction_outer', 'kit.lining_outer'],
        'kit.damper' => ['vehicle.flywheel', 'kit.damper'],
    ];

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
        $vehicle = $sheet->values;
        $kit = $this->candidate ?? $vehicle;
        if ($this->candidate === null && ! KitClutch::isGiven($kit)) {
            return;
        }
        foreach (
            [
                Fit::vehicleClass($sheet->vehicleClass(), $kit->words('kit.classes')),
                Fit::releaseDirection($sheet->actuation(), $kit->word('kit.release')),
                Fit::splineCount($vehicle->count('vehicle.spline_count'), $kit->count('kit.spline_count')),
                Fit::splineDiameter(
                    $vehicle->one(Length::class, 'vehicle.spline_diameter'),
                    $kit->one(Length::class, 'kit.spline_diameter'),
                    $display,
                ),
                Fit::liningOnFlywheel(
                    $vehicle->one(Length::class, 'vehicle.friction_outer'),
                    $kit->one(Length::class, 'kit.lining_outer'),
                    $display,
                ),
                Fit::damper($sheet->flywheel(), $kit->word('kit.damper'), Duty::tryFrom($vehicle->word('duty') ?? '')),
            ] as $finding
        ) {
            if ($this->candidate !== null || $this->isStated($finding->id, $vehicle, $kit)) {
                $results->finding($finding->from(...self::COMPARED[$finding->id]));
            }
        }
    }

    /**
     * Of the chosen kit nothing is asked that neither its data nor the parts in hand mention; a lining is stated of every kit and
     * asks nothing by itself.
     */
    private function isStated(string $check, FieldValues $vehicle, FieldValues $kit): bool
    {
        [$ofVehicle, $ofKit] = self::COMPARED[$check];
        $isMeasured = ! in_array($ofVehicle, ['vehicle.class', 'vehicle.actuation', 'vehicle.flywheel'], true);

        return ($kit->has($ofKit) && $check !== 'kit.lining_outer') || ($isMeasured && $vehicle->has($ofVehicle));
    }
}
