<?php

declare(strict_types=1);

namespace Spindle\Practice;

/**
 * Jobs with a new clutch on cars and vans, done whole: whatever a job owes is there, and nothing is near or out. What a practice vehicle
 * has beside its fault, and what good work on it comes to. Invented.
 */
final class WholeWork
{
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
     * Steps of the fitting that were done.
     *
     * @return array<string, string>
     */
    public static function done(string ...$steps): array
    {
        return array_fill_keys(array_map(static fn (string $s): string => "fit.{$s}", $steps), 'done');
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
     * A ring of bolts that went through every round.
     *
     * @return array<string, mixed>
     */
    public static function tightened(int $bolts, string $torque, string $thread, string $grade): array
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
    public static function sound(string ...$parts): array
    {
        return array_fill_keys(array_map(static fn (string $p): string => "{$p}.conditions", $parts), ['none']);
    }

    /** @return array<string, mixed> */
    public static function carSlave(): array
    {
        return [
            'units' => 'metric',
            'vehicle' => ['name' => 'Ostrel Marle 1.6 estate', 'plate' => 'GW 033 L', 'class' => 'car', 'actuation' => 'slave',
                'flywheel' => 'solid', 'pilot' => 'flywheel', 'spline_count' => 23, 'spline_diameter' => '22.4 mm', 'discs' => 'one',
                'friction_outer' => '222 mm'],
            'complaint' => 'Slips on the hill when it is warm',
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
    public static function carCable(): array
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
    public static function vanConcentric(): array
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
}
