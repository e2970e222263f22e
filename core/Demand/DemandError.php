<?php

declare(strict_types=1);

namespace Spindle\Demand;

/** What the figures of an engine cannot be. */
final class DemandError extends \DomainException
{
    public static function powerWithoutSpeed(): self
    {
        return new self('power gives a torque only with the speed it is made at');
    }

    public static function lossNotAShare(): self
    {
        return new self('a driveline loss lies between 0 and 1');
    }

    public static function harshBelowReserve(): self
    {
        return new self('a clutch is harsh only above the reserve that is wanted of it');
    }
}
