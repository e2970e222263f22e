<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;

/** Demand: the engine and the duty. */
final class DemandFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $demand = Station::Demand;
        $speed = Make::quantity('engine.power_speed', $demand, 'Speed of that power', Dimension::Speed, 50, 20_000);
        $torque = Make::quantity('engine.peak_torque', $demand, 'Peak torque', Dimension::Torque, 5, 6000);

        return [
            $torque,
            Make::quantity(
                'engine.power',
                $demand,
                'Power',
                Dimension::Power,
                500,
                1_500_000,
                unit: '',
                how: 'with the speed it is made at',
            ),
            $speed,
            new Field(
                'engine.curve',
                Kind::Curve,
                $demand,
                'Torque curve',
                Dimension::Torque,
                $torque->range,
                how: 'one line a point: speed, torque',
                along: $speed,
            ),
            Make::choice('engine.measured_at', $demand, 'Measured', MeasuredAt::cases()),
            Make::share('engine.driveline_loss', $demand, 'Driveline loss', 0, 0.6, 'only for figures measured at the wheels'),
            Make::share('engine.uplift', $demand, 'Uplift by modification', -0.9, 5),
            Make::quantity('engine.speed_limit', $demand, 'Engine speed limit', Dimension::Speed, 300, 20_000),
            Make::choice('duty', $demand, 'Duty', Duty::cases()),
        ];
    }
}
