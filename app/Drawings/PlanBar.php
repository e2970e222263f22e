<?php

declare(strict_types=1);

namespace App\Drawings;

use Spindle\Planning\PlannedTask;

/** A task in the drawing of a plan. */
final readonly class PlanBar
{
    /** @param  float  $readyAt from where it could have begun, had it not waited */
    public function __construct(public PlannedTask $task, public float $x, public int $y, public float $width, public float $readyAt)
    {
    }
}
