<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/** The gap between a bearing on the gearbox nose and the fingers, from two depth measurements. Common practice, no source. */
final readonly class BearingClearance
{
    /** 0.150 in. Common practice, no source. */
    public const TARGET = 3.81;

    /** @param  non-empty-list<Length>  $toFingers */
    private function __construct(private array $toFingers, private Length $bearingHeight)
    {
    }

    /**
     * @param  non-empty-list<Length>  $toFingers  A, housing face to finger tips, several places
     * @param  non-empty-list<Length>  $bearingHeight  B, gearbox face to the bearing's contact face, pushed home
     */
    public static function ofDepths(array $toFingers, array $bearingHeight): self
    {
        return new self($toFingers, Length::mean($bearingHeight));
    }

    /** Mean A − mean B. */
    public function clearance(): Length
    {
        return Length::mean($this->toFingers)->minus($this->bearingHeight);
    }

    /** Greatest − smallest A; a wide spread is not one number and asks for measuring again. */
    public function spread(): Length
    {
        return Length::spread($this->toFingers);
    }

    /**
     * Lining wear until the bearing meets the fingers, which move back towards the gearbox as the lining thins:
     * clearance ÷ finger ratio. Not for bearings made to run in light contact.
     *
     * @throws \DomainException when the ratio is not above zero
     */
    public static function wearBudget(Length $clearance, Ratio $fingerRatio): Length
    {
        return $fingerRatio->value > 0.0
            ? Length::mm(max(0.0, $clearance->value / $fingerRatio->value))
            : throw new \DomainException('the finger ratio is above zero');
    }
}
