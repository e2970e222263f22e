<?php

declare(strict_types=1);

namespace Spindle\Demand;

/** What the greatest torque of an engine was known from. */
enum TorqueBasis: string
{
    case Peak = 'peak';
    case Curve = 'curve';
    case Power = 'power_floor';
}
