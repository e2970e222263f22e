<?php

declare(strict_types=1);

namespace Spindle\JobSheet;

/** One computed figure under its fixed name, in its fixed unit. */
final readonly class Figure
{
    public function __construct(public string $name, public float|int|string $value, public string $unit)
    {
    }
}
