<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Sheet\Place;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** The tests from outside. How they are done is common practice, no source; minutes are from memory. */
final class Tests
{
    private const HYDRAULIC = [Actuation::Slave, Actuation::Concentric];

    private const FORKED = [Actuation::Cable, Actuation::Rod, Actuation::Slave, Actuation::Pull];

    private const RUNNING = 'Clear ahead, level, chocks ready, brake on, nobody in front or behind.';

    private const HOLE = 'Key out; nobody at the pedal while fingers are at the hole.';

    /** @var array<string, OutsideTest>|null */
    private static ?array $all = null;

    /** @return array<string, OutsideTest> */
    public static function all(): array
    {
        return self::$all ??= array_column(
            array_map(static fn (OutsideTest $t): array => [$t->id, $t], [
                new OutsideTest(
                    't_slip',
                    'Slip test',
                    'Warm engine, short, clear road, high gear, low revs, full throttle.',
                    'revs climb ahead of the speed',
                    6,
                    engineRuns: true,
                    caution: 'By a licensed driver, within the law; short.',
                    place: Place::Road,
                ),
                new OutsideTest(
                    't_reverse',
                    'Reverse test',
                    'Pedal down at idle, wait five seconds, select reverse.',
                    'it grinds',
                    2,
                    engineRuns: true,
                    caution: self::RUNNING,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_firm',
                    'Full pedal, slowly',
                    'Press the pedal slowly to the floor.',
                    'a second firmness just before the floor',
                    1,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_hold',
                    'Hold the pedal',
                    'Hold the pedal down for 30 seconds with a steady foot.',
                    'it sinks',
                    2,
                    actuations: self::HYDRAULIC,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_blocked',
                    'Blocked slave',
                    'Clamp the slave so that it cannot move; press the pedal.',
                    'the pedal still gives',
                    25,
                    actuations: self::HYDRAULIC,
                    caution: 'Eye protection; never press the pedal with the piston free.',
                ),
                new OutsideTest(
                    't_leak',
                    'Look for fluid',
                    'Reservoir, footwell, pipe, slave boot, underside of the housing.',
                    'wet somewhere',
                    5,
                    actuations: self::HYDRAULIC,
                    isLook: true,
                    place: Place::EngineBay,
                ),
                new OutsideTest(
                    't_pedal_box',
                    'Look behind the pedal',
                    'Torch in the footwell: pushrod boot, carpet, bulkhead.',
                    'wet in the pedal box',
                    3,
                    actuations: self::HYDRAULIC,
                    isLook: true,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_bleeder',
                    'Open the bleeder at rest',
                    'Warm, pedal up: open the bleeder a moment.',
                    'fluid comes out under pressure',
                    5,
                    caution: 'Eye protection; fluid off skin and paint.',
                    actuations: self::HYDRAULIC,
                ),
                new OutsideTest(
                    't_cable',
                    'Look along the cable',
                    'Both ends, the adjuster and every bend, a helper at the pedal.',
                    'frayed, stretched, or its adjuster slips',
                    5,
                    needsHelper: true,
                    actuations: [Actuation::Cable],
                    isLook: true,
                    place: Place::EngineBay,
                ),
                new OutsideTest(
                    't_slacken',
                    'Slacken and try again',
                    'Give the linkage more free play than it needs and drive.',
                    'the fault is gone',
                    10,
                    actuations: self::FORKED,
                ),
                new OutsideTest(
                    't_stroke',
                    'Stroke at the fork',
                    'Measure how far the fork end or slave moves for a full pedal.',
                    'less than it should be',
                    10,
                    needsHelper: true,
                    actuations: self::FORKED,
                ),
                new OutsideTest(
                    't_fork',
                    'Watch the fork end',
                    'A helper presses the pedal; watch the end of the fork.',
                    'it bends, jumps or moves unevenly',
                    5,
                    needsHelper: true,
                    actuations: self::FORKED,
                    isLook: true,
                ),
                new OutsideTest(
                    't_bulkhead',
                    'Watch bulkhead and bracket',
                    'A helper presses the pedal; watch whether pad and master move together.',
                    'the bulkhead or bracket moves',
                    5,
                    needsHelper: true,
                    actuations: [Actuation::Cable, Actuation::Slave, Actuation::Concentric, Actuation::Pull],
                    isLook: true,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_window',
                    'Window test',
                    'Engine at idle; let the pedal down slowly and try a gear all the way.',
                    'the gear drops in part-way down and locks beyond',
                    5,
                    engineRuns: true,
                    caution: self::RUNNING,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_oil',
                    'Look through the hole for oil',
                    'Light and mirror at the inspection hole.',
                    'oil or grease inside',
                    10,
                    caution: self::HOLE,
                    isLook: true,
                ),
                new OutsideTest(
                    't_finger',
                    'Look through the hole at the fingers',
                    'Turn the engine by hand; look at every finger or lever.',
                    'one stands low or is broken',
                    10,
                    caution: self::HOLE,
                    isLook: true,
                ),
                new OutsideTest(
                    't_listen',
                    'Listen while pressing lightly',
                    'Engine at idle, press until the bearing just touches.',
                    'noise starts as the pedal takes up',
                    3,
                    engineRuns: true,
                    caution: self::RUNNING,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_stethoscope',
                    'Stethoscope on the gearbox',
                    'Engine at idle in neutral, pedal up; listen at the input bearing.',
                    'rough at the gearbox',
                    10,
                    engineRuns: true,
                    caution: self::RUNNING,
                ),
                new OutsideTest(
                    't_pry',
                    'Mounts, joints, brakes',
                    'Pry at the mounts, turn the wheels, feel the joints.',
                    'something is loose or drags',
                    12,
                ),
                new OutsideTest(
                    't_rev',
                    'Rev slightly',
                    'At idle with the rattle, raise the revs a little.',
                    'the rattle is gone',
                    1,
                    engineRuns: true,
                    caution: self::RUNNING,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_bolts',
                    'Flywheel bolts through the starter hole',
                    'Starter out, lever the flywheel.',
                    'the flywheel moves on the crank',
                    25,
                    isLook: true,
                ),
                new OutsideTest(
                    't_brake',
                    'Look at the clutch brake',
                    'Inspection hole, engine off.',
                    'worn or missing',
                    10,
                    caution: self::HOLE,
                    classes: [VehicleClass::Truck],
                    isLook: true,
                ),
                new OutsideTest(
                    't_levers',
                    'Lever heights',
                    'Measure every lever through the hole.',
                    'uneven',
                    15,
                    caution: self::HOLE,
                    classes: [VehicleClass::Tractor],
                    isLook: true,
                    twoStage: true,
                ),
                new OutsideTest(
                    't_rock',
                    'Rock it in gear',
                    'Engine off, top gear, pedal down: rock the vehicle.',
                    'it does not roll free',
                    5,
                    place: Place::Cab,
                ),
                new OutsideTest(
                    't_capacity',
                    'Compute the capacity',
                    'Engine torque against what this clutch carries.',
                    'the clutch is too weak',
                    5,
                    place: Place::Desk,
                ),
                new OutsideTest(
                    't_dmf',
                    'Play and rock of the flywheel',
                    'Through the starter hole: turn and rock the outer mass.',
                    "beyond the maker's figure",
                    20,
                    flywheel: FlywheelKind::DualMass,
                    isLook: true,
                ),
            ]),
            1,
            0,
        );
    }
}
