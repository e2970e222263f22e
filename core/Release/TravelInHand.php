<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/**
 * How far the fingers may still come back towards the gearbox before something stops them, and what happens then.
 *
 * As the lining wears the fingers move back by finger ratio × wear; what that eats depends on the actuation. Common practice, no source.
 */
final readonly class TravelInHand
{
    private function __construct(public Length $atFingers, public string $origin, public UsedUp $then)
    {
    }

    /** A bearing on the gearbox nose, with clearance or in light contact: A − B with its piston fully home, less the shims. */
    public static function ofConcentric(Length $clearance): self
    {
        return new self($clearance, 'A − B', UsedUp::PistonBottoms);
    }

    /** An external slave: the stroke its piston can still be pushed back ÷ fork ratio; one with a rod that is set is set again then. */
    public static function ofSlave(Length $strokeLeft, Ratio $fork, bool $isSet = false): self
    {
        return new self(
            $strokeLeft->over($fork->value), 'slave stroke left ÷ fork ratio', $isSet ? UsedUp::FreePlayGone : UsedUp::SlaveBottoms,
        );
    }

    /** A slave with a rod that is set: the clearance at its bearing. */
    public static function ofClearance(Length $clearance): self
    {
        return new self($clearance, 'clearance at the bearing', UsedUp::FreePlayGone);
    }

    /** Cable or rod: free play at the pad ÷ (pedal ratio × what lies between × fork ratio). */
    public static function ofFreePlay(Length $freePlay, Ratio $pedal, Ratio $between, Ratio $fork): self
    {
        return new self(
            $freePlay->over($pedal->value * $between->value * $fork->value),
            'free play ÷ (pedal ratio × linkage × fork ratio)',
            UsedUp::FreePlayGone,
        );
    }

    /** Pull-type with a linkage: the play of the fork at the bearing. */
    public static function ofForkPlay(Length $play): self
    {
        return new self($play, 'fork play', UsedUp::ForkPlayGone);
    }

    /**
     * Lining wear until it is used up.
     *
     * @throws \DomainException when the ratio is not above zero
     */
    public function wearBudget(Ratio $fingers): Length
    {
        return $fingers->value <= 0.0
            ? throw ReleaseError::ratioNotPositive('finger')
            : Length::mm(max(0.0, $this->atFingers->value / $fingers->value));
    }
}
