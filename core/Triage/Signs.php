<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** What a driver or technician can notice, in the groups a picker shows. */
final class Signs
{
    /** @var array<string, string>|null */
    private static ?array $all = null;

    /** @return array<string, array<string, string>> group => sign => how it is said */
    public static function groups(): array
    {
        return [
            'Grip' => [
                'slip_load' => 'revs rise under load',
                'slip_hot' => 'slips only when hot',
                'burning_smell' => 'burning smell',
                'slip_high_gear' => 'slip worse in high gear',
            ],
            'Drive' => [
                'no_drive' => 'no drive at all, in any gear',
            ],
            'Release' => [
                'pedal_stays' => 'pedal stays down',
                'hard_running' => 'hard to select with the engine running, easy when off',
                'reverse_grinds' => 'reverse grinds',
                'creeps' => 'creeps with the pedal down',
                'window' => 'gear goes in only part-way down, locks again at full travel',
                'pumping_helps' => 'pumping the pedal helps',
                'striking_frees' => 'striking the pedal frees it briefly',
                'stuck_hot' => 'stuck after standing hot in neutral',
                'stuck_storage' => 'stuck after long storage',
                'hard_hot' => 'hard shifting only when hot',
                'branch_wont_stop' => 'take-off or travel does not stop',
                'first_from_rest' => 'grinds into first from rest only',
                'one_gear_grinds' => 'one forward gear grinds, reverse quiet',
            ],
            'Take-up' => [
                'judder' => 'judder at the start',
                'grabs' => 'grabs when manoeuvring slowly with the pedal down',
                'jerky' => 'jerky take-up',
                'bites_low' => 'bites near the floor',
                'bites_high' => 'bites high',
            ],
            'Pedal' => [
                'spongy' => 'spongy',
                'sinks' => 'sinks when held',
                'heavy' => 'heavy',
                'soft_odd' => 'soft and odd',
                'firm_again' => 'firm again just before the floor',
                'notchy' => 'notchy',
                'hardens_warm' => 'hardens as it warms',
                'no_free_play' => 'no free play',
                'much_free_play' => 'far too much free play',
            ],
            'Noise' => [
                'noise_down' => 'noise with the pedal down, gone when up',
                'noise_up' => 'noise with the pedal up in neutral, gone when pressed',
                'rattle_idle' => 'rattle at idle',
                'rattle_stop' => 'rattle when it starts and stops',
                'whine_down' => 'whine only with the pedal down in gear at rest',
                'vibration' => 'vibration with engine speed',
                'clunk' => 'clunk on load change',
            ],
            'Circumstances' => [
                'after_clutch' => 'began right after clutch work',
                'after_flywheel' => 'after the flywheel was machined or changed',
                'after_hydraulic' => 'after hydraulic work',
                'fluid_low' => 'fluid low',
                'oil_housing' => 'oil at the housing',
                'towing' => 'heavy towing or hill holding',
                'foot_rests' => 'foot rests on the pedal',
                'hard_use' => 'learners, or shuttle work',
                'stronger_engine' => 'stronger engine',
                'uprated_cover' => 'a stronger cover was fitted',
                'rough_driver' => 'a rough driver',
                'sudden' => 'came suddenly',
                'many_km' => 'many kilometres on the clutch',
            ],
        ];
    }

    /** Common on vehicles that have no fault at all, so that each says little by itself. */
    private const CIRCUMSTANCES = [
        'many_km', 'towing', 'foot_rests', 'hard_use', 'after_clutch', 'after_flywheel', 'after_hydraulic', 'sudden', 'stronger_engine',
        'uprated_cover', 'rough_driver',
    ];

    public static function isCircumstance(string $sign): bool
    {
        return in_array($sign, self::CIRCUMSTANCES, true);
    }

    /** @return array<string, string> sign => how it is said */
    public static function all(): array
    {
        return self::$all ??= array_merge(...array_values(self::groups()));
    }
}
