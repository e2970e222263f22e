<?php

declare(strict_types=1);

namespace Spindle\Inspection\WhileOpen;

use Spindle\Inspection\InspectionError;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Ratio;

/**
 * Whether a part is worth replacing while it can be reached: when its price is below what it costs, on average, to come
 * back for it, p · (h · r + c). Source: expected value; the shape of the sum is common practice.
 */
final readonly class ReplaceWhileOpen
{
    /**
     * @param  Ratio  $price  of the part now, in the shop's money
     * @param  Ratio  $chance  of failing before the next clutch, 0 to 1
     * @param  Duration  $labour  to come back to it
     * @param  Ratio  $rate  of labour, money an hour
     *
     * @throws InspectionError when the chance is none, or a price, time or rate is negative
     */
    public function __construct(private Ratio $price, private Ratio $chance, private Duration $labour, private Ratio $rate)
    {
        if ($chance->value < 0.0 || $chance->value > 1.0) {
            throw InspectionError::chanceNotAShare();
        }
        if ($price->value < 0.0 || $labour->value < 0.0 || $rate->value < 0.0) {
            throw InspectionError::negativeCost();
        }
    }

    /** What leaving it costs on average, in the shop's money. */
    public function costOfLeaving(): Ratio
    {
        return $this->chance->times($this->costOfComingBack()->value);
    }

    /** What it costs to come back for it once it has failed, in the shop's money. */
    public function costOfComingBack(): Ratio
    {
        return Ratio::of($this->labour->value * $this->rate->value + $this->price->value);
    }

    public function isWorthReplacing(): bool
    {
        return $this->price->value < $this->costOfLeaving()->value;
    }
}
