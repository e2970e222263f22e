<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Planning\ThreePoint;
use Spindle\Sheet\FieldValues;

/** What is known beside the job itself of what it will cost. */
final readonly class KnownPrices
{
    /**
     * @param  array<string, float>  $parts  what the counter asks, by part
     * @param  array<string, ThreePoint>  $hours  the shop's own hours by task
     * @param  FieldValues|null  $candidate  the kit that would be chosen, while none is
     */
    public function __construct(public array $parts = [], public array $hours = [], public ?FieldValues $candidate = null)
    {
    }
}
