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
     * @param  list<Finding>  $findings
     * @param  bool  $kitChosen  whether new parts go in
     * @param  Finding|null  $unproved  that nothing was tried on the vehicle; a sheet that is only worked out is not asked for it
     */
    public static function of(array $findings, bool $kitChosen, ?Finding $unproved = null): self
    {
        $findings = [...$findings, ...($unproved === null ? [] : [$unproved])];

        return new self(array_values(array_filter(
            $findings,
            static fn (Finding $f): bool => ! $f->isWaived() && match ($f->verdict) {
                Verdict::Unmeasured => true,
                Verdict::Out => ! ($kitChosen && StripPart::tryFrom((string) strtok($f->id, '.'))?->isReplacedByKit() === true),
                default => false,
            },
        )));
    }

    public function isAllowed(): bool
    {
        return $this->blockers === [];
    }
}
