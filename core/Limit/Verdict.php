<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** What a reading against its limit comes to. */
enum Verdict: string
{
    /** Outside by more than the uncertainty, or a condition that rejects the part outright. */
    case Out = 'out';
    /** Needed and not known; never treated as passing. */
    case Unmeasured = 'unmeasured';
    /** Closer to the limit than the uncertainty, or inside a stated watch band. */
    case Near = 'near';
    /** Inside the limit by more than the uncertainty. */
    case Within = 'within';
    /** This vehicle has no such part. */
    case NotApplicable = 'not_applicable';

    public function label(): string
    {
        return $this === self::NotApplicable ? 'not applicable' : $this->value;
    }

    /** The worst of several, in the order out, unmeasured, near, within; not applicable when there is nothing to judge. */
    public static function worst(self ...$verdicts): self
    {
        foreach (self::cases() as $verdict) {
            if (in_array($verdict, $verdicts, true)) {
                return $verdict;
            }
        }

        return self::NotApplicable;
    }

    /** Place in the order from worst to best. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
