<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Force;
use Spindle\Quantity\Speed;
use Spindle\Sheet\FieldValues;

/**
 * Weights on a cover that press harder the faster it turns: F(ω) = F₀ + k ω², k from one stated pair of load and speed.
 *
 * Source: centripetal force of a mass at a fixed radius, m r ω² (mechanics).
 */
final readonly class CentrifugalAssist
{
    private function __construct(private Force $load, private Speed $at)
    {
    }

    /** Nothing where the kit states no such pair. */
    public static function ofKit(FieldValues $kit): ?self
    {
        $load = $kit->one(Force::class, 'kit.assist_load');
        $at = $kit->one(Speed::class, 'kit.assist_speed');

        return $load === null || $at === null || $at->value <= 0.0 ? null : new self($load, $at);
    }

    /** What the weights add at a speed. */
    public function at(Speed $speed): Force
    {
        return $this->load->times(($speed->value / $this->at->value) ** 2);
    }
}
