<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** The table of causes. Directions of the evidence are common practice, no source; priors are from memory. */
final class Causes
{
    /** What anything that does not release shows, whatever the reason. */
    private const DRAGS = ['hard_running', 'reverse_grinds', 't_reverse'];

    private const HYDRAULIC = [Actuation::Slave, Actuation::Concentric, Actuation::Pull];

    private const FORKED = [Actuation::Cable, Actuation::Rod, Actuation::Slave, Actuation::Pull];

    /** @var array<string, Cause>|null */
    private static ?array $all = null;

    /** @return array<string, Cause> */
    public static function all(): array
    {
        return self::$all ??= array_column(array_map(static fn (Cause $c): array => [$c->id, $c], [...self::grip(), ...self::release(), ...self::rest()]), 1, 0);
    }

    /** @return list<Cause> */
    private static function grip(): array
    {
        $strip = Outcome::Strip;

        return [
            new Cause('lining_worn', 'Lining worn out', $strip, 20, ['slip_high_gear', 'bites_high', 'many_km', 't_slip', 'slip_load', 'no_drive'], ['burning_smell'], ['after_clutch', 't_slacken'], 'rivet depth, after a short slip test', growsWithAge: true),
            new Cause('oil_on_lining', 'Oil or grease on the lining', $strip, 6, ['oil_housing', 't_oil', 'slip_load'], ['judder', 't_slip', 'slip_high_gear', 'slip_hot'], [], 'a look through the inspection hole'),
            new Cause('glazed', 'Glazed, overheated lining', $strip, 6, ['towing', 'burning_smell', 'slip_hot', 't_slip'], ['slip_load', 'judder', 'slip_high_gear', 'hard_use'], ['t_oil'], 'the stripped disc'),
            new Cause('springs_weak', 'Springs weak or overstroked', $strip, 3, ['firm_again', 't_firm', 't_slip', 'slip_load'], ['slip_high_gear'], ['many_km'], 'clamp load and finger height'),
            new Cause('engine_beyond', 'Engine beyond the clutch', $strip, 2, ['stronger_engine', 't_capacity', 'slip_load'], ['slip_high_gear', 't_slip'], ['t_oil'], 'the computed capacity'),
            new Cause('held_off', 'Held off: no free play, tight cable, sticking slave', Outcome::Adjust, 6, ['no_free_play', 't_slacken', 'slip_load'], ['noise_down', 'slip_high_gear', 't_slip', 'foot_rests', 'bites_high', 'burning_smell'], ['much_free_play', 'bites_low'], 'slacken and try again'),
        ];
    }

