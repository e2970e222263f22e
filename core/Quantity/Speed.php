<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A rotational speed, in revolutions a minute. */
final readonly class Speed extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Speed;
    }

    /** So many revolutions a minute. */
    public static function rpm(float $value): self
    {
        return self::of($value);
    }

    /** In radians a second, as formulas want it. */
    public function radiansPerSecond(): float
    {
        return $this->as('rad/s');
    }
}
