<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Quantity\Torque;

/** Torques that are met in practice. */
final readonly class UsualTorque
{
    /** A slipped digit is a factor of ten; a unit taken for another is one of four fifths to a tenth. Within this factor nothing is odd. */
    private const ROOM = 2.0;

    public function __construct(private Torque $least, private Torque $greatest)
    {
    }

    public function isOdd(Torque $torque): bool
    {
        return $torque->value < $this->least->value / self::ROOM || $torque->value > $this->greatest->value * self::ROOM;
    }
}
