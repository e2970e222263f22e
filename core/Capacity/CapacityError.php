<?php

declare(strict_types=1);

namespace Spindle\Capacity;

/** What a clutch, its lining or its start cannot be. */
final class CapacityError extends \DomainException
{
    public static function noClampLoad(): self
    {
        return new self('a rating can be tested only with a clamp load');
    }

    public static function springBelowWear(): self
    {
        return new self('a diaphragm is deflected further when new than its lining wears, and presses there');
    }

    public static function liningInsideOut(): self
    {
        return new self('the inner diameter of a lining lies between 0 and the outer');
    }

    public static function coverageNotAShare(): self
    {
        return new self('a coverage is a share above 0 and up to 1');
    }

    public static function noDisc(): self
    {
        return new self('a clutch has at least one disc');
    }

    public static function noDiscSpring(): self
    {
        return new self('a disc spring has an inner diameter below the outer, a thickness and a cone height');
    }

    public static function bearsOutsideItsEdges(): self
    {
        return new self('a diaphragm bears between its slot roots and its outer edge, on the plate further out than on its pivot ring');
    }

    public static function noRatio(): self
    {
        return new self('a gear ratio is not zero');
    }

    public static function doesNotMoveOff(): self
    {
        return new self('the clutch carries no more than the load; the vehicle does not move off');
    }

    public static function gripsBetterHot(): self
    {
        return new self('no lining grips better hot than in ordinary use');
    }

    public static function comfortAboveLimit(): self
    {
        return new self('the heat a lining takes comfortably is not above its limit');
    }
}
