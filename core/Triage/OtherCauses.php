<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Vehicle\FlywheelKind;

/**
 * Judder, noise, a hard pedal, and what is not the clutch. Directions of the evidence are common practice, no source; priors are
 * from memory.
 */
final class OtherCauses
{
    /** @return list<Cause> */
    public static function all(): array
    {
        $strip = Outcome::Strip;
        $other = Outcome::NotTheClutch;

        return [
            new Cause(
                'release_bearing',
                'Release bearing worn',
                $strip,
                8,
                ['noise_down', 't_listen'],
                ['foot_rests', 'many_km', 'hard_use'],
                ['noise_up'],
                'listening while pressing lightly',
                growsWithAge: true,
            ),
            new Cause('sleeve', 'Guide sleeve stepped', $strip, 2, ['jerky'], ['judder', 'heavy', 'many_km'], [], 'the stripped sleeve'),
            new Cause(
                'flywheel_spots',
                'Flywheel spotted or uneven',
                $strip,
                5,
                ['judder'],
                ['after_flywheel', 'towing', 'burning_smell', 'grabs'],
                [],
                'face map and runout',
            ),
            new Cause(
                'flywheel_loose',
                'Flywheel bolts loose',
                $strip,
                1,
                ['t_bolts', 'vibration'],
                ['judder', 'rattle_idle', 'clunk', 'after_flywheel'],
                [],
                'a torque check',
            ),
            new Cause(
                'mounts',
                'Mounts, driveline or a dragging brake',
                $other,
                5,
                ['t_pry', 'clunk'],
                ['judder', 'jerky'],
                ['slip_load'],
                'prying, lifting the wheels',
            ),
            new Cause(
                'damper',
                'Damper or hub worn',
                $strip,
                4,
                ['rattle_idle', 'clunk'],
                ['jerky', 'notchy', 'many_km', 'hard_use', 'rough_driver', 't_rev'],
                ['noise_down'],
                'the stripped disc: play',
                growsWithAge: true,
            ),
            new Cause(
                'gearbox_bearing',
                'Gearbox input bearing',
                $other,
                4,
                ['noise_up', 't_stethoscope'],
                ['many_km'],
                ['noise_down', 't_listen'],
                'a stethoscope',
            ),
            new Cause(
                'light_flywheel',
                'Light flywheel rattle',
                $other,
                1,
                ['t_rev', 'rattle_idle', 'after_flywheel'],
                [],
                [],
                'revving slightly: gone',
            ),
            new Cause(
                'dual_mass',
                'Dual-mass flywheel worn',
                $strip,
                6,
                ['rattle_stop', 't_dmf'],
                ['vibration', 'judder', 'rattle_idle', 'many_km'],
                [],
                'free play and rock',
                growsWithAge: true,
                flywheel: FlywheelKind::DualMass,
            ),
            new Cause(
                'synchroniser',
                'Gearbox synchroniser',
                $other,
                4,
                ['one_gear_grinds'],
                ['many_km'],
                ['reverse_grinds', 't_reverse', 'creeps'],
                'the reverse test: quiet',
            ),
        ];
    }
}
