<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A moment of inertia, in kg·m²; computed, never typed. */
final readonly class Inertia extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Inertia;
    }
}
