<?php

declare(strict_types=1);

namespace Spindle\Assessment\Owed;

/**
 * Entries of a complete job that nothing speaks for: taken out, or with a digit slipped, the job passes as before. Each with its reason;
 * whatever is not named here makes something turn near, unmeasured or out.
 */
final readonly class Free
{
    /**
     * @param  list<string>  $fields
     * @param  bool  $isFreeToMiss  whether it may be missing
     * @param  bool  $isFreeToSlip  whether a digit that slipped is not seen
     */
    private function __construct(public array $fields, public bool $isFreeToMiss, public bool $isFreeToSlip, public string $why)
    {
    }

    private static function toMiss(string $why, string ...$fields): self
    {
        return new self(array_values($fields), true, false, $why);
    }

    private static function toSlip(string $why, string ...$fields): self
    {
        return new self(array_values($fields), false, true, $why);
    }

    private static function both(string $why, string ...$fields): self
    {
        return new self(array_values($fields), true, true, $why);
    }

    /** @return list<self> */
    public static function all(): array
    {
        return [...self::ofTheVehicle(), ...self::betterThanTrue(), ...self::ofTheKit(), ...self::ofTheRelease(), ...self::ofTheRest()];
    }

    /** @return list<self> */
    private static function ofTheVehicle(): array
    {
        return [
            self::toMiss('Not every vehicle has one; its name is owed.', 'vehicle.plate'),
            self::toMiss('A car, a van and a tractor of one stage have one disc; of a truck it is owed.', 'vehicle.discs', 'kit.discs'),
            self::toMiss('Two stages say it already; a take-off of its own concerns no clutch.', 'vehicle.take_off'),
            self::toSlip('A job has no second meter to hold it against.', 'odometer', 'hour_meter'),
            self::both('It only foretells: the wear is judged by what is measured.', 'distance_since_fitted', 'time_since_fitted'),
            self::toMiss('One sign or one test is enough to say what the outcome rests on.', 'triage.signs', 'triage.t_reverse'),
            self::toMiss('Looked at where judder is complained of; each can imitate it, none is part of the clutch.',
                'surroundings.conditions'),
        ];
    }

    /** @return list<self> */
    private static function betterThanTrue(): array
    {
        return [
            self::toSlip('A reading that slipped towards better is like a good one, and nothing else measures it.', 'flywheel.face_runout',
                'flywheel.flatness', 'pilot.play', 'flywheel.free_play', 'flywheel.rock', 'match.friction_inner',
                'match.crank_bolt_clearance', 'match.housing_room', 'release.slave_stroke_left', 'truck.brake_squeeze', 'kit.burst_speed'),
            self::toMiss('Asked for as soon as metal has to come off; a flywheel that is only scuffed needs none.',
                'flywheel.thickness_min'),
            self::toMiss('A dual-mass flywheel rocks by its purpose: its free play and its rock are owed instead.', 'flywheel.face_runout',
                'flywheel.measuring_diameter'),
            self::both('The plate is new; what the old one measured is evidence. Of one that goes back both readings are owed.',
                'intermediate.flatness'),
            self::toMiss('The pins are new with the plate; those that stay are measured, or felt at the bench.',
                'intermediate.pin_clearance'),
        ];
    }

    /** @return list<self> */
    private static function ofTheKit(): array
    {
        return [
            self::toMiss('Name or number, one of them tells which kit it is.', 'kit.name', 'kit.number'),
            self::toMiss('Owed of the new part on the bench, and what is measured there takes the place of what a list says.',
                'kit.lining_outer', 'kit.thickness_new', 'kit.spline_count', 'kit.finger_height', 'kit.hub_flywheel', 'kit.hub_gearbox',
                'kit.bolt_count', 'kit.bolt_circle'),
            self::toMiss('A claim is not needed: what the data work out to is judged.', 'kit.claimed_torque'),
            self::toMiss('Measured on the new disc, or by the next job on the old one.', 'kit.usable_per_side'),
            self::toSlip('Small, it shortens the life that is foretold and nothing else.', 'kit.usable_per_side'),
            self::toMiss('The pedal is pressed in a test that is owed; a heavier one is felt.', 'kit.release_load', 'match.release_load'),
            self::both('Few lists have it; the trial on the bare flywheel is owed and shows it.', 'kit.damper_flywheel',
                'kit.cover_window'),
            self::toMiss('The cover on its dowels with every hole in line is owed at the bench.', 'kit.bolt_size', 'kit.dowels',
                'match.bolt_size', 'match.dowels'),
            self::toMiss('Cover and bearing of one box are made for each other; that it slides on its sleeve is owed.', 'kit.bearing_kind',
                'match.bearing_face'),
            self::both('Asked where the kit brings a pilot of its own; the play in the old one is owed.', 'shaft.tip_diameter',
                'match.pilot_seat'),
            self::both('That the disc slides over the whole spline is owed at the bench.', 'match.spline_length'),
            self::both('Without them four fifths of the load are taken at the wear limit, and it is said.', 'kit.spring_rate',
                'kit.wear_travel'),
            self::toMiss('What is in the box says it.', 'parts.concentric_slave', 'parts.clutch_brake', 'parts.intermediate_plate',
                'parts.alignment_tool'),
            self::toSlip('The old disc is evidence, and was measured while the clutch came apart.', 'bench.thickness_old'),
        ];
    }

    /** @return list<self> */
    private static function ofTheRelease(): array
    {
        return [
            self::toMiss('The air gap is measured, and that is the proof; the chain explains it. Without it the whole chain is asked.',
                'release.pedal_ratio', 'release.linkage_ratio', 'release.fork_ratio', 'release.finger_ratio', 'release.cushion',
                'release.light_contact', 'release.booster_stroke', 'release.clearance', 'release.master_bore', 'release.slave_bore',
                'release.slave_outer', 'release.slave_inner'),
            self::both('A pull-type clutch is set by its brake, gap, fork play and free pedal, which are owed; its chain explains them.',
                'release.pedal_ratio', 'release.linkage_ratio', 'release.fork_ratio', 'release.finger_ratio', 'release.cushion',
                'kit.release_travel_max'),
            self::toSlip('The pedal is pressed in a test that is owed; what it takes is felt there.', 'release.pedal_force_measured'),
            self::toMiss('Gap or chain, one of them is owed: behind a booster the chain is worked out of a stroke that was measured.',
                'release.air_gap_measured'),
            self::toMiss('A cable that adjusts itself has none.', 'release.free_play'),
            self::both('It only turns millimetres into turns of the spanner; what came of them is measured.', 'release.rod_pitch'),
            self::toMiss('The driver has no wish; the middle of the band is taken.', 'release.take_up_wanted'),
            self::toMiss('Asked once metal comes off the face.', 'flywheel.pot_depth', 'flywheel.pot_depth_wanted'),
        ];
    }

    /** @return list<self> */
    private static function ofTheRest(): array
    {
        return [
            self::toMiss('The maker\'s torque decides; thread and grade give a second look at it.', 'fastening.cover.thread',
                'fastening.cover.grade', 'fastening.slave.thread', 'fastening.slave.grade'),
            self::toSlip('More rounds than needed do no harm.', 'hydraulics.counted_1', 'hydraulics.counted_3', 'hydraulics.counted_5'),
            self::toSlip('Within the usual interval it is the workshop\'s own judgement.', 'prove.recheck.after', 'prove.recheck.hours'),
        ];
    }
}
