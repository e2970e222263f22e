<?php

declare(strict_types=1);

namespace Spindle\Limit;

/**
 * Who lets something pass: what was not measured, or is near, anybody; what is out the lead, or two people where the shop has a second
 * one look a job over. Nobody agrees with themselves. Common practice, no source.
 */
final readonly class WhoMayPass
{
    /** @param  bool  $hasSecondLook  whether the shop has a second person look a job over */
    public function __construct(private bool $isLead, private bool $hasSecondLook)
    {
    }

    public function alone(Verdict $found): bool
    {
        return $this->isLead || $found !== Verdict::Out;
    }

    /**
     * @param  bool  $isOwn  asked for by the same person
     * @param  bool  $isStated  only a file says who asked; that may be anybody, so there only the lead agrees
     */
    public function agree(bool $isOwn, bool $isStated): bool
    {
        return ! $isOwn && ($this->isLead || ($this->hasSecondLook && ! $isStated));
    }
}
