<?php

declare(strict_types=1);

namespace Tests\Support;

use Spindle\Assessment\Subjects;
use Spindle\Sheet\JobSheet;

/** Complete jobs of each class, actuation and outcome: whatever is owed is there, and nothing is near or out. Invented. */
final class CompleteJobs
{
    /** @return array<string, array<string, mixed>> documents by what the job is */
    public static function all(): array
    {
        return [
            'car, cable, new clutch' => self::carCable(),
            'car, slave, new clutch' => self::carSlave(),
            'van, concentric, new clutch' => self::vanConcentric(),
            'truck, pull, twin disc, new clutch' => self::truck(),
            'truck, one disc, air-assisted, new clutch' => self::truckOneDisc(),
            'tractor, rod, new clutch' => self::tractor(),
            'tractor, two stages, new clutch' => self::twoStage(),
            'car, cable, adjusted' => self::adjusted(),
            'truck, pull, adjusted' => self::truckAdjusted(),
            'tractor, two stages, adjusted' => self::twoStageAdjusted(),
            'car, slave, bled' => self::bled(),
            'car, slave, actuation repaired' => self::repaired(),
            'car, not the clutch' => self::notTheClutch(),
        ];
    }

    /** @param  array<string, mixed>  $document */
    public static function sheet(array $document): JobSheet
    {
        return JobSheet::ofJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$document]),
            Subjects::dictionary());
    }

    /**
     * One of them, changed: nothing takes an entry out, lists are put in whole.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function with(array $document, array $more): array
    {
        foreach ($more as $key => $value) {
            $isMap = is_array($value) && ! array_is_list($value) && is_array($document[$key] ?? []);
            if ($value === null) {
                unset($document[$key]);
            } else {
                /** @var array<string, mixed> $inner */
                $inner = $document[$key] ?? [];
                /** @var array<string, mixed> $value */
                $document[$key] = $isMap ? self::with($inner, $value) : $value;
            }
            if (($document[$key] ?? null) === []) {
                unset($document[$key]);
            }
        }

        return $document;
    }

    /**
     * Tests that were passed, under the names of the file.
     *
     * @return array<string, array<string, string>>
     */
    private static function passed(string ...$tests): array
    {
        return array_fill_keys($tests, ['result' => 'pass']);
    }

    /**
     * Steps of the fitting that were done.
     *
     * @return array<string, string>
     */
    private static function done(string ...$steps): array
    {
        return array_fill_keys(array_map(static fn (string $s): string => "fit.{$s}", $steps), 'done');
    }

    /**
     * A ring of bolts that went through every round.
     *
     * @return array<string, mixed>
     */
    private static function tightened(int $bolts, string $torque, string $thread, string $grade): array
    {
        $all = range(1, $bolts);

        return ['bolts' => $bolts, 'torque' => $torque, 'thread' => $thread, 'grade' => $grade, 'done_hand' => $all, 'done_seat' => $all,
            'done_half' => $all, 'done_full' => $all];
    }

    /**
     * Parts that were looked at, nothing found.
     *
     * @return array<string, list<string>>
     */
    private static function sound(string ...$parts): array
    {
        return array_fill_keys(array_map(static fn (string $p): string => "{$p}.conditions", $parts), ['none']);
    }

    /** @return array<string, mixed> */
    private static function carSlave(): array
    {
        return [
            'units' => 'metric',
            'vehicle' => ['name' => 'Ostrel Marle 1.6 estate', 'plate' => 'GW 033 L', 'class' => 'car', 'actuation' => 'slave',
                'flywheel' => 'solid', 'pilot' => 'flywheel', 'spline_count' => 23, 'spline_diameter' => '22.4 mm', 'discs' => 'one',
                'friction_outer' => '222 mm'],
            'complaint' => 'Slips on the hill when it is warm.',
            'engine' => ['peak_torque' => '156 Nm', 'speed_limit' => '6400 rpm'],
            'duty' => 'town',
            'readings' => [
                'odometer' => '97 400 km', 'distance_since_fitted' => '97 400 km',
                'triage.kind' => 'strip', 'triage.signs' => ['slip_load', 'slip_high_gear', 'many_km'], 'why.causes' => ['lining_worn'],
                'disc.thickness_new' => '8.4 mm', 'disc.thickness' => ['7.95 mm', '8.02 mm', '7.98 mm'], 'disc.usable_per_side' => '1.1 mm',
                'flywheel.face_runout' => ['0.03 mm'], 'flywheel.measuring_diameter' => '200 mm',
                'flywheel.flatness' => ['0.02 mm', '0.03 mm', '0.02 mm'], 'flywheel.thickness' => '25.05 mm',
                'flywheel.thickness_min' => '24.2 mm', 'pilot.kind' => 'bush', 'pilot.play' => ['0.08 mm'],
                ...self::sound('disc', 'cover', 'flywheel', 'bearing', 'fork', 'sleeve', 'pilot', 'shaft', 'seals', 'surroundings'),
                'match.friction_inner' => '138 mm', 'match.bolt_count' => 6, 'match.bolt_circle' => ['245 mm'], 'match.bolt_size' => 'M8',
                'match.dowels' => 3, 'match.crank_bolt_clearance' => '9 mm', 'match.spline_length' => '34 mm',
                'match.stack_height' => '37.4 mm', 'match.release_load' => '1.2 kN', 'match.sleeve_outer' => '34 mm',
                'match.bearing_face' => 'rounded', 'match.pilot_seat' => '30 mm', 'shaft.tip_diameter' => '14.9 mm',
                'match.housing_room' => '300 mm',
                'parts.guide_sleeve' => 'reused', 'parts.fork' => 'reused', 'parts.pilot' => 'reused', 'parts.flywheel' => 'reused',
                'parts.cover_bolts' => 'shelf', 'parts.crank_seal' => 'reused', 'parts.shaft_seal' => 'reused',
                'parts.gearbox_oil' => 'shelf', 'parts.spline_grease' => 'shelf', 'parts.pipe' => 'reused',
                'parts.master_cylinder' => 'reused', 'parts.slave_cylinder' => 'reused', 'parts.fluid' => 'shelf',
                'bench.slides' => true, 'bench.clears' => 'clear', 'bench.tool' => true, 'bench.sits' => true,
                'bench.orientation' => 'short', 'bench.orientation_by' => 'old_disc', 'bench.damage' => ['none'],
                'bench.accepted' => 'accepted', 'bench.outer_old' => '215.0 mm', 'bench.outer_new' => '215.0 mm',
                'bench.thickness_old' => '7.95 mm', 'bench.thickness_new' => '8.4 mm',
                'bench.hub_flywheel_old' => '3.9 mm', 'bench.hub_flywheel_new' => '3.9 mm', 'bench.hub_gearbox_old' => '18.0 mm',
                'bench.hub_gearbox_new' => '18.0 mm', 'bench.fingers_old' => '37.4 mm', 'bench.fingers_new' => '37.4 mm',
                'bench.bolt_circle_old' => '245 mm', 'bench.bolt_circle_new' => '245 mm', 'bench.bolts_old' => 6, 'bench.bolts_new' => 6,
                'bench.splines_old' => 23, 'bench.splines_new' => 23,
                ...self::done('seals', 'pilot', 'flywheel', 'degreased', 'disc', 'cover', 'cover_bolts', 'tool_out', 'fingers', 'clips',
                    'grease', 'bearing', 'gearbox', 'housing_bolts', 'around'),
                'fit.clips_in' => 3, 'fit.clips_out' => 3, 'fit.finger_heights' => ['37.3 mm', '37.4 mm', '37.3 mm', '37.4 mm'],
                'fit.bearing_slides' => 'free',
            ],
            'fastening' => ['cover' => [...self::tightened(6, '25 Nm', 'M8x1.25', '8.8'),
                'gap' => ['2.0 mm', '2.0 mm', '2.1 mm', '2.0 mm'], 'tool_slides' => true]],
            'release' => [
                'free_play' => '3.5 mm', 'pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'master_bore' => '15.87 mm',
                'slave_bore' => '22.2 mm', 'fork_ratio' => 1.7, 'clearance' => '1.0 mm', 'finger_ratio' => 3.1, 'cushion' => '0.6 mm',
                'air_gap_measured' => ['0.6 mm', '0.6 mm'], 'slave_stroke_left' => '12 mm',
            ],
            'kit' => [
                'name' => 'Wharf 215 standard', 'number' => 'MQ-215-S', 'classes' => ['car'], 'discs' => 1, 'lining_outer' => '215 mm',
                'lining_inner' => '145 mm', 'material' => 'organic', 'clamp_load' => '4.8 kN', 'spring' => 'diaphragm',
                'claimed_torque' => '235 Nm', 'spline_count' => 23, 'spline_diameter' => '22.4 mm', 'damper' => 'sprung',
                'release' => 'push', 'release_load' => '1.25 kN', 'release_travel_max' => '9.5 mm', 'thickness_new' => '8.4 mm',
                'usable_per_side' => '1.1 mm', 'contents' => 'Disc, cover, release bearing, alignment tool', 'burst_speed' => '10900 rpm',
                'finger_height' => '37.4 mm', 'hub_flywheel' => '3.9 mm', 'hub_gearbox' => '18 mm', 'damper_flywheel' => '2 mm',
                'cover_window' => '225 mm', 'cover_outer' => '260 mm', 'bolt_count' => 6, 'bolt_circle' => '245 mm', 'bolt_size' => 'M8',
                'dowels' => 3, 'bearing_kind' => 'fork', 'bearing_bore' => '34 mm', 'bearing_face' => 'rounded', 'finger_shape' => 'flat',
            ],
            'prove' => [
                ...self::passed('leaks', 'feel', 'take_up', 'switches', 'selection', 'creep', 'judder', 'slip'),
                'take_up' => ['result' => 'pass', 'height' => '79 mm'], 'recheck' => ['after' => '500 km'],
            ],
            'instruments' => [
                'disc.thickness' => 'calliper', 'flywheel.face_runout' => 'dial_indicator', 'flywheel.flatness' => 'feeler_gauge',
                'release.free_play' => 'steel_rule', 'pilot.play' => 'dial_indicator',
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function carCable(): array
    {
        return self::with(self::carSlave(), [
            'vehicle' => ['actuation' => 'cable'],
            'readings' => ['parts.cable' => 'reused', 'parts.pipe' => null, 'parts.master_cylinder' => null,
                'parts.slave_cylinder' => null, 'parts.fluid' => null],
            'release' => ['free_play' => '0 mm', 'self_adjusting' => true, 'pedal_ratio' => 4, 'linkage_ratio' => 2, 'fork_ratio' => 3.1,
                'master_bore' => null, 'slave_bore' => null, 'clearance' => null, 'slave_stroke_left' => null],
            'prove' => ['leaks' => null, 'take_up' => ['height' => '94 mm']],
        ]);
    }

    /** @return array<string, mixed> */
    private static function vanConcentric(): array
    {
        return self::with(self::carSlave(), [
            'vehicle' => ['class' => 'van', 'actuation' => 'concentric', 'flywheel' => 'dual_mass'],
            'duty' => 'delivery',
            'readings' => [
                'flywheel.thickness' => null, 'flywheel.thickness_min' => null,
                'flywheel.free_play' => '4 °', 'flywheel.rock' => '0.8 mm',
                'fork.conditions' => null, 'sleeve.conditions' => null,
                'parts.guide_sleeve' => null, 'parts.fork' => null, 'parts.slave_cylinder' => null, 'parts.concentric_slave' => 'in_kit',
                'match.sleeve_outer' => null, 'fit.prefilled' => 'done',
                'release.depth_to_fingers' => ['69.2 mm', '69.3 mm', '69.2 mm'], 'release.bearing_height' => ['62.0 mm'],
            ],
            'limits' => ['flywheel.free_play' => ['max' => '12 °', 'source' => 'maker'],
                'flywheel.rock' => ['max' => '2.0 mm', 'source' => 'maker']],
            'fastening' => ['slave' => self::tightened(3, '10 Nm', 'M6x1.0', '8.8')],
            'release' => ['master_bore' => '20.64 mm', 'slave_bore' => null, 'slave_outer' => '60 mm', 'slave_inner' => '44 mm',
                'fork_ratio' => null, 'clearance' => null, 'light_contact' => true, 'slave_stroke_left' => null,
            ],
            'hydraulics' => ['fluid_wanted' => 'dot4', 'fluid' => 'dot4', 'school' => 'prefilled',
                'steps_done' => ['s1', 's2', 's3', 's4', 's5', 's6'], 'counted_1' => 6, 'counted_5' => 3, 'proof' => 'firm'],
            'kit' => ['classes' => ['van'], 'damper' => 'rigid', 'contents' => 'Disc, cover, concentric slave, alignment tool',
                'bearing_kind' => 'concentric', 'bearing_bore' => null],
            'prove' => ['take_up' => ['height' => '93 mm']],
        ]);
    }

    /** @return array<string, mixed> */
    private static function truck(): array
    {
        return self::with(self::carSlave(), [
            'vehicle' => ['name' => 'Haddek R18 ferry shunter', 'class' => 'truck', 'actuation' => 'pull', 'flywheel' => 'pot',
                'discs' => 'two', 'adjusting' => 'manual', 'spline_count' => 10, 'spline_diameter' => '50.8 mm',
                'friction_outer' => '362 mm'],
            'engine' => ['peak_torque' => '1300 Nm', 'speed_limit' => '2300 rpm'],
            'duty' => 'haulage',
            'readings' => [
                'odometer' => '648 300 km', 'distance_since_fitted' => '212 000 km',
                'disc.thickness_new' => '9.9 mm', 'disc.thickness' => ['8.9 mm', '8.9 mm', '8.9 mm'], 'disc.usable_per_side' => '1.6 mm',
                'disc2.thickness_new' => '9.9 mm', 'disc2.thickness' => ['8.9 mm', '8.9 mm', '8.9 mm'],
                'disc2.usable_per_side' => '1.6 mm', 'flywheel.measuring_diameter' => '330 mm', 'flywheel.face_runout' => ['0.06 mm'],
                'flywheel.thickness' => '74.7 mm', 'flywheel.thickness_min' => '73.6 mm', 'flywheel.pot_depth' => '74.0 mm',
                'flywheel.pot_depth_wanted' => '74.0 mm', 'intermediate.pin_clearance' => ['0.18 mm', '0.19 mm', '0.18 mm', '0.19 mm'],
                'intermediate.flatness' => ['0.05 mm', '0.06 mm', '0.05 mm'],
                ...self::sound('disc2', 'intermediate'),
                'match.friction_inner' => '180 mm', 'match.bolt_count' => 8, 'match.bolt_circle' => ['465 mm'], 'match.bolt_size' => 'M12',
                'match.dowels' => 2, 'match.stack_height' => '84.0 mm', 'match.release_load' => '2.9 kN', 'match.sleeve_outer' => '58 mm',
                'match.bearing_face' => 'rounded', 'match.pilot_seat' => '62 mm', 'shaft.tip_diameter' => '24.9 mm',
                'match.housing_room' => '520 mm', 'match.spline_length' => '90 mm',
                'parts.pipe' => null, 'parts.master_cylinder' => null, 'parts.slave_cylinder' => null, 'parts.fluid' => null,
                'parts.bearing_grease' => 'shelf', 'parts.clutch_brake' => 'in_kit', 'parts.intermediate_plate' => 'in_kit',
                'parts.drive_pins' => 'reused', 'parts.alignment_tool' => 'shelf',
                'bench.outer_old' => '350.0 mm', 'bench.outer_new' => '350.0 mm', 'bench.thickness_old' => '8.9 mm',
                'bench.thickness_new' => '9.9 mm', 'bench.fingers_old' => '84.0 mm', 'bench.fingers_new' => '84.0 mm',
                'bench.bolt_circle_old' => '465 mm', 'bench.bolt_circle_new' => '465 mm', 'bench.bolts_old' => 8, 'bench.bolts_new' => 8,
                'bench.splines_old' => 10, 'bench.splines_new' => 10,
                'truck.brake' => 'good', 'truck.bearing_gap' => '13.0 mm', 'truck.fork_play' => '3.2 mm', 'truck.free_pedal' => '50 mm',
                'truck.brake_squeeze' => '15 mm',
                ...self::done('lifted', 'studs', 'pins', 'intermediate', 'spacer', 'brake'),
                'fit.pin_clearance' => ['0.18 mm', '0.19 mm', '0.18 mm', '0.19 mm'],
                'fit.finger_heights' => ['84.0 mm', '84.1 mm', '84.0 mm', '84.1 mm'],
            ],
            'fastening' => ['cover' => self::tightened(8, '60 Nm', 'M12x1.75', '8.8')],
            'release' => ['free_play' => null, 'master_bore' => null, 'slave_bore' => null, 'clearance' => null,
                'slave_stroke_left' => null, 'linkage_ratio' => 2, 'pedal_ratio' => 5, 'fork_ratio' => 1.6, 'pedal_travel' => '230 mm',
                'finger_ratio' => 2.8, 'cushion' => '0.6 mm'],
            'kit' => [
                'name' => 'Harbour 350 twin', 'number' => 'HB-350-2', 'classes' => ['truck'], 'discs' => 2, 'lining_outer' => '350 mm',
                'lining_inner' => '195 mm', 'clamp_load' => '11.5 kN', 'spring' => 'coil', 'spring_rate' => '620 N/mm',
                'wear_travel' => '3.2 mm', 'claimed_torque' => '1700 Nm', 'spline_count' => 10, 'spline_diameter' => '50.8 mm',
                'release' => 'pull', 'release_load' => '2.9 kN', 'release_travel_max' => '14 mm', 'thickness_new' => '9.9 mm',
                'usable_per_side' => '1.6 mm', 'contents' => 'Two discs, intermediate plate, cover, bearing, clutch brake',
                'for_flywheel' => 'pot', 'burst_speed' => '6700 rpm', 'finger_height' => '84.0 mm', 'cover_window' => '360 mm',
                'cover_outer' => '500 mm', 'bolt_count' => 8, 'bolt_circle' => '465 mm', 'bolt_size' => 'M12', 'dowels' => 2,
                'bearing_bore' => '58 mm',
            ],
            'instruments' => ['truck.bearing_gap' => 'calliper', 'truck.fork_play' => 'calliper', 'truck.free_pedal' => 'calliper'],
            'prove' => ['leaks' => null, 'truck' => ['result' => 'pass'], 'take_up' => ['height' => '115 mm']],
        ]);
    }

    /** @return array<string, mixed> one large disc, pushed by a slave with a booster: neither brake nor ring */
    private static function truckOneDisc(): array
    {
        return self::with(self::carSlave(), [
            'vehicle' => ['name' => 'Haddek R22 coach', 'plate' => 'QK 4410', 'class' => 'truck', 'discs' => 'one', 'assistance' => 'air',
                'spline_count' => 24, 'spline_diameter' => '50.8 mm', 'friction_outer' => '442 mm'],
            'complaint' => 'Slips in high gear on the hill.',
            'engine' => ['peak_torque' => '1600 Nm', 'speed_limit' => '2300 rpm'],
            'duty' => 'haulage',
            'readings' => [
                'odometer' => '512 000 km', 'distance_since_fitted' => '188 000 km',
                'disc.thickness_new' => '10.0 mm', 'disc.thickness' => ['8.9 mm', '8.9 mm', '8.9 mm'], 'disc.usable_per_side' => '1.8 mm',
                'flywheel.measuring_diameter' => '420 mm', 'flywheel.face_runout' => ['0.06 mm'], 'flywheel.thickness' => '52.4 mm',
                'flywheel.thickness_min' => '51.0 mm',
                'match.friction_inner' => '232 mm', 'match.bolt_count' => 8, 'match.bolt_circle' => ['490 mm'], 'match.bolt_size' => 'M10',
                'match.crank_bolt_clearance' => '12 mm', 'match.spline_length' => '90 mm', 'match.stack_height' => '103.2 mm',
                'match.release' => 'push', 'match.release_load' => '5.6 kN', 'match.sleeve_outer' => '58.3 mm',
                'match.housing_room' => '540 mm', 'match.pilot_seat' => '62 mm', 'shaft.tip_diameter' => '24.9 mm',
                'parts.bearing_grease' => 'shelf',
                'bench.outer_old' => '430.0 mm', 'bench.outer_new' => '430.0 mm', 'bench.thickness_old' => '8.9 mm',
                'bench.thickness_new' => '10.0 mm', 'bench.hub_flywheel_old' => '5.2 mm', 'bench.hub_flywheel_new' => '5.2 mm',
                'bench.hub_gearbox_old' => '11.8 mm', 'bench.hub_gearbox_new' => '11.8 mm', 'bench.fingers_old' => '103.2 mm',
                'bench.fingers_new' => '103.2 mm', 'bench.bolt_circle_old' => '490 mm', 'bench.bolt_circle_new' => '490 mm',
                'bench.bolts_old' => 8, 'bench.bolts_new' => 8, 'bench.splines_old' => 24, 'bench.splines_new' => 24,
                ...self::done('lifted', 'studs'),
                'fit.finger_heights' => ['103.2 mm', '103.3 mm', '103.2 mm', '103.3 mm'],
            ],
            'fastening' => ['cover' => self::tightened(8, '50 Nm', 'M10x1.5', '8.8')],
            'release' => [
                'free_play' => '3.0 mm', 'pedal_travel' => '170 mm', 'pedal_ratio' => null, 'master_bore' => null, 'slave_bore' => null,
                'booster_stroke' => '17.0 mm', 'fork_ratio' => 2, 'clearance' => null, 'light_contact' => true, 'finger_ratio' => 3.6,
                'cushion' => '0.9 mm', 'air_gap_measured' => ['0.73 mm', '0.73 mm'], 'slave_stroke_left' => '30 mm',
                'pedal_force_measured' => '140 N',
            ],
            'kit' => [
                'name' => 'Harbour 430 single push', 'number' => 'HB-430-1', 'classes' => ['truck'], 'lining_outer' => '430 mm',
                'lining_inner' => '242 mm', 'material' => 'organic_wire', 'clamp_load' => '26 kN', 'claimed_torque' => '2700 Nm',
                'spline_count' => 24, 'spline_diameter' => '50.8 mm', 'release_load' => '5.6 kN', 'release_travel_max' => '15 mm',
                'thickness_new' => '10.0 mm', 'usable_per_side' => '1.8 mm', 'burst_speed' => '5500 rpm', 'finger_height' => '103.2 mm',
                'hub_flywheel' => '5.2 mm', 'hub_gearbox' => '11.8 mm', 'cover_window' => '440 mm', 'cover_outer' => '511 mm',
                'bolt_count' => 8, 'bolt_circle' => '490 mm', 'bolt_size' => 'M10', 'bearing_bore' => '58.3 mm',
            ],
            'prove' => ['take_up' => ['height' => '103 mm']],
        ]);
    }

    /** @return array<string, mixed> */
    private static function tractor(): array
    {
        return self::with(self::carSlave(), [
            'vehicle' => ['name' => 'Tolde 44 vineyard', 'class' => 'tractor', 'actuation' => 'rod', 'stages' => 'single',
                'take_off' => 'none', 'spline_count' => 10, 'spline_diameter' => '34.9 mm', 'friction_outer' => '290 mm'],
            'engine' => ['peak_torque' => '160 Nm', 'speed_limit' => '2400 rpm'],
            'duty' => 'field',
            'readings' => [
                'odometer' => null, 'distance_since_fitted' => null, 'hour_meter' => '6 200 h', 'time_since_fitted' => '2 900 h',
                'flywheel.measuring_diameter' => '270 mm', 'match.friction_inner' => '160 mm', 'match.bolt_circle' => ['310 mm'],
                'match.sleeve_outer' => '44 mm', 'match.housing_room' => '420 mm', 'match.stack_height' => '60.0 mm',
                'bench.fingers_old' => '60.0 mm', 'bench.fingers_new' => '60.0 mm',
                'fit.finger_heights' => ['60.0 mm', '60.1 mm', '60.0 mm', '60.1 mm'], 'shaft.tip_diameter' => '19.9 mm',
                'cover.kind' => 'levers',
                'parts.shaft_seal' => null, 'parts.pipe' => null, 'parts.master_cylinder' => null, 'parts.slave_cylinder' => null,
                'parts.fluid' => null, 'parts.lock_tabs' => 'shelf', 'parts.bearing_grease' => 'shelf', 'parts.lever_set' => 'reused',
                'parts.filters' => 'reused', 'parts.alignment_tool' => 'shelf',
                'bench.outer_old' => '280.0 mm', 'bench.outer_new' => '280.0 mm', 'bench.bolt_circle_old' => '310 mm',
                'bench.bolt_circle_new' => '310 mm', 'bench.splines_old' => 10, 'bench.splines_new' => 10,
                'fit.seals' => null, 'fit.lock_tabs' => 'done',
            ],
            'fastening' => ['cover' => self::tightened(6, '25 Nm', 'M8x1.25', '8.8')],
            'release' => ['free_play' => '25 mm', 'pedal_travel' => '160 mm', 'pedal_ratio' => 4, 'linkage_ratio' => 2,
                'fork_ratio' => 2.1, 'finger_ratio' => 4.5, 'cushion' => '0.6 mm', 'master_bore' => null, 'slave_bore' => null,
                'clearance' => null, 'slave_stroke_left' => null, 'rod_pitch' => '1.5 mm'],
            'kit' => [
                'name' => 'Quay 280 lever', 'stages' => 'single', 'number' => 'QY-280-L', 'classes' => ['tractor'],
                'lining_outer' => '280 mm',
                'lining_inner' => '165 mm', 'clamp_load' => '6.0 kN', 'spring' => 'coil', 'spring_rate' => '250 N/mm',
                'wear_travel' => '2.2 mm', 'claimed_torque' => '330 Nm', 'spline_count' => 10, 'spline_diameter' => '34.9 mm',
                'release_load' => '1.6 kN', 'release_travel_max' => '22 mm', 'cover_window' => '290 mm', 'cover_outer' => '330 mm',
                'bolt_circle' => '310 mm', 'bearing_bore' => '44 mm', 'finger_height' => '60.0 mm', 'burst_speed' => '5200 rpm',
            ],
            'prove' => ['leaks' => null, 'take_up' => ['height' => '90 mm'], 'recheck' => ['after' => null, 'hours' => '20 h']],
        ]);
    }

    /** @return array<string, mixed> */
    private static function twoStage(): array
    {
        return self::with(self::tractor(), [
            'vehicle' => ['name' => 'Tolde 44 orchard', 'stages' => 'two', 'take_off' => 'clutch', 'take_off_speed' => '540 rpm'],
            'engine' => ['pto_power' => '24 kW', 'pto_engine_speed' => '1900 rpm'],
            'readings' => [
                'disc2.thickness_new' => '8.4 mm', 'disc2.thickness' => ['8.0 mm', '8.0 mm', '8.0 mm'], 'disc2.usable_per_side' => '1.1 mm',
                ...self::sound('disc2', 'two_stage'),
                'two_stage.lever_heights' => ['92.0 mm', '92.1 mm', '92.0 mm', '92.1 mm', '92.0 mm', '92.1 mm'],
                'two_stage.travel_total' => '20 mm', 'two_stage.travel_to_first' => '10 mm',
                'two_stage.air_gap_travel' => ['0.6 mm', '0.6 mm'], 'two_stage.air_gap_take_off' => ['0.6 mm', '0.6 mm'],
                'fit.stage_marks' => 'done',
            ],
            'kit' => ['name' => 'Quay 280 double', 'number' => 'QY-280-D', 'stages' => 'two', 'discs' => 2, 'lining_outer2' => '250 mm',
                'lining_inner2' => '160 mm', 'material2' => 'organic', 'clamp_load2' => '4.6 kN'],
            'prove' => ['two_stage' => ['result' => 'pass']],
        ]);
    }

    /**
     * What a job without an open clutch has: the vehicle, the complaint, the triage, the release, the tests.
     *
     * @param  array<string, mixed>  $job
     * @return array<string, mixed>
     */
    private static function closed(array $job, string $kind): array
    {
        $kept = ['odometer', 'hour_meter', 'triage.', 'truck.', 'two_stage.'];
        /** @var array<string, mixed> $readings */
        $readings = $job['readings'];
        $isKept = static fn (string $key): bool => array_filter($kept, static fn (string $k): bool => str_starts_with($key, $k)) !== [];
        $closed = array_filter($readings, static fn (string $key): bool => $isKept($key) && $key !== 'two_stage.conditions',
            ARRAY_FILTER_USE_KEY);

        $vehicle = ['spline_count', 'spline_diameter', 'friction_outer', 'pilot', 'take_off', 'take_off_speed'];
        $release = ['pedal_ratio', 'linkage_ratio', 'fork_ratio', 'master_bore', 'slave_bore', 'rod_pitch', 'clearance', 'cushion',
            'finger_ratio', 'air_gap_measured', 'slave_stroke_left'];
        $isTractor = isset($readings['hour_meter']);

        return self::with(
            array_diff_key($job, array_flip(['kit', 'fastening', 'engine', 'duty', 'limits', 'readings', 'hydraulics', 'instruments'])),
            ['readings' => [...$closed, 'triage.kind' => $kind], 'vehicle' => array_fill_keys($vehicle, null),
                'release' => array_fill_keys($release, null), 'prove' => ['judder' => null, 'creep' => null,
                    'recheck' => $isTractor ? ['hours' => '100 h'] : ['after' => '5000 km']]],
        );
    }

    /** @return array<string, mixed> */
    private static function adjusted(): array
    {
        return self::with(self::closed(self::carCable(), 'adjust'), [
            'complaint' => 'Takes hold right at the top of the pedal.',
            'readings' => ['triage.signs' => ['bites_high', 'no_free_play']],
            'release' => ['self_adjusting' => null, 'free_play' => '10 mm', 'take_up_wanted' => '65 %'],
            'instruments' => ['release.free_play' => 'steel_rule'],
        ]);
    }

    /** @return array<string, mixed> */
    private static function truckAdjusted(): array
    {
        return self::with(self::closed(self::truck(), 'adjust'), [
            'complaint' => 'No free pedal left.',
            'release' => ['pedal_travel' => null], 'prove' => ['take_up' => ['height' => null]],
            'readings' => ['triage.signs' => ['no_free_play']],
            'instruments' => ['truck.bearing_gap' => 'calliper', 'truck.fork_play' => 'calliper', 'truck.free_pedal' => 'calliper'],
        ]);
    }

    /** @return array<string, mixed> */
    private static function twoStageAdjusted(): array
    {
        return self::with(self::closed(self::twoStage(), 'adjust'), [
            'complaint' => 'Takes hold high, no play left at the pedal.',
            'release' => ['pedal_travel' => null], 'prove' => ['take_up' => null],
            'readings' => ['triage.signs' => ['bites_high', 'no_free_play']],
        ]);
    }

    /** @return array<string, mixed> */
    private static function bled(): array
    {
        return self::with(self::closed(self::carSlave(), 'bleed'), [
            'complaint' => 'Spongy pedal since the brakes were done.',
            'readings' => ['triage.signs' => ['spongy', 'after_hydraulic']],
            'release' => ['pedal_travel' => null],
            'prove' => ['switches' => null, 'slip' => null, 'take_up' => ['height' => null]],
            'hydraulics' => ['fluid_wanted' => 'dot4', 'fluid' => 'dot4', 'school' => 'helper',
                'steps_done' => ['s1', 's2', 's3', 's4', 's5'],
                'counted_3' => 6, 'proof' => 'firm'],
        ]);
    }

    /** @return array<string, mixed> */
    private static function repaired(): array
    {
        return self::with(self::bled(), [
            'complaint' => 'The pedal sinks when it is held.',
            'release' => ['pedal_travel' => '140 mm'],
            'prove' => ['switches' => ['result' => 'pass'], 'slip' => ['result' => 'pass'], 'take_up' => ['height' => '79 mm']],
            'readings' => ['triage.kind' => 'repair_actuation', 'triage.signs' => ['sinks'],
                'triage.repaired' => 'Master cylinder replaced'],
        ]);
    }

    /** @return array<string, mixed> */
    private static function notTheClutch(): array
    {
        return [
            'units' => 'metric',
            'vehicle' => ['name' => 'Ostrel Marle 1.6 estate', 'plate' => 'GW 033 L', 'class' => 'car', 'actuation' => 'slave',
                'flywheel' => 'solid'],
            'complaint' => 'Second grinds when it is cold.',
            'readings' => ['odometer' => '97 400 km', 'triage.signs' => ['one_gear_grinds'], 'triage.t_reverse' => 'negative',
                'triage.kind' => 'not_the_clutch', 'triage.referred' => 'Synchroniser of second, to the gearbox shop'],
        ];
    }
}
