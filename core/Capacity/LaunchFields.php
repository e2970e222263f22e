<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Demand: what is started, for the heat of a start. */
final class LaunchFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $demand = Station::Demand;
        $vehicle = Nature::makers(Whose::Vehicle)->drawn(Drawing::Starts, 'vehicle');
        $use = Nature::chosen(Whose::Vehicle)->lasting()->drawn(Drawing::Starts, 'road');

        return [
            Make::quantity('launch.vehicle_mass', $demand, 'Mass at the start, loaded', Range::of(Dimension::Mass, 50, 200_000))
                ->is($vehicle),
            Make::quantity('launch.rolling_radius', $demand, 'Rolling radius of the driven wheels', Range::of(Dimension::Length, 100, 1500))
                ->takenWith(Instrument::SteelRule)->is(Nature::measured(Whose::Vehicle, Place::UnderVehicle)->lasting()
                ->drawn(Drawing::Starts, 'wheel')),
            Make::ratio('launch.ratio', $demand, 'Total ratio in the starting gear', 0.5, 2000)->how('gearbox × final drive')->is($vehicle),
            Make::quantity('launch.engine_speed', $demand, 'Engine speed at the start', Range::of(Dimension::Speed, 50, 20_000))->is($use),
            Make::fromZero('launch.load_torque', $demand, 'Load at the clutch', Dimension::Torque, 6000)
                ->how('grade and rolling resistance; worked out from the grade when left out')->is($use),
            Make::grade('launch.grade', $demand, 'Grade it starts on')->how('rise over level distance; 12 %, 1:8 or 7°')->is($use),
            Make::words('launch.ground', Kind::Word, $demand, 'Ground', ['road' => 'Road', 'soft' => 'Soft ground'])
                ->how('a road when left out')->is($use),
            Make::fromZero('launch.trailer_mass', $demand, 'Mass of the trailer', Dimension::Mass, 200_000)->is($use),
            Make::quantity('launch.implement_inertia', $demand, 'Inertia of what the take-off drives, at its shaft',
                Range::of(Dimension::Inertia, 0.001, 1000))->is(Nature::chosen(Whose::Vehicle)->lasting()),
            Make::quantity('launch.plate_mass', $demand, 'Mass of the pressure plate', Range::of(Dimension::Mass, 0.2, 300))->is($vehicle),
            Make::quantity('launch.clutch_torque', $demand, 'Clutch torque while slipping', Range::of(Dimension::Torque, 5, 10_000))
                ->how('the engine torque when left out')->is($use),
        ];
    }
}
