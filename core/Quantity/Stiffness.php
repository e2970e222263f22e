<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A spring rate, in newtons a millimetre. */
final readonly class Stiffness extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Stiffness;
    }
}
