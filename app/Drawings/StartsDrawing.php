<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Capacity\LaunchJudgement;
use Spindle\Capacity\RepeatedStarts;
use Spindle\Quantity\TemperatureRise;

/** The plates' temperature over ten starts a minute apart, above where they began. Picture 680 × 170. */
final readonly class StartsDrawing
{
    private function __construct(public string $path, public float $topSaidAt, public string $each, public string $afterAll)
    {
    }

    /** Nothing while the rise of one start is not known. */
    public static function of(AssessedJob $page): ?self
    {
        $rise = $page->assessment->figure('launch.plate_rise');
        $last = $page->assessment->figure('launch.temperature_after_ten');
        if (! is_float($rise) || ! is_float($last) || $last <= 0.0) {
            return null;
        }
        $starts = new RepeatedStarts(TemperatureRise::of($rise));
        $y = static fn (float $k): float => round(140 - 112 * $k / $last, 1);
        $path = 'M60 140';
        for ($i = 1; $i <= LaunchJudgement::STARTS; $i++) {
            $x = 60 + 58 * ($i - 1);
            $path .= "L{$x} {$y($starts->before($i)->value)}L{$x} {$y($starts->after($i)->value)}";
            $path .= 'L'.($x + 58).' '.$y($starts->before($i + 1)->value);
        }

        return new self($path, max(14.0, $y($last) - 6), $page->display->number($rise, 0), $page->display->number($last, 0));
    }
}
