<?php

declare(strict_types=1);

namespace Spindle\Vehicle;

/** What stands between the pedal and the release bearing. */
enum Actuation: string
{
    case Cable = 'cable';
    case Rod = 'rod';
    case Slave = 'slave';
    case Concentric = 'concentric';
    case Pull = 'pull';

    public function label(): string
    {
        return match ($this) {
            self::Cable => 'Cable',
            self::Rod => 'Rod linkage',
            self::Slave => 'Hydraulic, slave at the fork',
            self::Concentric => 'Hydraulic, concentric bearing',
            self::Pull => 'Pull-type linkage',
        };
    }

    public function isHydraulic(): bool
    {
        return $this === self::Slave || $this === self::Concentric;
    }
}
