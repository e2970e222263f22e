<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Vehicle;

/**
 * A stand-in that ships with the demonstration: a file of invented vehicles, some of which answer late, too late, or not
 * at all, so that each case can be seen.
 */
final readonly class SimulatedRegister implements VehicleRegister
{
    /** Nobody at a bench waits longer for a form to fill itself. */
    public const PATIENCE_SECONDS = 3;

    /** @param  \Closure(float): void  $wait  for so many seconds */
    public function __construct(private string $file, private \Closure $wait)
    {
    }

    public static function shipped(): self
    {
        return new self(database_path('demo/register.json'), static function (float $seconds): void {
            usleep((int) ($seconds * 1_000_000));
        });
    }

    public function find(string $plateOrNumber): ?RegisteredVehicle
    {
        $asked = Vehicle::fold($plateOrNumber);
        foreach ($this->rows() as $row) {
            $names = array_map(static fn (string $field): string => Vehicle::fold(is_string($row[$field] ?? null) ? $row[$field] : ''), [
                'vehicle.plate',
                'vehicle.number',
            ]);
            if ($asked !== '' && in_array($asked, $names, true)) {
                return $this->answer($row);
            }
        }

        return null;
    }

    /** @param  array<array-key, mixed>  $row */
    private function answer(array $row): RegisteredVehicle
    {
        $seconds = $row['seconds'] ?? 0;
        $seconds = is_int($seconds) || is_float($seconds) ? (float) $seconds : throw RegisterUnavailable::offline();
        ($this->wait)(min($seconds, (float) self::PATIENCE_SECONDS));

        return $seconds > self::PATIENCE_SECONDS ? throw RegisterUnavailable::slow(self::PATIENCE_SECONDS) : RegisteredVehicle::of($row);
    }

    /** @return list<array<array-key, mixed>> */
    private function rows(): array
    {
        $read = json_decode((string) file_get_contents($this->file), true, 8, JSON_THROW_ON_ERROR);

        return is_array($read) ? array_values(array_filter($read, is_array(...))) : [];
    }
}
