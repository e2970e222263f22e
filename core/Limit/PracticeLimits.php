<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Quantity\Dimension;
use Spindle\Vehicle\VehicleClass;

/**
 * The built-in limits: what the trade goes by when the maker says nothing.
 *
 * One row a limit and group of classes. Figures in the base unit of the dimension. Every row carries its mark; a figure
 * marked M is a default from memory for the shop to change, CP is common practice without a source.
 */
final class PracticeLimits
{
    private const LIGHT = [VehicleClass::Car, VehicleClass::Van];

    private const HEAVY = [VehicleClass::Truck, VehicleClass::Tractor];

    private const ALL = [VehicleClass::Car, VehicleClass::Van, VehicleClass::Truck, VehicleClass::Tractor];

    /** @var list<PracticeRow>|null */
    private static ?array $rows = null;

    /** @var array<string, list<PracticeRow>>|null */
    private static ?array $byName = null;

    /**
     * The built-in limit of this name for a class of vehicle, or nothing where only the maker can say.
     */
    public static function find(string $name, ?VehicleClass $class): ?Limit
    {
        foreach (self::named($name) as $row) {
            if ($class === null ? $row->classes === self::ALL : in_array($class, $row->classes, true)) {
                return $row->limit();
            }
        }

        return null;
    }

    public static function has(string $name): bool
    {
        return self::named($name) !== [];
    }

    /** @return list<PracticeRow> those of one name, for different classes */
    private static function named(string $name): array
    {
        if (self::$byName === null) {
            foreach (self::rows() as $row) {
                self::$byName[$row->name][] = $row;
            }
        }

        return self::$byName[$name] ?? [];
    }

    /** @return list<PracticeRow> */
    public static function rows(): array
    {
        return self::$rows ??= self::table();
    }

