<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Inspection\InspectionError;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;

/**
 * How far, or how long, a vehicle goes on a millimetre of lining. The worn lining of one clutch foretells the next on the
 * same use; drivers, hills and towing decide. Common practice, no source.
 */
final readonly class WearRate
{
    private function __construct(public Distance|Duration $aMillimetre)
    {
    }

    /**
     * @param  Distance|Duration  $since  while the lining wore
     *
     * @throws InspectionError while no wear shows, or over no distance or time, since nothing follows from that
     */
    public static function of(Length $worn, Distance|Duration $since): self
    {
        if ($worn->value <= 0.0) {
            throw InspectionError::rateWithoutWear();
        }
        if ($since->value <= 0.0) {
            throw InspectionError::rateWithoutLife();
        }

        return new self($since->over($worn->value));
    }

    /**
     * The wear to be expected after so much of the same use, mm.
     *
     * @throws \LogicException when a time is held against a distance
     */
    public function wearAfter(Distance|Duration $since): Length
    {
        return Length::mm($since->ratioTo($this->aMillimetre)->value);
    }
}
