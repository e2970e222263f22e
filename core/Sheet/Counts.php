<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Quantity;

/** Which figure of a reading at several places counts. */
enum Counts: string
{
    public const EVEN_FROM = 3;

    case Least = 'least';
    case Greatest = 'greatest';
    case Spread = 'spread';

    /** The greatest gap under a straight-edge, laid across in several directions. */
    case Flatness = 'flatness';

    /**
     * @template T of Quantity
     *
     * @param  non-empty-list<T>  $places
     * @return T
     */
    public function of(array $places): Quantity
    {
        return match ($this) {
            self::Least => $places[0]::least($places),
            self::Greatest, self::Flatness => $places[0]::greatest($places),
            self::Spread => $places[0]::spread($places),
        };
    }

    /** Evenness shows from three places on: fewer say nothing of what lies between. Common practice, no source. */
    public function leastPlaces(): int
    {
        return $this === self::Spread || $this === self::Flatness ? self::EVEN_FROM : 1;
    }

    public function formula(): string
    {
        return match ($this) {
            self::Least => 'the least of the places measured',
            self::Greatest => 'the greatest of the places measured',
            self::Flatness => 'the greatest of the directions measured',
            self::Spread => 'the greatest less the smallest',
        };
    }
}
