<?php

declare(strict_types=1);

namespace Spindle\Intake;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/** Intake: the vehicle, its build, its meters, the complaint. */
final class IntakeFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $intake = Station::Intake;

        return [
            Make::text('vehicle.name', $intake, 'Vehicle', 'make and model as the shop calls it'),
            Make::text('vehicle.plate', $intake, 'Plate'),
            Make::text('vehicle.number', $intake, 'Identification number'),
            Make::choice('vehicle.class', $intake, 'Class', VehicleClass::cases()),
            Make::choice('vehicle.actuation', $intake, 'Actuation', Actuation::cases(), 'what stands between pedal and release bearing'),
            Make::choice('vehicle.flywheel', $intake, 'Flywheel', FlywheelKind::cases()),
            Make::text('vehicle.engine', $intake, 'Engine'),
            Make::text('vehicle.gearbox', $intake, 'Gearbox'),
            Make::words('vehicle.drive', Kind::Word, $intake, 'Drive', [
                'front' => 'Front wheels',
                'rear' => 'Rear wheels',
                'all' => 'All wheels',
            ]),
            Make::choice('vehicle.pilot', $intake, 'Pilot bearing or bush', PilotSeat::cases(), 'what carries the tip of the shaft'),
            Make::words('vehicle.adjusting', Kind::Word, $intake, 'Adjustment of the clutch', [
                'manual' => 'By hand, with a ring',
                'self' => 'Self-adjusting',
            ]),
            Make::words('vehicle.discs', Kind::Word, $intake, 'Discs', ['one' => 'One', 'two' => 'Two']),
            Make::words('vehicle.stages', Kind::Word, $intake, 'Stages', [
                'single' => 'Single: one disc',
                'two' => 'Two: travel disc and take-off disc',
            ]),
            Make::words('vehicle.take_off', Kind::Word, $intake, 'Power take-off', [
                'none' => 'None',
                'clutch' => 'Through this clutch',
                'own' => 'With a clutch of its own',
            ]),
            Make::quantity(
                'vehicle.take_off_speed',
                $intake,
                'Rated speed of the take-off',
                Dimension::Speed,
                50,
                3000,
                how: 'at the shaft',
            ),
            Make::words(
                'vehicle.rotation',
                Kind::Word,
                $intake,
                'Engine turns',
                ['clockwise' => 'Clockwise', 'anticlockwise' => 'Anticlockwise'],
                'seen from the flywheel end',
            ),
            Make::text('vehicle.modifications', $intake, 'Modifications', 'engine, clutch, wheels, loads it was not built for'),
            Make::count('vehicle.spline_count', $intake, 'Splines on the shaft', 60, 'count them on the input shaft'),
            Make::quantity(
                'vehicle.spline_diameter',
                $intake,
                'Spline outside diameter',
                Dimension::Length,
                8,
                120,
                Instrument::Calliper,
                how: 'over the teeth of the input shaft',
            ),
            Make::quantity(
                'vehicle.friction_outer',
                $intake,
                'Flywheel friction face, outer diameter',
                Dimension::Length,
                80,
                600,
                Instrument::Calliper,
            ),
            Make::text('complaint', $intake, 'Complaint', "in the customer's words"),
            Make::fromZero('odometer', $intake, 'Odometer now', Dimension::Distance, 5_000_000),
            Make::fromZero('odometer_at_fitting', $intake, 'Odometer when the clutch was fitted', Dimension::Distance, 5_000_000),
            Make::fromZero('hour_meter', $intake, 'Hour meter now', Dimension::Duration, 200_000, unit: 'h'),
            Make::fromZero(
                'hour_meter_at_fitting',
                $intake,
                'Hour meter when the clutch was fitted',
                Dimension::Duration,
                200_000,
                unit: 'h',
            ),
            new Field('promised_on', Kind::Date, $intake, 'Promised for', how: 'day: 2026-12-01'),
            Make::words(
                'waits_for',
                Kind::Word,
                $intake,
                'The job waits for',
                ['parts' => 'Parts', 'check' => 'A check by somebody else'],
                'nothing, while it is worked on',
            ),
            new Field('fitted_on', Kind::Date, $intake, 'Clutch fitted', how: 'year, month or day: 2024, 2024-05, 2024-05-17'),
            Make::fromZero(
                'distance_since_fitted',
                $intake,
                'Distance since the clutch was fitted',
                Dimension::Distance,
                3_000_000,
                how: 'left out, the two odometers say it',
            ),
            Make::fromZero(
                'time_since_fitted',
                $intake,
                'Hours since the clutch was fitted',
                Dimension::Duration,
                100_000,
                how: 'left out, the two hour meters say it',
            ),
        ];
    }
}
