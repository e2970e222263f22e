<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Area;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;

/** The ring of friction lining on one face of a disc. */
final readonly class Lining
{
    private function __construct(public Length $outer, public Length $inner, public Ratio $coverage)
    {
    }

    /**
     * @param  Length  $outer  diameter
     * @param  Length  $inner  diameter
     * @param  Ratio|null  $coverage  share of the ring that pads cover; a full face without
     *
     * @throws CapacityError when the diameters do not make a ring, or the coverage is not above 0 up to 1
     */
    public static function ring(Length $outer, Length $inner, ?Ratio $coverage = null): self
    {
        $coverage ??= Ratio::of(1.0);
        if ($inner->value <= 0.0 || $inner->value >= $outer->value) {
            throw CapacityError::liningInsideOut();
        }
        if ($coverage->value <= 0.0 || $coverage->value > 1.0) {
            throw CapacityError::coverageNotAShare();
        }

        return new self($outer, $inner, $coverage);
    }

    /**
     * Effective radius with even pressure, as a new clutch in full contact: R = ⅔ (Ro³ − Ri³) / (Ro² − Ri²).
     *
     * Source: Budynas & Nisbett, Shigley's Mechanical Engineering Design, ch. 16.
     */
    public function radiusUniformPressure(): Length
    {
        [$ro, $ri] = [$this->outer->value / 2, $this->inner->value / 2];

        return Length::mm(2 / 3 * ($ro ** 3 - $ri ** 3) / ($ro ** 2 - $ri ** 2));
    }

    /**
     * Effective radius with even wear, as a run-in clutch: R = (Ro + Ri) / 2. Always the smaller of the two.
     *
     * Source: Budynas & Nisbett, Shigley's Mechanical Engineering Design, ch. 16.
     */
    public function radiusUniformWear(): Length
    {
        return $this->outer->plus($this->inner)->over(4);
    }

    /** Lining area of one face, pads counted by their coverage. */
    public function area(): Area
    {
        return Area::of(M_PI / 4 * ($this->outer->value ** 2 - $this->inner->value ** 2) * $this->coverage->value);
    }

    /** Mean pressure under a clamp load; N/mm² × 1000 = kPa. */
    public function pressureUnder(Force $clamp): Pressure
    {
        return Pressure::kPa($clamp->value / $this->area()->value * 1000);
    }
}
