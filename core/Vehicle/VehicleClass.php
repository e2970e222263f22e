<?php

declare(strict_types=1);

namespace Spindle\Vehicle;

enum VehicleClass: string
{
    case Car = 'car';
    case Van = 'van';
    case Truck = 'truck';
    case Tractor = 'tractor';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** Cars and vans share their limits, and so do trucks and tractors in most tables. */
    public function isLight(): bool
    {
        return $this === self::Car || $this === self::Van;
    }
}
