<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Demand\Duty;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Mark;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function judge(FitCase $case): FitAnswer
    {
        $engine = $case->vehicle->one(Speed::class, 'engine.speed_limit');
        $burst = $case->kit->one(Speed::class, 'kit.burst_speed');
        if ($engine === null) {
            return FitAnswer::ask('How fast the engine can turn is not entered.', 'engine.speed_limit');
        }
        if ($burst === null) {
            return FitAnswer::ask('The burst speed of the kit is not known.', 'kit.burst_speed');
        }
        $limit = Limit::atLeast('kit.speed', $engine->times(self::IN_HAND), LimitSource::Practice, Mark::FromMemory);
        $stands = $limit->judge($burst) === Verdict::Within;
        $said = static fn (Display $d): string => 'Bursts from '.$d->quantity($burst, 10.0).', '
            .$d->number($burst->value / $engine->value, 2)
            .' times what the engine turns; wanted '.$d->number(self::IN_HAND, 1);
        $guard = $stands && ($engine->value > self::FAST || $case->duty === Duty::Competition) ? self::guarded($case) : '';

        return match (true) {
            ! $stands => FitAnswer::out(static fn (Display $d): string => $said($d).'.')->against($limit),
            $guard === 'iron' => FitAnswer::out(static fn (Display $d): string => $said($d)
                .'. At this speed a cast-iron flywheel is not safe: a steel one and a containment bell housing.')->against($limit),
            $guard !== '' => FitAnswer::ask('So fast, a steel flywheel in a containment housing is wanted: say what is there.', $guard),
            default => FitAnswer::within(static fn (Display $d): string => $said($d).'.')->against($limit),
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
