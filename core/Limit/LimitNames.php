<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** What limits are called that are named for no reading but for a figure made of several. */
final class LimitNames
{
    private const NAMES = [
        'disc.rivet_depth' => 'Depth to the rivets, either side',
        'wear.percent' => 'Lining used',
        'disc.reading_spread' => 'One reading at several places, spread',
        'disc.wear_difference' => 'Wear of the two sides, difference',
        'cover.finger_evenness' => 'Finger heights, spread',
        'cover.lever_evenness' => 'Lever heights, spread',
        'cover.clamp_load_percent' => 'Clamp load on the press',
        'cover.spring_evenness' => 'Coil springs, spread of free length',
        'fork.clamp_load_percent' => 'Clamp load of the new kit over the old',
        'flywheel.face_runout_share' => 'Face runout, share of the diameter',
        'two_stage.lever_evenness' => 'Levers of both stages, spread',
        'two_stage.first_release_percent' => 'Travel to the first release',
        'two_stage.air_gap_face' => 'Air gap of each disc, a face',
        'capacity.margin_tolerance' => 'Torque run in, share of the reserve',
        'capacity.floor_margin' => 'Torque worn or hot, over the engine',
        'release.clearance_spread' => 'Depth to the fingers, spread',
        'release.air_gap_face' => 'Air gap fully released, a face',
        'release.take_up_percent' => 'Take-up above the floor',
        'release.pedal_force' => 'Pedal force',
        'disc.wear_disagreement' => 'Wear by thickness against wear by the rivets',
        'release.wear_budget' => 'Lining wear the release still follows',
        'release.free_play_in_contact' => "Free play to the master's pushrod",
    ];

    /** Empty where the limit has the name of its reading. */
    public static function of(string $limit): string
    {
        return self::NAMES[$limit] ?? '';
    }
}
