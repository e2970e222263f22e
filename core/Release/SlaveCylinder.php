<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Area;
use Spindle\Quantity\Length;

/** The piston at the gearbox end: round at the fork, or a ring around the shaft. */
final readonly class SlaveCylinder
{
    private function __construct(private float $diameterSquared)
    {
    }

    /** @throws ReleaseError when the bore is not above zero */
    public static function round(Length $bore): self
    {
        return $bore->value > 0.0 ? new self($bore->value ** 2) : throw ReleaseError::slaveBoreNotPositive();
    }

    /**
     * A concentric slave: D² = D_out² − D_in².
     *
     * @throws ReleaseError when the diameters do not make a ring
     */
    public static function annular(Length $outer, Length $inner): self
    {
        return $inner->value > 0.0 && $inner->value < $outer->value
            ? new self($outer->value ** 2 - $inner->value ** 2)
            : throw ReleaseError::annularSlaveInsideOut();
    }

    /** In mm²: the square of the bore that would have the same area. */
    public function diameterSquared(): float
    {
        return $this->diameterSquared;
    }

    public function area(): Area
    {
        return Area::of(M_PI / 4 * $this->diameterSquared);
    }
}
