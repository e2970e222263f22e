<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Set: the pedal against a blocked slave, and how a bleeding was proved. */
final class HydraulicsFields
{
    /** No way of bleeding has more. */
    public const MOST_STEPS = 6;

    public const STEPS_DONE = 'hydraulics.steps_done';

    private const COUNTED = 'hydraulics.counted_';

    /** @return list<Field> */
    public static function all(): array
    {
        $set = Station::Set;
        $job = Nature::chosen(Whose::Job);
        $rule = Instrument::SteelRule;

        return [
            Make::fromZero('hydraulics.blocked_travel', $set, 'Pedal travel with the slave blocked', Dimension::Length, 400)
                ->takenWith($rule)
                ->is(Nature::measured(Whose::Actuation, Place::Cab, 5)),
            Make::words('hydraulics.blocked_from', Kind::Word, $set, 'That travel counts from', [
                'contact' => 'Where the pedal meets resistance', 'top' => 'The top of the pedal, free play and all',
            ])->how('where it meets resistance when left out')->is($job),
            Make::quantity(
                'hydraulics.blocked_pressure', $set, 'Line pressure with the slave blocked',
                Range::of(Dimension::Pressure, 1, 20_000),
            )
                ->is(Nature::measured(Whose::Actuation, Place::UnderVehicle, 5)),
            Make::quantity('hydraulics.blocked_foot_force', $set, 'Foot on the pedal, slave blocked', Range::of(Dimension::Force, 1, 2000))
                ->how('where no gauge is in the line')->is(Nature::measured(Whose::Actuation, Place::Cab, 2)),
            Make::fromZero('release.hose_swelling', $set, 'The hose swells by, at the pad', Dimension::Length, 20)->takenWith($rule)
                ->how('same foot, line known to be without air; 0 to 3 mm are usual')->is(Nature::measured(Whose::Actuation, Place::Cab)),
            Make::choice('hydraulics.fluid_wanted', $set, 'Fluid the maker names', Fluid::cases())->is(Nature::makers(Whose::Actuation)),
            Make::choice('hydraulics.fluid', $set, 'Fluid that goes in', Fluid::cases())->how('off paint, skin and eyes')
                ->is($job->at(Place::EngineBay)),
            Make::choice('hydraulics.school', $set, 'Bled by', BleedingSchool::cases())->how("the shop's own way when left out")->is($job),
            Make::words(self::STEPS_DONE, Kind::Words, $set, 'Steps done', self::steps())->is($job->at(Place::UnderVehicle)->minutes(15)),
            Make::count('hydraulics.rounds', $set, 'Rounds or strokes counted', 200)->is($job),
            ...self::counters(),
            Make::choice('hydraulics.proof', $set, 'Proof of the bleeding', BleedProof::cases())
                ->how('the pedal against a blocked slave, or firm and without bubbles twice running')
                ->is(Nature::measured(Whose::Job, Place::Cab, 3)->proof()),
        ];
    }

    /** Where it is counted how often a step was done. */
    public static function counted(int $step): string
    {
        return self::COUNTED.$step;
    }

    /** The word by which a step is ticked. */
    public static function step(int $step): string
    {
        return "s{$step}";
    }

    /** @return list<Field> */
    private static function counters(): array
    {
        return array_map(
            static fn (int $n): Field => Make::count(self::counted($n), Station::Set, "Counted at step {$n}", 200)
                ->is(Nature::measured(Whose::Job, Place::UnderVehicle)),
            range(1, self::MOST_STEPS),
        );
    }

    /** @return array<string, string> by the word that stands for each */
    private static function steps(): array
    {
        $steps = [];
        for ($n = 1; $n <= self::MOST_STEPS; $n++) {
            $steps["s{$n}"] = (string) $n;
        }

        return $steps;
    }
}
