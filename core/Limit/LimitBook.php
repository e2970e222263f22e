<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Vehicle\VehicleClass;

/** The limits in force for one job: the maker's before the shop's before common practice. */
final readonly class LimitBook
{
    /**
     * @param  PracticeLimits  $practice  the built-in limits
     * @param  VehicleClass|null  $class  unknown: only built-in limits that are the same for every class apply
     * @param  list<Limit>  $given  limits entered for this job or by this shop
     */
    public function __construct(private PracticeLimits $practice, private ?VehicleClass $class, private array $given = [])
    {
    }

    /**
     * The weightiest limit of this name.
     *
     * @param  string|null  $practice  the built-in row to fall back on where it has another name
     */
    public function find(string $name, ?string $practice = null): ?Limit
    {
        return $this->given($name) ?? $this->practice->find($practice ?? $name, $this->class);
    }

    /** The weightiest limit of this name that maker or shop gave. */
    public function given(string $name): ?Limit
    {
        foreach (LimitSource::cases() as $source) {
            foreach ($this->given as $limit) {
                if ($limit->name === $name && $limit->source === $source) {
                    return $limit;
                }
            }
        }

        return null;
    }

    /**
     * A limit that the built-in table holds for every class alike, so that there always is one.
     *
     * @throws \OutOfBoundsException when the code names a limit that does not exist
     */
    public function get(string $name): Limit
    {
        return $this->find($name) ?? throw new \OutOfBoundsException("no limit {$name}");
    }
}
