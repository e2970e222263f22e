<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Demand\Duty;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Speed;

/** It stands the speed of the engine with something in hand. */
final readonly class SpeedCheck implements FitCheck
{
    /**
     * Burst speed of disc and flywheel over the limit of the engine; and a speed that wants steel and containment, rpm. From
     * memory [M].
     */
    public const IN_HAND = 1.2;

    private const FAST = 7000.0;

    public function id(): string
    {
        return 'kit.speed';
    }

    public function label(): string
    {
        return 'Speed';
    }

    public function ofVehicle(): array
    {
        return ['engine.speed_limit', 'match.flywheel_material', 'match.containment'];
    }

    public function ofKit(): array
    {
        return ['kit.burst_speed', 'kit.flywheel_material'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.burst_speed'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $engine = $case->vehicle->one(Speed::class, 'engine.speed_limit');
        $burst = $case->kit->one(Speed::class, 'kit.burst_speed');
        if ($engine === null) {
            return FitAnswer::ask(FitSentences::ask('engine_speed'), 'engine.speed_limit');
        }
        if ($burst === null) {
            return FitAnswer::ask(FitSentences::ask('burst_speed'), 'kit.burst_speed');
        }
        $limit = Limit::atLeast('kit.speed', $engine->times(self::IN_HAND), LimitSource::Practice, Provenance::FromMemory);
        $stands = $limit->judge($burst) === Verdict::Within;
        $guard = $stands && ($engine->value > self::FAST || $case->duty === Duty::Competition) ? self::guarded($case) : '';

        return match (true) {
            ! $stands => FitAnswer::out(FitSentences::burstSpeed($burst, $engine, false))->against($limit),
            $guard === 'iron' => FitAnswer::out(FitSentences::burstSpeed($burst, $engine, true))->against($limit),
            $guard !== '' => FitAnswer::ask(FitSentences::ask('steel_and_containment'), $guard),
            default => FitAnswer::within(FitSentences::burstSpeed($burst, $engine, false))->against($limit),
        };
    }

    /** What is still to be said of flywheel and housing; "iron" for a flywheel that is not safe, empty where both are right. */
    private static function guarded(FitCase $case): string
    {
        [$word, $asked] = $case->bringsFlywheel
            ? [$case->kit->word('kit.flywheel_material'), 'kit.flywheel_material']
            : [$case->vehicle->word('match.flywheel_material'), 'match.flywheel_material'];

        return match (true) {
            $word === 'iron' => 'iron',
            $word === null => $asked,
            ! $case->vehicle->flag('match.containment') => 'match.containment',
            default => '',
        };
    }
}
