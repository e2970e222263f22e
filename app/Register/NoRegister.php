<?php

declare(strict_types=1);

namespace App\Register;

/** A workshop that is connected to none. */
final class NoRegister implements VehicleRegister
{
    public function find(string $plateOrNumber): ?RegisteredVehicle
    {
        return null;
    }
}
