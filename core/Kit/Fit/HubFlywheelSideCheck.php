<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Length;

/** The hub stands clear of crank bolts or pilot, new and worn. */
final readonly class HubFlywheelSideCheck implements FitCheck
{
    /** What must be left between hub and crank bolts, mm. Default from memory [M]. */
    public const LEAST_LEFT = 1.0;

    public function id(): string
    {
        return 'kit.hub_flywheel';
    }

    public function label(): string
    {
        return 'Hub, flywheel side';
    }

    public function ofVehicle(): array
    {
        return ['match.crank_bolt_clearance'];
    }

    public function ofKit(): array
    {
        return ['kit.hub_flywheel', 'kit.damper_flywheel', 'kit.usable_per_side', 'kit.flywheel_crank_bolt_clearance'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.hub_flywheel', ...($case->bringsFlywheel ? ['kit.flywheel_crank_bolt_clearance'] : [])];
    }

    public function judge(FitCase $case): FitAnswer
    {
        [$room, $asked] = $case->bringsFlywheel
            ? [$case->kitLength('kit.flywheel_crank_bolt_clearance'), 'kit.flywheel_crank_bolt_clearance']
            : [$case->vehicleLength('match.crank_bolt_clearance'), 'match.crank_bolt_clearance'];
        $hub = $case->kitLength('kit.hub_flywheel');
        $damper = $case->kitLength('kit.damper_flywheel');
        $stands = $hub === null ? $damper : ($damper === null ? $hub : Length::greatest([$hub, $damper]));
        if ($room === null) {
            return FitAnswer::ask(FitSentences::ask('room_to_crank_bolts'), $asked);
        }
        if ($hub === null || $stands === null) {
            return FitAnswer::ask(FitSentences::ask('hub_flywheel'), 'kit.hub_flywheel');
        }
        $left = $room->value - $stands->value;
        $worn = $left - ($case->kitLength('kit.usable_per_side')->value ?? 0.0);
        $then = match (true) {
            $left <= 0.0 => CrankBoltRoom::None,
            $left < self::LEAST_LEFT - 1e-9 => CrankBoltRoom::TooLittle,
            $worn <= 0.0 => CrankBoltRoom::GoneWhenWorn,
            default => CrankBoltRoom::Enough,
        };
        $said = DiscFitSentences::hubToCrankBolts($stands === $hub, $stands, $room, Length::mm($left), $then);

        return match ($then) {
            CrankBoltRoom::Enough => FitAnswer::within($said),
            CrankBoltRoom::GoneWhenWorn => FitAnswer::near($said),
            default => FitAnswer::out($said),
        };
    }
}
