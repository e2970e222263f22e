<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;

/** The only gate of a job: what must be settled before it is signed. */
final readonly class SignOff
{
    /** @param  list<Finding>  $blockers */
    private function __construct(public array $blockers)
    {
    }

    /**
     * @param  list<Finding>  $findings  of the whole job, what it owes among them
     * @param  bool  $kitChosen  whether new parts go in
     */
    public static function of(array $findings, bool $kitChosen): self
    {
        return new self(array_values(array_filter(
            $findings,
            static fn (Finding $f): bool => ! $f->isWaived() && match ($f->verdict) {
                Verdict::Unmeasured => true,
                Verdict::Out => ! ($kitChosen && StripPart::tryFrom((string) strtok($f->id, '.'))?->isReplacedByKit() === true),
                default => false,
            },
        )));
    }

    /** @return list<Finding> of what holds it up, what a reason can let pass: only what is judged of the job */
    public function waivable(Assessment $assessment): array
    {
        return array_values(array_filter($this->blockers, static fn (Finding $f): bool => $assessment->find($f->id) !== null));
    }

    public function isAllowed(): bool
    {
        return $this->blockers === [];
    }
}
