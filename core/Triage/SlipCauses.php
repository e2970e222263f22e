<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** Why a clutch does not hold. Directions of the evidence are common practice, no source; priors are from memory. */
final class SlipCauses
{
    /** @return list<Cause> */
    public static function all(): array
    {
        $strip = Outcome::Strip;

        return [
            new Cause(
                'lining_worn',
                'Lining worn out',
                $strip,
                20,
                ['slip_high_gear', 'bites_high', 'many_km', 't_slip', 'slip_load', 'no_drive'],
                ['burning_smell'],
                ['after_clutch', 't_slacken'],
                'rivet depth, after a short slip test',
                growsWithAge: true,
            ),
            new Cause(
                'oil_on_lining',
                'Oil or grease on the lining',
                $strip,
                6,
                ['oil_housing', 't_oil', 'slip_load'],
                ['judder', 't_slip', 'slip_high_gear', 'slip_hot'],
                [],
                'a look through the inspection hole',
            ),
            new Cause(
                'glazed',
                'Glazed, overheated lining',
                $strip,
                6,
                ['towing', 'burning_smell', 'slip_hot', 't_slip'],
                ['slip_load', 'judder', 'slip_high_gear', 'hard_use', 'rough_driver'],
                ['t_oil'],
                'the stripped disc',
            ),
            new Cause(
                'springs_weak',
                'Springs weak or overstroked',
                $strip,
                3,
                ['firm_again', 't_firm', 't_slip', 'slip_load'],
                ['slip_high_gear'],
                ['many_km'],
                'clamp load and finger height',
            ),
            new Cause(
                'engine_beyond',
                'Engine beyond the clutch',
                $strip,
                2,
                ['stronger_engine', 't_capacity', 'slip_load'],
                ['slip_high_gear', 't_slip'],
                ['t_oil'],
                'the computed capacity',
            ),
            new Cause(
                'held_off',
                'Held off: no free play, tight cable, sticking slave',
                Outcome::Adjust,
                6,
                ['no_free_play', 't_slacken', 'slip_load'],
                ['noise_down', 'slip_high_gear', 't_slip', 'foot_rests', 'bites_high', 'burning_smell'],
                ['much_free_play', 'bites_low'],
                'slacken and try again',
            ),
        ];
    }
}