    /** @return list<Cause> */
    private static function release(): array
    {
        $strip = Outcome::Strip;
        $actuation = Outcome::RepairActuation;

        return [
            new Cause('air', 'Air in the hydraulics', Outcome::Bleed, 8, ['spongy', 'pumping_helps', 'after_hydraulic', 't_blocked'], ['bites_low', 't_stroke', 'creeps', ...self::DRAGS], ['sinks', 'many_km'], 'the blocked-slave test', actuations: self::HYDRAULIC),
            new Cause('master_bypass', 'Master cylinder passes by inside', $actuation, 5, ['sinks', 't_hold'], ['pumping_helps', 't_blocked', 'pedal_stays', ...self::DRAGS, 'creeps'], ['t_leak', 't_pedal_box', 'fluid_low'], 'blocked slave, held 30 seconds', actuations: self::HYDRAULIC),
            new Cause('slave_leak', 'Slave or concentric bearing leaks', $actuation, 6, ['fluid_low', 't_leak'], ['spongy', 'pumping_helps', 'sinks', 't_hold', 'pedal_stays', 'oil_housing', ...self::DRAGS], ['t_pedal_box'], 'a look at boot and housing', actuations: [Actuation::Slave, Actuation::Concentric]),
            new Cause('master_leak', 'Master cylinder leaks outside or into the footwell', $actuation, 3, ['fluid_low', 't_leak', 't_pedal_box'], ['spongy', 'pumping_helps', 'sinks', 't_hold', 'pedal_stays', ...self::DRAGS], ['oil_housing'], 'a look behind the pedal', actuations: self::HYDRAULIC),
            new Cause('return_port', 'Return port blocked, no free play at the master', Outcome::Adjust, 2, ['hardens_warm', 't_bleeder'], ['slip_hot', 'slip_load', 'no_free_play', 'after_hydraulic', 'bites_high'], ['much_free_play', 'spongy'], 'opening the bleeder: pressure at rest', actuations: self::HYDRAULIC),
            new Cause('cable', 'Cable stretched, frayed or broken; its adjuster worn', $actuation, 6, ['t_cable', 'notchy', 'pedal_stays'], ['bites_low', 'sudden', 'much_free_play', 't_stroke', 'heavy', ...self::DRAGS], ['no_free_play'], 'the fork end against the pad, a look along the cable', actuations: [Actuation::Cable]),
            new Cause('little_stroke', 'Too little stroke, too much free play, worn linkage', Outcome::Adjust, 8, ['much_free_play', 'bites_low', 't_stroke', ...self::DRAGS], ['creeps'], ['no_free_play', 'spongy', 'sudden'], 'the stroke measured at the bearing'),
            new Cause('fork', 'Fork or pivot bent or cracked', $strip, 3, ['t_fork'], ['bites_low', 'heavy', 'notchy', 't_stroke', 'creeps', ...self::DRAGS], [], 'watching the fork end', actuations: self::FORKED),
            new Cause('bulkhead', 'Bulkhead or bracket flexes', $actuation, 2, ['t_bulkhead'], ['bites_low', 't_stroke', 'heavy', 'creeps', ...self::DRAGS], [], 'pad moves, master does not', actuations: [Actuation::Cable, Actuation::Slave, Actuation::Concentric, Actuation::Pull]),
            new Cause('geometry', 'Geometry changed with flywheel or kit', $strip, 2, ['after_flywheel', 'after_clutch'], ['bites_low', 'bites_high', 't_stroke', ...self::DRAGS], ['many_km'], 'heights and clearance'),
            new Cause('disc_wrong_way', 'Disc the wrong way round', $strip, 2, ['after_clutch', 'window', 't_window'], [...self::DRAGS, 'creeps'], ['many_km'], 'the window test'),
            new Cause('hub_binds', 'Hub binds on the spline, or fouls the bolts', $strip, 2, ['after_clutch', ...self::DRAGS, 't_rock'], ['creeps'], ['window', 't_window', 'many_km'], 'the bench release test'),
            new Cause('disc_bent', 'Disc bent in fitting', $strip, 1.5, ['after_clutch', ...self::DRAGS, 'creeps'], ['window', 't_window', 'judder', 't_rock'], ['many_km'], 'the stripped disc: runout'),
            new Cause('not_set_back', 'Self-adjusting cover not set back', $strip, 1.5, ['after_clutch', 'bites_high'], ['heavy', 't_finger', 'creeps', ...self::DRAGS], ['many_km', 'window'], 'the stripped cover: finger height'),
            new Cause('trapped_piece', 'Piece of lining or spring trapped', $strip, 1.5, ['striking_frees', 'sudden'], [...self::DRAGS, 'creeps', 't_rock'], ['spongy', 'soft_odd'], 'the stripped clutch'),
            new Cause('broken_finger', 'Broken finger, lever or lug', $strip, 2, ['soft_odd', 't_finger', 'sudden'], ['t_levers', 'vibration', 'no_drive', ...self::DRAGS], [], 'a look through the hole'),
            new Cause('pilot', 'Pilot bearing worn or seized', $strip, 4, ['whine_down', 'grabs', 'hard_hot'], ['judder', 'hard_running', 't_reverse', 'reverse_grinds'], ['noise_up'], 'the stripped pilot: play'),
            new Cause('brake_worn', 'Clutch brake worn', $strip, 8, ['first_from_rest', 't_brake'], ['hard_running'], ['reverse_grinds'], 'a look at the brake', classes: [VehicleClass::Truck], actuations: [Actuation::Pull]),
            new Cause('brake_hit', 'Clutch brake used on the move', $strip, 2, ['t_brake'], ['first_from_rest'], ['many_km'], 'brake worn with good linings: ask the driver', classes: [VehicleClass::Truck], actuations: [Actuation::Pull]),
            new Cause('levers_uneven', 'Levers of the two-stage clutch uneven', $strip, 6, ['branch_wont_stop', 't_levers'], ['vibration', 't_finger', 'hard_running'], [], 'lever heights', classes: [VehicleClass::Tractor]),
            new Cause('sucked', 'Smooth lining stuck to the flywheel', $strip, 1, ['stuck_hot', 'striking_frees'], ['t_rock', 'creeps', ...self::DRAGS], ['stuck_storage'], 'the stripped disc: grooves gone'),
            new Cause('rusted', 'Lining rusted on after storage', $strip, 1.5, ['stuck_storage', 't_rock'], ['creeps', 'striking_frees', ...self::DRAGS], ['stuck_hot'], 'rocking in gear with the engine off'),
        ];
    }

    /** @return list<Cause> */
    private static function rest(): array
    {
        $strip = Outcome::Strip;
        $other = Outcome::NotTheClutch;

        return [
            new Cause('release_bearing', 'Release bearing worn', $strip, 8, ['noise_down', 't_listen'], ['foot_rests', 'many_km', 'hard_use'], ['noise_up'], 'listening while pressing lightly', growsWithAge: true),
            new Cause('sleeve', 'Guide sleeve stepped', $strip, 2, ['jerky'], ['judder', 'heavy', 'many_km'], [], 'the stripped sleeve'),
            new Cause('flywheel_spots', 'Flywheel spotted or uneven', $strip, 5, ['judder'], ['after_flywheel', 'towing', 'burning_smell', 'grabs'], [], 'face map and runout'),
            new Cause('flywheel_loose', 'Flywheel bolts loose', $strip, 1, ['t_bolts', 'vibration'], ['judder', 'rattle_idle', 'clunk', 'after_flywheel'], [], 'a torque check'),
            new Cause('mounts', 'Mounts, driveline or a dragging brake', $other, 5, ['t_pry', 'clunk'], ['judder', 'jerky'], ['slip_load'], 'prying, lifting the wheels'),
            new Cause('damper', 'Damper or hub worn', $strip, 4, ['rattle_idle', 'clunk'], ['jerky', 'notchy', 'many_km', 'hard_use', 't_rev'], ['noise_down'], 'the stripped disc: play', growsWithAge: true),
            new Cause('gearbox_bearing', 'Gearbox input bearing', $other, 4, ['noise_up', 't_stethoscope'], ['many_km'], ['noise_down', 't_listen'], 'a stethoscope'),
            new Cause('light_flywheel', 'Light flywheel rattle', $other, 1, ['t_rev', 'rattle_idle', 'after_flywheel'], [], [], 'revving slightly: gone'),
            new Cause('dual_mass', 'Dual-mass flywheel worn', $strip, 6, ['rattle_stop', 't_dmf'], ['vibration', 'judder', 'rattle_idle', 'many_km'], [], 'free play and rock', growsWithAge: true, flywheel: FlywheelKind::DualMass),
            new Cause('synchroniser', 'Gearbox synchroniser', $other, 4, ['one_gear_grinds'], ['many_km'], ['reverse_grinds', 't_reverse', 'creeps'], 'the reverse test: quiet'),
        ];
    }
}
