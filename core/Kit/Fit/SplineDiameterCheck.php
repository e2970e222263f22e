<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;

/** The same major diameter over the splines. */
final readonly class SplineDiameterCheck implements FitCheck
{
    /** How far the outside diameters of shaft and hub splines may differ, mm. Default from memory [M]. */
    public const TOLERANCE = 0.2;

    public function id(): string
    {
        return 'kit.spline_diameter';
    }

    public function label(): string
    {
        return 'Over the splines';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.spline_diameter'];
    }

    public function ofKit(): array
    {
        return ['kit.spline_diameter'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.spline_diameter'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $shaft = $case->vehicleLength('vehicle.spline_diameter');
        $hub = $case->kitLength('kit.spline_diameter');
        if ($shaft === null) {
            return FitAnswer::ask(FitSentences::ask('shaft_over_splines'), 'vehicle.spline_diameter');
        }
        if ($hub === null) {
            return FitAnswer::ask(FitSentences::ask('hub_over_splines'), 'kit.spline_diameter');
        }
        $tolerance = Length::mm(self::TOLERANCE);
        $limit = Limit::between(
            'kit.spline_diameter', $shaft->minus($tolerance), $shaft->plus($tolerance), LimitSource::Practice, Provenance::FromMemory,
        );

        return FitAnswer::when(
            $limit->judge($hub) === Verdict::Within,
            DiscFitSentences::overSplines($hub, $shaft),
        )->against($limit);
    }
}
