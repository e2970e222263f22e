<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Quantity\Length;

/** The free play a practice vehicle was given back with. */
final readonly class FreePlayLeft
{
    public function __construct(public Length $left, public Length $right, public bool $isRight)
    {
    }
}
