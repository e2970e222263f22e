<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** As many splines in the hub as on the shaft. */
final readonly class SplineCountCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.spline_count';
    }

    public function label(): string
    {
        return 'Splines';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.spline_count'];
    }

    public function ofKit(): array
    {
        return ['kit.spline_count'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.spline_count'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $shaft = $case->vehicle->count('vehicle.spline_count');
        $hub = $case->kit->count('kit.spline_count');

        return match (true) {
            $shaft === null => FitAnswer::ask(FitSentences::ask('shaft_splines'), 'vehicle.spline_count'),
            $hub === null => FitAnswer::ask(FitSentences::ask('hub_splines'), 'kit.spline_count'),
            default => FitAnswer::when($shaft === $hub, DiscFitSentences::splines($hub, $shaft)),
        };
    }
}
