<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Evidence;
use Spindle\Triage\Situation;

/** Somebody who looks for a fault, by a way of his own. */
interface Learner
{
    public function next(Situation $situation, Evidence $evidence, Seed $seed): Move;
}
