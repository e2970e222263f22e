<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Force;
use Spindle\Quantity\Length;

/**
 * A conical disc spring without slots, after Almen and László.
 *
 * Source: J. O. Almen, A. László, The Uniform-Section Disk Spring, Trans. ASME 58 (1936); DIN EN 16984.
 * Steel: E = 206 000 N/mm², ν = 0.3. The slots and fingers of a diaphragm are levers on its inner edge: its own load and
 * travel transfer by the ratio of the radii about the pivot ring.
 */
final readonly class DiscSpring
{
    private const ELASTIC_MODULUS = 206_000.0;

    private const POISSON = 0.3;

    /** @param  float  $lever  travel at the edges for one of the plate, and load on the plate for one at the edges */
    private function __construct(
        private Length $outer,
        private Length $inner,
        private Length $thickness,
        private Length $coneHeight,
        private float $lever = 1.0,
    ) {
    }

    /**
     * @param  Length  $outer  diameter De
     * @param  Length  $inner  diameter Di, at the root of the slots
     * @param  Length  $thickness  t
     * @param  Length  $coneHeight  h₀, free height without the thickness
     *
     * @throws CapacityError when these do not make a cone
     */
    public static function cone(Length $outer, Length $inner, Length $thickness, Length $coneHeight): self
    {
        if ($inner->value <= 0.0 || $inner->value >= $outer->value || $thickness->value <= 0.0 || $coneHeight->value <= 0.0) {
            throw CapacityError::noDiscSpring();
        }

        return new self($outer, $inner, $thickness, $coneHeight);
    }

    /**
     * The same where it bears inside its edges: held at the pivot ring, pressing at the plate. Both are levers about the ring, so travel
     * and load transfer by the ratio of the arms, (De − Di) ÷ (plate − pivot), one way each.
     *
     * @param  Length  $plate  diameter where it presses the plate
     * @param  Length  $pivot  diameter of the pivot ring
     *
     * @throws CapacityError when the two do not lie within its edges
     */
    public function bearingAt(Length $plate, Length $pivot): self
    {
        if ($pivot->value < $this->inner->value || $plate->value <= $pivot->value || $plate->value > $this->outer->value) {
            throw CapacityError::bearsOutsideItsEdges();
        }
        $lever = ($this->outer->value - $this->inner->value) / ($plate->value - $pivot->value);

        return new self($this->outer, $this->inner, $this->thickness, $this->coneHeight, $lever);
    }

    /**
     * The load at a deflection, both where it bears:
     * F = 4E/(1−ν²) · t⁴/(K₁ De²) · (s/t) · [(h₀/t − s/t)(h₀/t − s/2t) + 1].
     */
    public function load(Length $deflection): Force
    {
        $t = $this->thickness->value;
        $delta = $this->outer->value / $this->inner->value;
        $k1 = 1 / M_PI * (($delta - 1) / $delta) ** 2 / (($delta + 1) / ($delta - 1) - 2 / log($delta));
        $h = $this->coneHeight->value / $t;
        $s = $this->lever * $deflection->value / $t;

        return Force::N(
            $this->lever * 4 * self::ELASTIC_MODULUS / (1 - self::POISSON ** 2)
            * $t ** 4 / ($k1 * $this->outer->value ** 2)
            * $s * (($h - $s) * ($h - $s / 2) + 1),
        );
    }

    /**
     * The deflection at which the load is greatest before it falls, or nothing where the curve has no hump (h₀/t up to √2):
     * the smaller root of dF/ds = 0, s = h₀ − t · √((h₀² / t² − 2) / 3).
     */
    public function hump(): ?Length
    {
        $ratio = $this->coneHeight->value / $this->thickness->value;

        $atEdges = $ratio <= M_SQRT2 ? null : $this->coneHeight->minus($this->thickness->times(sqrt(($ratio ** 2 - 2) / 3)));

        return $atEdges?->over($this->lever);
    }
}
