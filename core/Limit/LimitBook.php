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
     * The limit in force: the built-in one, with the bounds of the shop in place of its own, and those of the maker in place of both.
     *
     * @param  string|null  $practice  the built-in row to fall back on where it has another name
     */
    public function find(string $name, ?string $practice = null): ?Limit
    {
        return $this->inForce($name, $this->practice->find($practice ?? $name, $this->class));
    }

    /** A built-in limit that follows from this job, with the bounds that maker or shop gave in place of its own. */
    public function over(Limit $builtIn): Limit
    {
        return $this->inForce($builtIn->name, $builtIn) ?? $builtIn;
    }

    /** The weightiest limit of this name that maker or shop gave, as given. */
    public function given(string $name): ?Limit
    {
        return $this->inForce($name, null);
    }

    private function inForce(string $name, ?Limit $limit): ?Limit
    {
        foreach (array_reverse(LimitSource::cases()) as $source) {
            foreach ($this->given as $given) {
                if ($given->name === $name && $given->source === $source) {
                    $limit = $limit?->bounded($given) ?? $given;
                }
            }
        }

        return $limit;
    }

    /**
     * A limit that the built-in table holds for every class alike, so that there always is one.
     *
     * @throws UnknownLimit when the code names a limit that does not exist
     */
    public function get(string $name): Limit
    {
        return $this->find($name) ?? throw UnknownLimit::named($name);
    }
}
