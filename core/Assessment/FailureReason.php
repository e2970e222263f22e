<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Limit\Said;
use Spindle\Quantity\Display;
use Spindle\Triage\Cause;

/** What the open clutch says of one cause that triage named, or found by itself. */
final readonly class FailureReason
{
    /**
     * @param  float|null  $chance  what triage gave it; nothing where no sign or test was noted
     * @param  list<Said>  $because  what was found, or where one would have to look
     */
    public function __construct(public Cause $cause, public Standing $standing, public ?float $chance, public array $because)
    {
    }

    /** Whether the parts show it. */
    public function isShown(): bool
    {
        return $this->standing === Standing::Confirmed || $this->standing === Standing::Found;
    }

    /** "Pilot bearing worn or seized: confirmed. Play 0.4 mm …" */
    public function sentence(Display $display): string
    {
        return trim("{$this->cause->label}: {$this->standing->words()}. {$this->because($display)}");
    }

    /** What was found, or where one would have to look, a sentence each. */
    public function because(Display $display): string
    {
        return implode(' ', array_unique(array_map(static fn (Said $one): string => $one->in($display), $this->because)));
    }
}
