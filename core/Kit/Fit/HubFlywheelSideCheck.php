<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Display;
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

    public function judge(FitCase $case): FitAnswer
    {
        [$room, $asked] = $case->bringsFlywheel
            ? [$case->kitLength('kit.flywheel_crank_bolt_clearance'), 'kit.flywheel_crank_bolt_clearance']
            : [$case->vehicleLength('match.crank_bolt_clearance'), 'match.crank_bolt_clearance'];
        $hub = $case->kitLength('kit.hub_flywheel');
        $damper = $case->kitLength('kit.damper_flywheel');
        $stands = $hub === null ? $damper : ($damper === null ? $hub : Length::greatest([$hub, $damper]));
        if ($room === null) {
            return FitAnswer::ask('Measure from the friction face down to the crank-bolt heads or the pilot.', $asked);
        }
        if ($hub === null || $stands === null) {
            return FitAnswer::ask('How far the hub stands out on the flywheel side is not known.', 'kit.hub_flywheel');
        }
        $left = $room->value - $stands->value;
        $worn = $left - ($case->kitLength('kit.usable_per_side')->value ?? 0.0);
        $said = static fn (Display $d, string $rest): string => ($stands === $hub ? 'Hub' : 'Damper').' stands '.$d->quantity($stands, 0.1)
            .' into '.$d->quantity($room, 0.1).' of room'.$rest;

        return match (true) {
            $left <= 0.0 => FitAnswer::out(static fn (Display $d): string => $said($d,
                ': it stands on the crank bolts and the clutch will not release.')),
            $left < self::LEAST_LEFT - 1e-9 => FitAnswer::out(static fn (Display $d): string => $said($d, ': only '
                .$d->quantity(Length::mm($left), 0.1).' left, wanted '.$d->quantity(Length::mm(self::LEAST_LEFT), 0.1).'.')),
            $worn <= 0.0 => FitAnswer::near(static fn (Display $d): string => $said($d,
                ': clear when new, and on the bolts once the lining is worn down.')),
            default => FitAnswer::within(static fn (Display $d): string => $said($d, ', '.$d->quantity(Length::mm($left), 0.1).' left.')),
        };
    }
}
