<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Release\Adjuster;
use Spindle\Release\MeasuredGap;
use Spindle\Release\TwoStages;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Nature;
use Spindle\Triage\Outcome;

/** Set: what is set and measured with the clutch closed. */
final readonly class Set
{
    /** Before the name of a fold of readings that are taken once more. */
    public const LEFT = 'left-';

    private const TRUCK = ['truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'];

    /** Where in the pedal the brake meets: it moves with the ring. */
    public const SQUEEZE = 'truck.brake_squeeze';

    private const TWO_STAGE = ['two_stage.travel_total', 'two_stage.travel_to_first', 'two_stage.air_gap_travel',
        'two_stage.air_gap_take_off', 'two_stage.lever_heights', 'two_stage.bolt_gap', 'two_stage.bolt_pitch', 'two_stage.bolt_turns',
        TwoStages::RATIO, TwoStages::BEGINS, TwoStages::CUSHION, TwoStages::LOSS];

    public const CLEARANCE = ['release.depth_to_fingers', 'release.bearing_height', 'release.clearance_target', 'release.shim_stock',
        'release.shims_fitted'];

    /** Of the clearance what is read once more; all else that is set is of the chain. */
    private const GAP = ['release.depth_to_fingers', 'release.bearing_height', 'release.clearance'];

    private const MEMBERS = [
        'Pedal' => ['release.free_play_target', 'release.rod_pitch', Adjuster::AT, Adjuster::LONGER,
            'release.firm_again', 'release.pedal_force_measured',
            'release.take_up_height'],
        'Between' => ['release.booster_stroke', 'release.master_stroke_max', 'release.slave_stroke_max', 'release.self_adjusting'],
        'Fork and bearing' => ['release.light_contact', 'release.slave_stroke_left', 'release.rod_adjustable', 'release.efficiency'],
        'Disc' => [MeasuredGap::READING],
    ];

    /** What few jobs need, by the name of its fold. */
    private const FOLDED = [
        'gaps' => ['release.gap1_engine', 'release.gap1_gearbox', 'release.gap2_engine', 'release.gap2_gearbox'],
        'moved' => ['release.pad_moved', 'release.rod_moved', 'release.fork_end_moved', 'release.bearing_moved', 'release.plate_moved'],
        'air' => ['hydraulics.blocked_travel', 'hydraulics.blocked_from', 'hydraulics.blocked_pressure', 'hydraulics.blocked_foot_force',
            'release.hose_swelling'],
    ];

    /**
     * @param  list<string>  $truck  what is set on a truck, each for itself
     * @param  list<string>  $twoStage
     * @param  list<string>  $clearance  what the clearance of the bearing is worked out from
     * @param  list<string>  $chainLeft  what is set of the chain, and read as it was left
     * @param  list<string>  $clearanceLeft  the same of the clearance
     * @param  list<string>  $twoStageLeft  the same of the two stages
     * @param  bool  $isTruck  brake, bearing, fork and free pedal are set each for itself
     * @param  bool  $isHydraulic  there is a line to bleed
     * @param  bool  $bleedsFirst  the job is a bleeding, and that stands before all else
     * @param  array<string, list<string>>  $members  what is asked on each part of the chain
     * @param  string  $fromStrip  what was cut there and is reckoned with here; empty where nothing was
     */
    private function __construct(
        public array $truck,
        public array $twoStage,
        public array $clearance,
        public array $chainLeft,
        public array $clearanceLeft,
        public array $twoStageLeft,
        public bool $isTruck,
        public bool $isHydraulic,
        public bool $bleedsFirst,
        public array $members,
        public string $fromStrip,
        private Entries $entries,
    ) {
    }

    public static function of(Entries $entries): self
    {
        $dictionary = $entries->job->sheet->dictionary;
        $set = $dictionary->having(static fn (Nature $n): bool => $n->isSet);
        $again = array_values(array_filter(
            self::TWO_STAGE, static fn (string $key): bool => $dictionary->isReadAgain($dictionary->get($key)),
        ));

        return new self(
            self::TRUCK, self::TWO_STAGE, self::CLEARANCE, array_values(array_diff($set, self::GAP)), self::GAP, $again,
            $entries->asksAny(...self::TRUCK), $entries->asksAny(...self::FOLDED['air']),
            $entries->job->assessment->reach?->outcome === Outcome::Bleed,
            array_filter(self::MEMBERS, static fn (array $keys): bool => $entries->asksAny(...$keys)),
            FromStrip::said($entries->job), $entries,
        );
    }

    /** @return list<string> what a fold holds of readings taken once more, under the names of before; nothing where it is none */
    public function left(string $name): array
    {
        return match ($name) {
            self::LEFT.'truck' => [...$this->truck, self::SQUEEZE],
            self::LEFT.'two-stage' => $this->twoStageLeft,
            self::LEFT.'chain' => $this->chainLeft,
            self::LEFT.'clearance' => $this->clearanceLeft,
            default => [],
        };
    }

    /** @return list<string> what a fold holds of what few jobs need; nothing where it is none */
    public function folded(string $name): array
    {
        return self::FOLDED[$name] ?? [];
    }

    /** Whether it stands open: something in it was entered, is needed, was asked for by its link, or was refused. */
    public function shows(string $name): bool
    {
        $keys = $this->folded($name);

        return $this->entries->job->sheet->foundValues()->hasAny(...$keys)
            || array_filter($keys, $this->entries->job->isNeeded(...)) !== []
            || Fold::isOpen($this->entries, $name, ...$keys);
    }

    /** Its readings by their own names, for who opens one by a link. */
    public function holds(string $name): string
    {
        return implode(' ', array_map(static fn (string $key): string => AsLeft::PREFIX.$key, $this->left($name)));
    }

    /** Whether it stands open: something was read after the work, or asked for, or refused. */
    public function showsLeft(string $name): bool
    {
        return $this->entries->isReadAgain($this->left($name)) || Fold::isOpen($this->entries, $name, ...explode(' ', $this->holds($name)));
    }
}