    /** @return list<PracticeRow> */
    private static function table(): array
    {
        $mm = Dimension::Length;
        $ratio = Dimension::Ratio;
        $m = Mark::FromMemory;
        $cp = Mark::CommonPractice;

        return [
            new PracticeRow('disc.rivet_depth', self::ALL, $mm, $m, min: 0.3, watchMin: 0.5, note: 'below the rivets the flywheel is cut'),
            new PracticeRow('wear.percent', self::ALL, $ratio, $m, max: 0.80, watchMax: 0.50, edgeIsOut: true, note: 'share of the usable lining'),
            new PracticeRow('disc.runout', self::LIGHT, $mm, $m, max: 0.5, note: 'lateral, at the rim'),
            new PracticeRow('disc.runout', self::HEAVY, $mm, $m, max: 0.8, note: 'lateral, at the rim'),
            new PracticeRow('disc.hub_play', self::ALL, $mm, $m, max: 0.4, note: 'on the shaft, at the rim'),
            new PracticeRow('disc.reading_spread', self::ALL, $mm, $m, watchMax: 0.5, note: 'places of one reading that differ by as much are not one number'),
            new PracticeRow('disc.wear_disagreement', self::ALL, $mm, $m, watchMax: 0.3, note: 'wear by thickness against wear by the rivets; more, and one of them is wrong'),
            new PracticeRow('disc.wear_difference', self::ALL, $mm, $m, watchMax: 0.4, note: 'flywheel side against cover side'),

            new PracticeRow('cover.flatness', self::LIGHT, $mm, $m, max: 0.15),
            new PracticeRow('cover.flatness', self::HEAVY, $mm, $m, max: 0.25),
            new PracticeRow('cover.finger_wear', self::ALL, $mm, $m, max: 0.5, note: "depth of the bearing's track"),
            new PracticeRow('cover.finger_evenness', self::ALL, $mm, $m, max: 0.7, note: 'diaphragm fingers'),
            new PracticeRow('cover.lever_evenness', self::ALL, $mm, $m, max: 0.4, note: 'levers'),

            new PracticeRow('cover.clamp_load_percent', self::ALL, $ratio, $m, min: 0.90, note: 'on the press, of new'),
            new PracticeRow('cover.spring_evenness', self::ALL, $mm, $m, max: 1.0, note: 'free length of the coil springs'),
            new PracticeRow('fork.clamp_load_percent', self::ALL, $ratio, $m, watchMax: 1.30, note: 'of the new kit over the old: fork and pivot may want more'),

            new PracticeRow('flywheel.face_runout_share', self::ALL, $ratio, $m, max: 0.0005, note: 'of the measuring diameter'),
            new PracticeRow('flywheel.flatness', self::ALL, $mm, $m, max: 0.10),
            new PracticeRow('pilot.play', self::ALL, $mm, $m, max: 0.25, note: 'of the shaft in a bush'),

            new PracticeRow('intermediate.pin_clearance', [VehicleClass::Truck], $mm, $cp, min: 0.15, note: '0.006 in on the same side of every pin, taken as the least'),
            new PracticeRow('two_stage.lever_evenness', [VehicleClass::Tractor], $mm, $m, max: 0.4, note: 'all levers of both stages'),
            new PracticeRow('two_stage.first_release_percent', [VehicleClass::Tractor], $ratio, $cp, min: 0.45, max: 0.55, note: 'of the whole release travel: half frees the travel disc'),
            new PracticeRow('two_stage.air_gap_face', [VehicleClass::Tractor], $mm, $m, min: 0.4, note: 'each face, travel disc at half and take-off disc at full travel'),

            new PracticeRow('capacity.margin_tolerance', self::ALL, $ratio, $m, min: 0.95, note: 'of the reserve; near between this and the reserve'),
            new PracticeRow('capacity.floor_margin', self::ALL, $ratio, $m, min: 1.05, note: 'worn or hot, over engine torque'),

            new PracticeRow('release.clearance', self::ALL, $mm, $m, min: 2.5, max: 5.1, note: 'target 3.8 mm is common practice'),
            new PracticeRow('release.clearance_spread', self::ALL, $mm, $m, max: 0.5, note: 'a wider spread is not one number'),
            new PracticeRow('release.air_gap_face', self::ALL, $mm, $cp, min: 0.4, watchMin: 0.5, watchMax: 0.8, note: 'each face, fully released; the upper bound is from memory'),
            new PracticeRow('release.take_up_percent', self::ALL, $ratio, $cp, min: 0.30, max: 0.70, note: 'above the floor'),
            new PracticeRow('release.pedal_force', self::LIGHT, Dimension::Force, $m, max: 180.0, watchMax: 120.0),
            new PracticeRow('release.pedal_force', self::HEAVY, Dimension::Force, $m, max: 250.0, watchMax: 200.0),
            new PracticeRow('release.free_play', self::LIGHT, $mm, $cp, min: 5.0, max: 15.0, note: 'at the pad, fork type'),
            new PracticeRow('release.free_play', [VehicleClass::Tractor], $mm, $m, min: 20.0, max: 30.0, note: 'at the pad'),
            new PracticeRow('release.free_play', [VehicleClass::Truck], $mm, $cp, min: 38.0, max: 64.0, note: 'free pedal'),
            new PracticeRow('release.free_play_in_contact', self::ALL, $mm, $m, min: 1.0, max: 5.0, note: "to the master's pushrod, hydraulics of any class"),
            new PracticeRow('release.wear_budget', self::ALL, $mm, $m, min: 0.3, note: 'lining wear the release still follows; near while it covers less than the share at which a disc is replaced'),
            new PracticeRow('truck.bearing_gap', self::ALL, $mm, $cp, min: 12.7, max: 14.3, note: '½ in, pedal up; the upper edge is from memory'),
            new PracticeRow('truck.fork_play', self::ALL, $mm, $cp, min: 2.5, max: 4.0, note: '⅛ in; the edges are from memory'),
            new PracticeRow('truck.free_pedal', self::ALL, $mm, $cp, min: 38.0, max: 64.0, note: '1½ to 2½ in'),
            new PracticeRow('truck.brake_squeeze', [VehicleClass::Truck], $mm, $m, max: 25.0, note: 'the clutch brake meets in the last inch of pedal'),
        ];
    }
}
