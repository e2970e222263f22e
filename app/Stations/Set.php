<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use App\Page\FieldsNow;
use Spindle\Release\Adjuster;
use Spindle\Release\MeasuredGap;
use Spindle\Release\TwoStages;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Drawing;
use Spindle\Triage\Outcome;

/** Set: what is set and measured with the clutch closed. */
final readonly class Set
{
    /** Where in the pedal the brake meets: it moves with the ring. */
    private const SQUEEZE = 'truck.brake_squeeze';

    private const TRUCK = ['truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'];

    /** What was turned on a truck, and is no reading. */
    private const TURNED = ['truck.notches_made', 'truck.linkage_turns'];

    private const TWO_STAGE = ['two_stage.travel_total', 'two_stage.travel_to_first', 'two_stage.air_gap_travel',
        'two_stage.air_gap_take_off', 'two_stage.lever_heights'];

    private const STAGE_BOLTS = ['two_stage.bolt_gap', 'two_stage.bolt_pitch', 'two_stage.bolt_turns'];

    private const SECOND_STAGE = [TwoStages::RATIO, TwoStages::BEGINS, TwoStages::CUSHION, TwoStages::LOSS];

    public const CLEARANCE = ['release.depth_to_fingers', 'release.bearing_height', 'release.clearance_target', 'release.shim_stock',
        'release.shims_fitted'];

    /** Of the clearance what is read once more; all else that is set is of the chain. */
    private const GAP = ['release.depth_to_fingers', 'release.bearing_height', 'release.clearance'];

    private const MEMBERS = [
        'Pedal' => ['release.free_play_target', 'release.rod_pitch', Adjuster::AT, Adjuster::LONGER, 'release.firm_again',
            'release.pedal_force_measured', 'release.take_up_height'],
        'Between' => ['release.booster_stroke', 'release.master_stroke_max', 'release.slave_stroke_max', 'release.self_adjusting'],
        'Fork and bearing' => ['release.light_contact', 'release.slave_stroke_left', 'release.rod_adjustable', 'release.efficiency'],
        'Disc' => [MeasuredGap::READING],
    ];

    private const GAPS = ['release.gap1_engine', 'release.gap1_gearbox', 'release.gap2_engine', 'release.gap2_gearbox'];

    private const MOVED = ['release.pad_moved', 'release.rod_moved', 'release.fork_end_moved', 'release.bearing_moved',
        'release.plate_moved'];

    private const BLEEDING = ['hydraulics.fluid_wanted', 'hydraulics.fluid', 'hydraulics.school', 'hydraulics.proof'];

    private const AIR = ['hydraulics.blocked_travel', 'hydraulics.blocked_from', 'hydraulics.blocked_pressure',
        'hydraulics.blocked_foot_force', 'release.hose_swelling'];

    private const SETTING = ['release.take_up_wanted', 'release.air_gap_wanted', 'release.turns_made', 'release.play_after'];

    private const AFTER = 'Set and locked, then read once more: from then on only these count. What was found stays on the record. '
        .'A slip of the pen is put right where it was typed.';

    private const AFTER_TRUCK = 'Adjusted, locked, then read all three once more. From then on only these count; what was found stays on '
        .'the record.';

    private const AFTER_SHIMS = 'With the shims in, measured once more: these count as read, and no shim is taken off them again.';

    private const ONE_PRESS = 'A helper presses the pedal after the free play is taken up; read as many ends of the same press as can be '
        .'reached. Two ends that follow each other give their ratio where none is entered; pad and end of the fork tell what is lost.';

    /**
     * @param  FieldsNow  $fieldsNow  what is asked along the chain, beside what stands on its drawing
     * @param  string  $fromStrip  what was cut there and is reckoned with here; empty where nothing was
     */
    private function __construct(public Sections $sections, public FieldsNow $fieldsNow, public string $fromStrip)
    {
    }

    public static function of(Entries $entries): self
    {
        $bleeding = [
            new Section(
                'bleeding', 'Bleeding', 'set.bleeding', self::BLEEDING, also: ['hydraulics.steps_done', 'hydraulics.counted_'],
            ),
            new Section(
                'air', 'Air in the line', 'stations.fields', self::AIR, 'the pedal against a blocked slave, and how much air that is',
            ),
        ];
        $bleedsFirst = $entries->job->assessment->reach?->outcome === Outcome::Bleed;

        return new self(
            Sections::of(
                $entries, ...($bleedsFirst ? $bleeding : []), ...self::truck(), ...self::twoStage($entries), ...self::chain($entries),
                ...self::clearance(), ...($bleedsFirst ? [] : $bleeding),
            ),
            FieldsNow::of($entries, 'chain', array_merge(...array_values(self::MEMBERS))), FromStrip::said($entries->job),
        );
    }

    /** @return array<string, list<string>> what stands open on each part of the chain */
    public function membersNow(): array
    {
        return array_filter(array_map(
            fn (array $keys): array => array_values(array_intersect($keys, $this->fieldsNow->now)), self::MEMBERS,
        ));
    }

    /** @return list<Section> */
    private static function truck(): array
    {
        $read = [...self::TRUCK, self::SQUEEZE];

        return [
            new Section(
                'truck', 'Brake, bearing, fork, pedal', 'set.truck', [...$read, ...self::TURNED],
                given: ['read' => $read, 'turned' => self::TURNED],
            ),
            self::left('truck', 'the truck', self::AFTER_TRUCK, $read),
        ];
    }

    /** @return list<Section> */
    private static function twoStage(Entries $entries): array
    {
        $dictionary = $entries->job->sheet->dictionary;

        return $entries->job->sheet->isTwoStage() ? [
            new Section('two-stage', 'Two stages, one pedal', 'set.two-stage', self::TWO_STAGE),
            new Section(
                'stage-bolts', 'Bolts of the second stage', 'stations.fields', self::STAGE_BOLTS, 'their gap to the plate, and turns',
            ),
            new Section(
                'stage2', 'From the pedal to the take-off disc', 'stations.fields', self::SECOND_STAGE, 'levers and cushion of its own',
            ),
            self::left(
                'two-stage', 'both stages', 'Set and locked, then all of it read once more: from then on only these count.',
                array_values(array_filter(
                    [...self::TWO_STAGE, ...self::STAGE_BOLTS, ...self::SECOND_STAGE],
                    static fn (string $key): bool => $dictionary->isReadAgain($dictionary->get($key)),
                ))),
        ] : [];
    }

    /** @return list<Section> */
    private static function chain(Entries $entries): array
    {
        $set = $entries->job->sheet->dictionary->byNature->set();
        $onMembers = $entries->job->sheet->dictionary->drawnOn(Drawing::Chain);

        return [
            new Section('chain', 'From pedal to plate', 'set.chain', [...$onMembers, ...array_merge(...array_values(self::MEMBERS))]),
            new Section('setting', 'What to set', 'set.setting', self::SETTING, 'stop, rod, bores, and what each does to the rest'),
            self::left('chain', 'pedal and chain', self::AFTER, array_values(array_diff($set, self::GAP))),
            new Section('gaps', 'Air gap by disc and side', 'stations.fields', self::GAPS, 'where one side may drag'),
            new Section(
                'moved', 'One press of the pedal', 'stations.fields', self::MOVED,
                'finds a ratio that nobody knows, and what is lost on the way', ['said' => self::ONE_PRESS],
            ),
        ];
    }

    /** @return list<Section> */
    private static function clearance(): array
    {
        return [
            new Section('clearance', 'Bearing clearance', 'set.clearance', self::CLEARANCE),
            self::left('clearance', 'bearing clearance', self::AFTER_SHIMS, self::GAP),
        ];
    }

    /**
     * Readings taken once more after a setting.
     *
     * @param  list<string>  $keys  under the names of before
     */
    private static function left(string $name, string $of, string $said, array $keys): Section
    {
        return new Section("left-{$name}", "After the work: {$of}", 'stations.fields', array_map(
            static fn (string $key): string => AsLeft::PREFIX.$key, $keys,
        ), 'measured anew', ['said' => $said, 'how' => false]);
    }
}
