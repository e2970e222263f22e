<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

/** What the hydraulics of a clutch cannot be. */
final class HydraulicsError extends \DomainException
{
    public static function ratioOrPressureNotPositive(): self
    {
        return new self('the pedal ratio and the line pressure are above zero');
    }
}
