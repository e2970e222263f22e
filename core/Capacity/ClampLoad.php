<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Stiffness;

/** The clamp load at the wear limit, and what that figure rests on. */
final readonly class ClampLoad
{
    /** @param  bool  $isAssumed  rests on a rule of thumb instead of data of this cover */
    private function __construct(public Force $worn, public bool $isAssumed, public string $origin)
    {
    }

    public static function given(Force $worn): self
    {
        return new self($worn, false, 'clamp load at the wear limit as given');
    }

    /**
     * Coil springs lengthen as the lining thins: F(w) = F_new − k · w. Never below nothing.
     *
     * @param  Stiffness  $rate  of all springs together
     * @param  Length  $wear  total lining wear at the disc
     */
    public static function ofCoils(Force $new, Stiffness $rate, Length $wear): self
    {
        return new self(Force::N(max(0.0, $new->value - $rate->value * $wear->value)), false, 'new − spring rate × wear travel');
    }

    /**
     * A diaphragm relaxes as the lining thins; its load follows the disc spring's curve, scaled to the load when new.
     *
     * @param  Length  $setDeflection  of the spring when new
     * @param  Length  $wear  taken off that deflection at the wear limit
     *
     * @throws CapacityError when the spring is not deflected enough to press at all
     */
    public static function ofDiaphragm(Force $new, DiscSpring $spring, Length $setDeflection, Length $wear): self
    {
        $atSet = $spring->load($setDeflection);
        if ($atSet->value <= 0.0 || $wear->value >= $setDeflection->value) {
            throw CapacityError::springBelowWear();
        }
        $worn = $spring->load($setDeflection->minus($wear));

        return new self(Force::N(max(0.0, $new->value * $worn->value / $atSet->value)), false, 'disc-spring curve of the diaphragm');
    }

    /** How far the share of an assumption may be off, either way. From memory [M]. */
    private const ASSUMPTION_SPREAD = 0.10;

    /**
     * The least and the greatest it may be: of an assumption a range, of anything else the figure itself.
     *
     * @return array{Force, Force}
     */
    public function range(Force $new): array
    {
        $spread = $this->isAssumed ? self::ASSUMPTION_SPREAD * $new->value : 0.0;

        return [Force::N(max(0.0, $this->worn->value - $spread)), Force::N($this->worn->value + $spread)];
    }

    /** Without data of the spring: a share of the new load that the finding names as an assumption. */
    public static function assumed(Force $new, SpringKind $kind): self
    {
        $share = $kind->assumedShareWhenWorn();

        return new self(
            $new->times($share->value),
            true,
            sprintf(
                'assumed %d %% of new at the wear limit for %s, no usable spring data',
                (int) round(100 * $share->value),
                lcfirst($kind->label()),
            ),
        );
    }
}
