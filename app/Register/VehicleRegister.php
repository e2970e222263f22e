<?php

declare(strict_types=1);

namespace App\Register;

/** Where a vehicle's data can be asked for by plate or identification number. A real register stands in behind this. */
interface VehicleRegister
{
    /**
     * What is known of the vehicle, or nothing where the register knows none by that name.
     *
     * @throws RegisterUnavailable when it does not answer, or not in time
     */
    public function find(string $plateOrNumber): ?RegisteredVehicle;
}
