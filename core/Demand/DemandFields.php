<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Demand: the engine and the duty. */
final class DemandFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $demand = Station::Demand;
        $engine = Nature::makers(Whose::Vehicle);
        $told = Nature::chosen(Whose::Vehicle)->lasting();
        $job = Nature::chosen(Whose::Job)->reading();
        $speed = Make::quantity('engine.power_speed', $demand, 'Speed of that power', Range::of(Dimension::Speed, 50, 20_000));
        $torque = Make::quantity('engine.peak_torque', $demand, 'Peak torque', Range::of(Dimension::Torque, 5, 6000));

        return [
            $torque->is($engine),
            Make::quantity('engine.power', $demand, 'Power', Range::of(Dimension::Power, 500, 1_500_000))
                ->how('with the speed it is made at')->is($engine),
            $speed->is($engine),
            self::curve('engine.curve', 'Torque curve', 'one line a point: speed, torque', $torque, $speed),
            self::curve('engine.curve_before', 'Torque curve before the modification', 'of the engine as it left its maker', $torque,
                $speed),
            Make::choice('engine.measured_at', $demand, 'Measured', MeasuredAt::cases())->is($told),
            Make::share('engine.driveline_loss', $demand, 'Driveline loss', 0, 0.6)->how('only for figures measured at the wheels')
                ->is($told),
            Make::share('engine.uplift', $demand, 'Uplift by modification', -0.9, 5)->is($told),
            Make::quantity('engine.speed_limit', $demand, 'Engine speed limit', Range::of(Dimension::Speed, 300, 20_000))->is($engine),
            Make::choice('duty', $demand, 'Duty', Duty::cases())->is($told),
            Make::ratio('demand.reserve_wanted', $demand, 'Reserve for this job', 1, 10)->how('that of the duty when left out')->is($job),
            Make::text('demand.reserve_reason', $demand, 'Why this reserve')->is($job->mayName()),
            Make::quantity('engine.pto_power', $demand, 'Rated power of the take-off', Range::of(Dimension::Power, 500, 1_500_000))
                ->is($engine),
            Make::quantity('engine.pto_engine_speed', $demand, 'Engine speed at that power', Range::of(Dimension::Speed, 300, 20_000))
                ->is($engine),
        ];
    }

    private static function curve(string $key, string $label, string $how, Field $torque, Field $speed): Field
    {
        return (new Field($key, Kind::Curve, Station::Demand, $label, Dimension::Torque, $torque->range, how: $how, along: $speed))
            ->is(Nature::makers(Whose::Vehicle));
    }
}
