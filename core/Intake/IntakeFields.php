<?php

declare(strict_types=1);

namespace Spindle\Intake;

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
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/** Intake: the vehicle, its build, its meters, the complaint. */
final class IntakeFields
{
    /** Who keeps the vehicle, in the order in which it is said. */
    public const KEEPER = ['keeper.name', 'keeper.fleet', 'keeper.telephone', 'keeper.mail'];

    /** @return list<Field> */
    public static function all(): array
    {
        $intake = Station::Intake;
        $vehicle = Nature::chosen(Whose::Vehicle)->lasting();
        $size = Nature::measured(Whose::Vehicle, Place::OpenedHousing)->lasting();
        $meter = Nature::measured(Whose::Vehicle, Place::Cab)->reading();
        $before = Nature::chosen(Whose::OldClutch)->reading();
        $job = Nature::chosen(Whose::Job);

        return [
            Make::text('vehicle.name', $intake, 'Vehicle')->how('make and model as the shop calls it')->is($vehicle),
            Make::text('vehicle.plate', $intake, 'Plate')->is($vehicle->identity()),
            Make::text('vehicle.number', $intake, 'Identification number')->is($vehicle->identity()),
            Make::text('keeper.name', $intake, 'Keeper')->how('who brings it, or whose it is')->is($vehicle->identity()),
            Make::text('keeper.telephone', $intake, 'Keeper: telephone')->is($vehicle->identity()),
            Make::text('keeper.mail', $intake, 'Keeper: mail')->is($vehicle->identity()),
            Make::text('keeper.fleet', $intake, 'Fleet number')->is($vehicle->identity()),
            Make::choice('vehicle.class', $intake, 'Class', VehicleClass::cases())->is($vehicle),
            Make::choice('vehicle.actuation', $intake, 'Actuation', Actuation::cases())
                ->how('what stands between pedal and release bearing')
                ->is($vehicle),
            Make::choice('vehicle.flywheel', $intake, 'Flywheel', FlywheelKind::cases())->is($vehicle->asKit('flywheel_kind')),
            Make::text('vehicle.engine', $intake, 'Engine')->is($vehicle),
            Make::text('vehicle.gearbox', $intake, 'Gearbox')->is($vehicle),
            Make::words('vehicle.drive', Kind::Word, $intake, 'Drive', [
                'front' => 'Front wheels',
                'rear' => 'Rear wheels',
                'all' => 'All wheels',
            ])->is($vehicle),
            Make::choice('vehicle.pilot', $intake, 'Pilot bearing or bush', PilotSeat::cases())->how('what carries the tip of the shaft')
                ->is($vehicle),
            Make::words('vehicle.adjusting', Kind::Word, $intake, 'Adjustment of the clutch', [
                'manual' => 'By hand, with a ring',
                'self' => 'Self-adjusting',
            ])->is($vehicle),
            Make::words('vehicle.discs', Kind::Word, $intake, 'Discs', ['one' => 'One', 'two' => 'Two'])->is($vehicle),
            Make::words('vehicle.assistance', Kind::Word, $intake, 'Help for the foot', ['none' => 'None', 'air' => 'Air'])
                ->how('a booster at the slave, fed from the brake air')->is($vehicle),
            Make::words('vehicle.stages', Kind::Word, $intake, 'Stages', [
                'single' => 'Single: one disc',
                'two' => 'Two: travel disc and take-off disc',
            ])->is($vehicle),
            Make::words('vehicle.take_off', Kind::Word, $intake, 'Power take-off', [
                'none' => 'None',
                'clutch' => 'Through this clutch',
                'own' => 'With a clutch of its own',
            ])->is($vehicle),
            Make::quantity('vehicle.take_off_speed', $intake, 'Rated speed of the take-off', Range::of(Dimension::Speed, 50, 3000))
                ->how('at the shaft')->is($vehicle),
            Make::words(
                'vehicle.rotation', Kind::Word, $intake, 'Engine turns',
                ['clockwise' => 'Clockwise', 'anticlockwise' => 'Anticlockwise'],
            )
                ->how('seen from the flywheel end')->is($vehicle),
            Make::text('vehicle.modifications', $intake, 'Modifications')->how('engine, clutch, wheels, loads it was not built for')
                ->is($vehicle->mayName()),
            Make::count('vehicle.spline_count', $intake, 'Splines on the shaft', 60)->how('count them on the input shaft')
                ->is($size->drawn(Drawing::Disc, 'splines')),
            Make::quantity('vehicle.spline_diameter', $intake, 'Spline outside diameter', Range::of(Dimension::Length, 8, 120))
                ->takenWith(Instrument::Calliper)->how('over the teeth of the input shaft')->is($size->drawn(Drawing::Disc, 'splines')),
            Make::quantity(
                'vehicle.friction_outer', $intake, 'Flywheel friction face, outer diameter',
                Range::of(Dimension::Length, 80, 600),
            )
                ->takenWith(Instrument::Calliper)->is($size->asKit('flywheel_friction_outer')->drawn(Drawing::Flywheel, 'face')),
            Make::text('complaint', $intake, 'Complaint')->how("in the customer's words")->is($job->mayName()),
            Make::fromZero('odometer', $intake, 'Odometer now', Dimension::Distance, 5_000_000)->is($meter),
            Make::fromZero('odometer_at_fitting', $intake, 'Odometer when the clutch was fitted', Dimension::Distance, 5_000_000)
                ->is($before->lasting()->asFitted('odometer')),
            Make::fromZero('hour_meter', $intake, 'Hour meter now', Dimension::Duration, 200_000)->in('h')->is($meter),
            Make::fromZero('hour_meter_at_fitting', $intake, 'Hour meter when the clutch was fitted', Dimension::Duration, 200_000)
                ->in('h')->is($before->lasting()->asFitted('hour_meter')),
            (new Field('promised_on', Kind::Date, $intake, 'Promised for', how: 'a day, as you write it'))->is($job->reading()),
            Make::words('waits_for', Kind::Word, $intake, 'The job waits for', ['parts' => 'Parts', 'check' => 'A check by somebody else'])
                ->how('nothing, while it is worked on')->is($job->reading()),
            (new Field('fitted_on', Kind::Date, $intake, 'Clutch fitted', how: 'year, month or day, as you write it'))
                ->is($before->lasting()->asFitted(Nature::DAY)),
            Make::fromZero('distance_since_fitted', $intake, 'Distance since the clutch was fitted', Dimension::Distance, 3_000_000)
                ->how('left out, the two odometers say it')->is($before),
            Make::fromZero('time_since_fitted', $intake, 'Hours since the clutch was fitted', Dimension::Duration, 100_000)
                ->how('left out, the two hour meters say it')->is($before),
        ];
    }
}
