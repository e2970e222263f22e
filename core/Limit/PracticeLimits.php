<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Vehicle\VehicleClass;

/**
 * The built-in limits: what the trade goes by when the maker says nothing. Each row is written down by the subject that judges by it.
 */
final readonly class PracticeLimits
{
    /** @var array<string, list<PracticeRow>> */
    private array $byName;

    /** @param  list<PracticeRow>  $rows */
    public function __construct(public array $rows)
    {
        $byName = [];
        foreach ($rows as $row) {
            $byName[$row->name][] = $row;
        }
        $this->byName = $byName;
    }

    /** The built-in limit of this name for a class of vehicle, or nothing where only the maker can say. */
    public function find(string $name, ?VehicleClass $class): ?Limit
    {
        foreach ($this->named($name) as $row) {
            if ($row->appliesTo($class)) {
                return $row->limit();
            }
        }

        return null;
    }

    /** @return list<PracticeRow> those of one name, for different classes */
    public function named(string $name): array
    {
        return $this->byName[$name] ?? [];
    }
}
