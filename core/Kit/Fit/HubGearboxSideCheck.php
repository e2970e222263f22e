<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Length;

/** The hub fouls no finger, and its longer side faces the gearbox. */
final readonly class HubGearboxSideCheck implements FitCheck
{
    /** Less than this left to the fingers is too little to trust, mm. From memory [M]. */
    private const LEAST_LEFT = 1.0;

    public function id(): string
    {
        return 'kit.hub_gearbox';
    }

    public function label(): string
    {
        return 'Hub, gearbox side';
    }

    public function ofVehicle(): array
    {
        return ['match.spline_length'];
    }

    public function ofKit(): array
    {
        return ['kit.hub_gearbox', 'kit.hub_flywheel', 'kit.release_travel_max'];
    }

    public function needs(FitCase $case): array
    {
        return [
            'kit.hub_gearbox', 'kit.thickness_new', 'kit.finger_height',
            ...($case->kit->word('kit.release') === 'pull' ? [] : ['kit.release_travel_max']),
        ];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $hub = $case->kitLength('kit.hub_gearbox');
        $thickness = $case->kitLength('kit.thickness_new');
        $fingers = $case->kitLength('kit.finger_height');
        if ($hub === null || $thickness === null || $fingers === null) {
            return FitAnswer::ask(
                FitSentences::ask('hub_gearbox'),
                ...$case->kit->missing('kit.hub_gearbox', 'kit.thickness_new', 'kit.finger_height'),
            );
        }
        $isPushed = $case->kit->word('kit.release') !== 'pull';
        $travel = $isPushed ? $case->kitLength('kit.release_travel_max') : null;
        $left = $fingers->value - ($travel->value ?? 0.0) - $thickness->value - $hub->value;
        $flywheelSide = $case->kitLength('kit.hub_flywheel');
        $shaft = $case->vehicleLength('match.spline_length');
        $whole = $hub->plus($thickness)->plus($flywheelSide ?? Length::mm(0.0));

        return match (true) {
            $left <= 0.0 => FitAnswer::out(DiscFitSentences::hubMeetsFingers(
                $hub->plus($thickness), Length::mm($left)->plus($hub)->plus($thickness),
            )),
            $flywheelSide !== null && $shaft !== null && $whole->value > $shaft->value => FitAnswer::out(
                DiscFitSentences::hubRunsOffSplines($whole, $shaft),
            ),
            $isPushed && $travel === null => FitAnswer::ask(FitSentences::ask('finger_travel'), 'kit.release_travel_max'),
            $left < self::LEAST_LEFT - 1e-9 => FitAnswer::near(
                DiscFitSentences::hubCloseToFingers(Length::mm($left), Length::mm(self::LEAST_LEFT)),
            ),
            $flywheelSide !== null && $flywheelSide->value > $hub->value => FitAnswer::near(
                DiscFitSentences::longHubToFlywheel(),
            ),
            default => FitAnswer::within(DiscFitSentences::hubClearOfFingers(Length::mm($left))),
        };
    }
}
