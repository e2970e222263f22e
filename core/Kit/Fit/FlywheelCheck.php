<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Length;

/** A flywheel in the kit meets starter, crankshaft and balance of the engine. */
final readonly class FlywheelCheck implements FitCheck
{
    /** How far bolt circles of flywheel and crankshaft may differ, mm; and the modules of two ring gears. From memory [M]. */
    private const TOLERANCE = 0.3;

    private const MODULE_TOLERANCE = 0.05;

    public function id(): string
    {
        return 'kit.flywheel';
    }

    public function label(): string
    {
        return 'Flywheel';
    }

    public function ofVehicle(): array
    {
        return ['match.ring_teeth', 'match.ring_outer', 'match.crank_bolt_count', 'match.crank_bolt_circle', 'match.balance'];
    }

    public function ofKit(): array
    {
        return ['kit.ring_teeth', 'kit.ring_outer', 'kit.crank_bolt_count', 'kit.crank_bolt_circle', 'kit.balance'];
    }

    public function needs(FitCase $case): array
    {
        return $case->bringsFlywheel ? ['kit.ring_teeth', 'kit.crank_bolt_count', 'kit.crank_bolt_circle'] : [];
    }

    public function judge(FitCase $case): FitAnswer
    {
        if (! $case->bringsFlywheel) {
            return FitAnswer::notApplicable(FitSentences::notMade('no_flywheel'));
        }
        [$oldTeeth, $teeth] = [$case->vehicle->count('match.ring_teeth'), $case->kit->count('kit.ring_teeth')];
        [$oldBolts, $bolts] = [$case->vehicle->count('match.crank_bolt_count'), $case->kit->count('kit.crank_bolt_count')];
        [$oldCircle, $circle] = [$case->vehicleLength('match.crank_bolt_circle'), $case->kitLength('kit.crank_bolt_circle')];
        [$oldBalance, $balance] = [$case->vehicle->word('match.balance'), $case->kit->word('kit.balance')];

        return match (true) {
            $oldTeeth !== null && $teeth !== null && $oldTeeth !== $teeth => FitAnswer::out(
                FitSentences::ringTeethDiffer($teeth, $oldTeeth),
            ),
            self::pitchDiffers($case, $oldTeeth,
                $teeth) => FitAnswer::out(FitSentences::ringPitchDiffers()),
            $oldBolts !== null && $bolts !== null && $oldBolts !== $bolts => FitAnswer::out(
                FitSentences::crankBoltsDiffer($bolts, $oldBolts),
            ),
            $oldCircle !== null && $circle !== null && abs($oldCircle->value - $circle->value) > self::TOLERANCE + 1e-9 => FitAnswer::out(
                FitSentences::crankCirclesDiffer($circle, $oldCircle),
            ),
            $oldBalance !== null && $balance !== null && $oldBalance !== $balance => FitAnswer::out(
                FitSentences::balanceDiffers($balance, $oldBalance),
            ),
            default => self::asked($case) ?? FitAnswer::within(FitSentences::flywheel($teeth, $bolts)),
        };
    }

    private static function asked(FitCase $case): ?FitAnswer
    {
        $ofVehicle = $case->vehicle->missing('match.ring_teeth', 'match.crank_bolt_count', 'match.crank_bolt_circle');
        $ofEngine = $case->kit->word('kit.balance') === 'external' ? $case->vehicle->missing('match.balance') : [];
        $balance = $case->vehicle->word('match.balance') === 'external' ? $case->kit->missing('kit.balance') : [];
        $ofKit = $case->kit->missing('kit.ring_teeth', 'kit.crank_bolt_count', 'kit.crank_bolt_circle');

        return match (true) {
            $ofVehicle !== [] => FitAnswer::ask(FitSentences::ask('ring_and_bolts'),
                ...$ofVehicle),
            $ofKit !== [] => FitAnswer::ask(FitSentences::ask('kit_flywheel'), ...$ofKit),
            $ofEngine !== [] => FitAnswer::ask(FitSentences::ask('balance'), ...$ofEngine),
            $balance !== [] => FitAnswer::ask(FitSentences::ask('kit_balance'), ...$balance),
            default => null,
        };
    }

    /** By the module of the teeth, outside diameter ÷ (teeth + 2). Source: ISO 53, basic rack of spur gears. */
    private static function pitchDiffers(FitCase $case, ?int $oldTeeth, ?int $teeth): bool
    {
        [$old, $new] = [$case->vehicleLength('match.ring_outer'), $case->kitLength('kit.ring_outer')];
        $module = static fn (Length $outer, int $z): float => $outer->value / ($z + 2);

        return $old !== null && $new !== null && $oldTeeth !== null && $teeth !== null
            && abs($module($old, $oldTeeth) - $module($new, $teeth)) > self::MODULE_TOLERANCE;
    }
}
