<?php

declare(strict_types=1);

namespace Spindle\Vehicle;

enum FlywheelKind: string
{
    case Solid = 'solid';
    case DualMass = 'dual_mass';
    case Pot = 'pot';

    public function label(): string
    {
        return match ($this) {
            self::Solid => 'Solid, flat',
            self::DualMass => 'Dual-mass',
            self::Pot => 'Pot type',
        };
    }
}
