<?php

declare(strict_types=1);

namespace Spindle\Release;

/** What a release mechanism cannot be. */
final class ReleaseError extends \DomainException
{
    public static function ratioNotPositive(string $name): self
    {
        return new self("the {$name} ratio is above zero");
    }

    /** The chain is known, and what is judged of it is not: never so. */
    public static function chainLost(): self
    {
        return new self('what the chain comes to is lost');
    }

    public static function noDisc(): self
    {
        return new self('a clutch has at least one disc');
    }

    public static function efficiencyNotAShare(): self
    {
        return new self('an efficiency lies above 0 and up to 1');
    }

    public static function slaveBoreNotPositive(): self
    {
        return new self('a slave bore is above zero');
    }

    public static function annularSlaveInsideOut(): self
    {
        return new self('the inner diameter of an annular slave lies between 0 and the outer');
    }

    public static function ratioOrPitchNotPositive(): self
    {
        return new self('the pedal ratio and the thread pitch are above zero');
    }

    public static function masterBoreNotPositive(): self
    {
        return new self('a master bore is above zero');
    }

    public static function strokeLossNotAShare(): self
    {
        return new self('a stroke loss lies between 0 and 1');
    }
}
