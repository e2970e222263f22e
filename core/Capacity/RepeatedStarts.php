<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\TemperatureRise;

/**
 * Starts one after the other: each heats the plates by the same step, and between them they cool towards where they began by
 * Newton's law of cooling, e^(−t/τ).
 */
final readonly class RepeatedStarts
{
    /** How long plates take to lose all but 37 % of their heat, s. Default from memory [M]. */
    private const TIME_CONSTANT = 300.0;

    private const BETWEEN = 60.0;

    public function __construct(private TemperatureRise $each)
    {
    }

    /** Above where they began, right after so many starts a minute apart: ΔT (1 + d + d² + …), d what a minute leaves. */
    public function after(int $starts): TemperatureRise
    {
        $left = exp(-self::BETWEEN / self::TIME_CONSTANT);

        return $this->each->times((1 - $left ** $starts) / (1 - $left));
    }

    /** Right before that start: what a minute has left of the one before. */
    public function before(int $start): TemperatureRise
    {
        return TemperatureRise::of($start <= 1 ? 0.0 : $this->after($start - 1)->value * exp(-self::BETWEEN / self::TIME_CONSTANT));
    }
}
