<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Demand\Duty;
use Spindle\JobSheet\FieldValues;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Kit\Fit;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;

/** Whether a kit can go into this vehicle at all, as far as both are known. */
final readonly class KitFitPart implements Part
{
    public function __construct(private FieldValues $kit)
    {
    }

    public function subject(): Subject
    {
        return new Subject('kit.fit', 'Whether the kit fits');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $vehicle = $sheet->values;
        foreach ([
            Fit::vehicleClass($sheet->vehicleClass(), $this->kit->words('kit.classes')),
            Fit::releaseDirection($sheet->actuation(), $this->kit->word('kit.release')),
            Fit::splineCount($vehicle->count('vehicle.spline_count'), $this->kit->count('kit.spline_count')),
            Fit::splineDiameter($vehicle->one(Length::class, 'vehicle.spline_diameter'), $this->kit->one(Length::class, 'kit.spline_diameter'), $display),
            Fit::liningOnFlywheel($vehicle->one(Length::class, 'vehicle.friction_outer'), $this->kit->one(Length::class, 'kit.lining_outer'), $display),
            Fit::damper($sheet->flywheel(), $this->kit->word('kit.damper'), Duty::tryFrom($vehicle->word('duty') ?? '')),
        ] as $finding) {
            $results->finding($finding);
        }
    }
}
