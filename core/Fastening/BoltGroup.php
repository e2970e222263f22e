<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Quantity\Torque;

/** The groups of bolts that are tightened to a plan. */
enum BoltGroup: string
{
    case Flywheel = 'flywheel';
    case Cover = 'cover';
    case Housing = 'housing';
    case Slave = 'slave';

    public function label(): string
    {
        return match ($this) {
            self::Flywheel => 'Flywheel',
            self::Cover => 'Cover',
            self::Housing => 'Gearbox housing',
            self::Slave => 'Hydraulic bearing or slave',
        };
    }

    /** Between which torques such bolts usually lie in a car: to recognise a slipped digit, not to use. From memory [M]. */
    public function usual(): ?UsualTorque
    {
        return match ($this) {
            self::Flywheel => new UsualTorque(Torque::of(50.0), Torque::of(110.0)),
            self::Cover => new UsualTorque(Torque::of(19.0), Torque::of(35.0)),
            self::Slave => new UsualTorque(Torque::of(8.0), Torque::of(12.0)),
            self::Housing => null,
        };
    }

    public function key(string $name): string
    {
        return "fastening.{$this->value}.{$name}";
    }
}
