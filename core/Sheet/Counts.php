<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Quantity;

/** Which figure of a reading at several places counts. */
enum Counts: string
{
    case Least = 'least';
    case Greatest = 'greatest';
    case Spread = 'spread';

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
            self::Greatest => $places[0]::greatest($places),
            self::Spread => $places[0]::spread($places),
        };
    }

    public function formula(): string
    {
        return match ($this) {
            self::Least => 'the least of the places measured',
            self::Greatest => 'the greatest of the places measured',
            self::Spread => 'the greatest less the smallest',
        };
    }
}
