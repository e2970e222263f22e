<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** One quantity as somebody gave it: what was typed, what it means, and how finely it was read. */
final readonly class Entry
{
    /**
     * @param  string  $typed  what was written, kept for ever
     * @param  float  $resolution  the step of the last digit given, in base units; a converted figure shows no finer
     */
    public function __construct(
        public string $typed,
        public Quantity $quantity,
        public Unit $unit,
        public float $resolution,
    ) {
    }

    /** A number already in the base unit of its name, as a file may give it. */
    public static function ofBase(float $value, Dimension $dimension): self
    {
        $unit = $dimension->baseUnit();
        $typed = (string) json_encode($value);
        $decimals = strlen((string) strrchr($typed, '.')) - 1;

        return new self($typed, $dimension->quantity()::of($value), $unit, 10 ** -max(0, $decimals));
    }
}
