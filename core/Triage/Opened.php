<?php

declare(strict_types=1);

namespace Spindle\Triage;

/**
 * What an open clutch says of each cause. Common practice, no source.
 *
 * A proof is a finding that is out ("disc.wear"), or a condition seen on a part ("disc:oil"). A cause is cleared when every
 * place where its proof would be was looked at and none was found. Causes that nothing inside shows are not in the table.
 */
final class Opened
{
    private const PROOFS = [
        'lining_worn' => [
            'disc.wear',
            'disc.rivet_depth_flywheel',
            'disc.rivet_depth_cover',
            'disc2.wear',
            'disc2.rivet_depth_flywheel',
            'disc2.rivet_depth_cover',
        ],
        'oil_on_lining' => ['disc:oil', 'disc2:oil', 'disc.oil'],
        'glazed' => ['disc:glazed', 'disc:blue', 'disc:grooves_gone', 'disc2:glazed', 'disc2:blue'],
        'springs_weak' => [
            'cover.clamp_load',
            'cover.spring_lengths',
            'cover:blue_spring',
            'cover:missing_spring',
            'cover:bent_strap',
            'two_stage:blue_spring',
            'two_stage:missing_spring',
        ],
        'held_off' => ['cover.finger_wear', 'bearing:face_track'],
        'slave_leak' => ['bearing:wet'],
        'fork' => ['fork:bent', 'fork:cracked', 'fork:worn_pads', 'fork:worn_pivot'],
        'disc_wrong_way' => ['disc:wrong_way', 'disc2:wrong_way', 'two_stage:boss_reversed'],
        'disc_bent' => ['disc:bent', 'disc.runout', 'disc2:bent', 'disc2.runout'],
        'not_set_back' => ['cover.finger_heights'],
        'hub_binds' => ['disc:tight_hub', 'disc2:tight_hub', 'shaft:stepped', 'shaft:rust', 'shaft:twisted'],
        'trapped_piece' => [
            'disc:loose_lining',
            'disc:broken_spring',
            'disc2:loose_lining',
            'cover:missing_spring',
            'cover:broken_lug',
            'two_stage:missing_spring',
        ],
        'broken_finger' => [
            'cover:broken_finger',
            'cover:broken_lug',
            'cover:uneven_lever',
            'cover.finger_heights',
            'two_stage:broken_lug',
        ],
        'pilot' => ['pilot.play', 'pilot:rough', 'pilot:loose', 'pilot:seized', 'pilot:dry', 'pilot:binds'],
        'brake_worn' => ['truck:brake'],
        'brake_hit' => ['truck:brake'],
        'levers_uneven' => ['two_stage.lever_heights', 'two_stage:broken_lug', 'cover:uneven_lever'],
        'sucked' => ['disc:grooves_gone'],
        'release_bearing' => ['bearing:rough', 'bearing:dry', 'bearing:noisy', 'bearing:loose'],
        'sleeve' => ['sleeve:stepped', 'sleeve:catches', 'sleeve:loose'],
        'flywheel_spots' => ['flywheel.marks', 'flywheel:heat_spots', 'flywheel:scoring', 'flywheel.face_runout', 'flywheel.flatness'],
        'flywheel_loose' => ['flywheel:loose_bolts'],
        'mounts' => ['surroundings:engine_mount', 'surroundings:gearbox_mount', 'surroundings:joints', 'surroundings:brake_drags'],
        'damper' => ['disc:loose_spring', 'disc:broken_spring', 'disc.hub_play', 'disc2:loose_spring', 'disc2.hub_play'],
        'dual_mass' => ['flywheel.free_play', 'flywheel.rock', 'flywheel:grease_thrown', 'flywheel:noisy'],
    ];

    /** Readings without which a cause is not ruled out; the others only add to what is seen. */
    private const DECISIVE = [
        'disc.wear', 'disc2.wear', 'cover.clamp_load', 'cover.finger_wear', 'cover.finger_heights', 'pilot.play', 'two_stage.lever_heights',
        'flywheel.face_runout', 'flywheel.flatness', 'flywheel.free_play', 'flywheel.rock',
    ];

    /** Whether a cause is not ruled out without this proof. */
    public static function isDecisive(string $proof): bool
    {
        return in_array($proof, self::DECISIVE, true);
    }

    /** @return list<string> nothing where an open clutch cannot tell */
    public static function proofs(string $cause): array
    {
        return self::PROOFS[$cause] ?? [];
    }
}
