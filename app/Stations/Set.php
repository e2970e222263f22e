<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;

/** Set: what is set and measured with the clutch closed. */
final readonly class Set
{
    private const TRUCK = ['truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'];

    private const TWO_STAGE = ['two_stage.travel_total', 'two_stage.travel_to_first', 'two_stage.air_gap_travel',
        'two_stage.air_gap_take_off', 'two_stage.lever_heights'];

    public const CLEARANCE = ['release.depth_to_fingers', 'release.bearing_height', 'release.clearance_target', 'release.shim_stock'];

    private const MEMBERS = [
        'Pedal' => ['release.free_play_target', 'release.rod_pitch', 'release.firm_again'],
        'Between' => ['release.master_stroke_max', 'release.slave_stroke_max', 'release.self_adjusting'],
        'Fork and bearing' => ['release.light_contact', 'release.slave_stroke_left', 'release.rod_adjustable', 'release.efficiency'],
        'Disc' => ['release.air_gap_measured'],
    ];

    private const MOVED = ['release.pad_moved', 'release.rod_moved', 'release.fork_end_moved', 'release.bearing_moved',
        'release.plate_moved'];

    private const BLOCKED = ['hydraulics.blocked_travel', 'hydraulics.blocked_from', 'hydraulics.blocked_pressure', 'hydraulics.proof'];

    /**
     * @param  list<string>  $truck  what is set on a truck, each for itself
     * @param  list<string>  $twoStage
     * @param  list<string>  $clearance  what the clearance of the bearing is worked out from
     * @param  bool  $isTruck  brake, bearing, fork and free pedal are set each for itself
     * @param  bool  $isHydraulic  there is a line to bleed
     * @param  array<string, list<string>>  $members  what is asked on each part of the chain
     * @param  list<string>  $moved  the ends of one press of the pedal
     * @param  list<string>  $blocked  what tells of air in the line
     * @param  string  $fromStrip  what was cut there and is reckoned with here; empty where nothing was
     */
    private function __construct(
        public array $truck,
        public array $twoStage,
        public array $clearance,
        public bool $isTruck,
        public bool $isHydraulic,
        public array $members,
        public array $moved,
        public array $blocked,
        public string $fromStrip,
    ) {
    }

    public static function of(Entries $entries): self
    {
        return new self(
            self::TRUCK, self::TWO_STAGE, self::CLEARANCE, $entries->asksAny(...self::TRUCK), $entries->asksAny(...self::BLOCKED),
            array_filter(self::MEMBERS, static fn (array $keys): bool => $entries->asksAny(...$keys)), self::MOVED, self::BLOCKED,
            FromStrip::said($entries->job),
        );
    }
}
