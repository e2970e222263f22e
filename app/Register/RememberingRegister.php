<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Vehicle;
use Illuminate\Contracts\Cache\Repository;

/** Asks another register once and remembers what it found for an hour, so that a form sent right after need not wait again. */
final readonly class RememberingRegister implements VehicleRegister
{
    private const SECONDS = 3600;

    public function __construct(private VehicleRegister $register, private Repository $cache)
    {
    }

    public function find(string $plateOrNumber): ?RegisteredVehicle
    {
        $key = 'register:'.Vehicle::fold($plateOrNumber);
        $known = $this->cache->get($key);
        if (is_array($known)) {
            return RegisteredVehicle::of($known);
        }
        $found = $this->register->find($plateOrNumber);
        if ($found !== null) {
            $this->cache->put($key, $found->entries, self::SECONDS);
        }

        return $found;
    }
}
