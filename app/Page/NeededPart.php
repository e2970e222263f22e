<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Assessment\PartInspection;
use Spindle\Kit\Completeness\PartNeed;
use Spindle\Kit\Completeness\PartState;
use Spindle\Limit\Verdict;

/** A part the job needs, with what the inspection says of it. */
final readonly class NeededPart
{
    public function __construct(public PartNeed $need, public PartInspection $inspection)
    {
    }

    /** It comes with the kit, and nobody has said otherwise. */
    public function isInBox(): bool
    {
        return ! $this->need->isEntered && $this->need->state === PartState::InKit;
    }

    public function isOrdered(): bool
    {
        return $this->need->state === PartState::Ordered;
    }

    /** It was said not to belong here, which wants its reason. */
    public function wantsReason(): bool
    {
        return $this->need->state === PartState::NotApplicable;
    }

    /** What was looked at does not simply pass: the reader is led there. */
    public function leadsToLook(): bool
    {
        return $this->inspection->lookedAt() !== null && $this->inspection->verdict !== Verdict::Within;
    }
}
