<?php

declare(strict_types=1);

namespace Spindle\Demand;

/** A way in which the torque of an engine was given. */
enum GivenOutput: string
{
    case Peak = 'peak';
    case Curve = 'curve';
    case Power = 'power';
}
