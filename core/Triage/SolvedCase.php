<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Vehicle\VehicleClass;

/** One job whose cause was found out, with what had been noted before: signs that were there, tests and how they turned out. */
final readonly class SolvedCase
{
    public function __construct(public ?VehicleClass $class, public string $cause, public Evidence $evidence)
    {
    }
}
