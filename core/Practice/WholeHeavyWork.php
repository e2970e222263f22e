<?php

declare(strict_types=1);

namespace Spindle\Practice;

/** The same on trucks and tractors. Invented. */
final class WholeHeavyWork
{
    /** @return array<string, mixed> */
    public static function truck(): array
    {
        return WholeWork::with(WholeWork::carSlave(), [
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
                ...WholeWork::sound('disc2', 'intermediate'),
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
                ...WholeWork::done('lifted', 'studs', 'pins', 'intermediate', 'spacer', 'brake'),
                'fit.pin_clearance' => ['0.18 mm', '0.19 mm', '0.18 mm', '0.19 mm'],
                'fit.finger_heights' => ['84.0 mm', '84.1 mm', '84.0 mm', '84.1 mm'],
            ],
            'fastening' => ['cover' => WholeWork::tightened(8, '60 Nm', 'M12x1.75', '8.8')],
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
    public static function truckOneDisc(): array
    {
        return WholeWork::with(WholeWork::carSlave(), [
            'vehicle' => ['name' => 'Haddek R22 coach', 'plate' => 'QK 4410', 'class' => 'truck', 'discs' => 'one', 'assistance' => 'air',
                'spline_count' => 24, 'spline_diameter' => '50.8 mm', 'friction_outer' => '442 mm'],
            'complaint' => 'Slips in high gear on the hill',
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
                ...WholeWork::done('lifted', 'studs'),
                'fit.finger_heights' => ['103.2 mm', '103.3 mm', '103.2 mm', '103.3 mm'],
            ],
            'fastening' => ['cover' => WholeWork::tightened(8, '50 Nm', 'M10x1.5', '8.8')],
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
    public static function tractor(): array
    {
        return WholeWork::with(WholeWork::carSlave(), [
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
            'fastening' => ['cover' => WholeWork::tightened(6, '25 Nm', 'M8x1.25', '8.8')],
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
    public static function twoStage(): array
    {
        return WholeWork::with(self::tractor(), [
            'vehicle' => ['name' => 'Tolde 44 orchard', 'stages' => 'two', 'take_off' => 'clutch', 'take_off_speed' => '540 rpm'],
            'engine' => ['pto_power' => '24 kW', 'pto_engine_speed' => '1900 rpm'],
            'readings' => [
                'disc2.thickness_new' => '8.4 mm', 'disc2.thickness' => ['8.0 mm', '8.0 mm', '8.0 mm'], 'disc2.usable_per_side' => '1.1 mm',
                ...WholeWork::sound('disc2', 'two_stage'),
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
}
