<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;

/** The only gate of a job: what must be settled before it is signed. */
final readonly class SignOff
{
    /** Parts a kit replaces: what was wrong with the old ones is evidence, not a fault of the finished job. */
    private const REPLACED_BY_KIT = ['disc', 'disc2', 'cover', 'bearing'];

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
                Verdict::Out => ! ($kitChosen && in_array(strtok($f->id, '.'), self::REPLACED_BY_KIT, true)),
                default => false,
            },
        )));
    }

    public function isAllowed(): bool
    {
        return $this->blockers === [];
    }
}
