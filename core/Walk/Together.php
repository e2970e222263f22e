<?php

declare(strict_types=1);

namespace Spindle\Walk;

use Spindle\Fitting\FittingFields;
use Spindle\Fitting\Stretch;

/**
 * Steps of the fitting that hands do in one go are asked in one go: named one below the other with what goes wrong at each, said to be done
 * each by itself or all that are left. No reading, look or test is ever asked so: each of them is a judgement of its own.
 */
final readonly class Together
{
    /** So many stand on a phone with what goes wrong at each. */
    public const MOST = 4;

    /** @param  non-empty-list<Step>  $steps  one, or several of a stretch */
    private function __construct(public array $steps, public ?Stretch $stretch)
    {
    }

    /**
     * @param  list<Step>  $steps  in the order of the walk, which stays
     * @return list<self>
     */
    public static function of(array $steps): array
    {
        $runs = [];
        $last = null;
        foreach ($steps as $step) {
            $stretch = self::stretch($step);
            if ($stretch !== null && $stretch === $last) {
                $runs[array_key_last($runs)][] = $step;
            } else {
                $runs[] = [$step];
            }
            $last = $stretch;
        }
        $all = [];
        foreach ($runs as $run) {
            // As evenly as can be: five are three and two, not four and one.
            foreach (array_chunk($run, max(1, (int) ceil(count($run) / ceil(count($run) / self::MOST)))) as $part) {
                $all[] = new self($part, count($part) > 1 ? self::stretch($part[0]) : null);
            }
        }

        return $all;
    }

    private static function stretch(Step $step): ?Stretch
    {
        $fitting = FittingFields::stepOf($step->key);

        return $fitting === null ? null : Stretch::of($fitting);
    }
}
