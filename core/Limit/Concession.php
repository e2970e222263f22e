<?php

declare(strict_types=1);

namespace Spindle\Limit;

/**
 * Why something was let pass, and how far that reaches: a reason given for what could not be measured does not let pass what is
 * measured afterwards and found out. Common practice, no source.
 */
final readonly class Concession
{
    /** What there can be a reason for, from the worst. */
    public const REACHES = [Verdict::Out, Verdict::Unmeasured, Verdict::Near];

    /** @param  string  $basis  readings, values and kit it was given for; empty where that was never written down */
    private function __construct(public string $reason, public Verdict $reach, public string $basis = '')
    {
    }

    /** @throws ConcessionError where there is nothing to let pass */
    public static function of(string $reason, Verdict $reach, string $basis = ''): self
    {
        return in_array($reach, self::REACHES, true)
            ? new self($reason, $reach, $basis)
            : throw ConcessionError::nothingToLetPass($reach);
    }

    public function covers(Verdict $found): bool
    {
        return $found->rank() >= $this->reach->rank();
    }
}
