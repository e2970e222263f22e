<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** What a test would tell, before it is done. */
final readonly class NextTest
{
    /**
     * @param  float  $chanceOfPositive  from 0 to 1
     * @param  float  $dropInDoubt  expected, in bits
     * @param  Cause  $ifPositive  the likeliest cause then
     */
    public function __construct(
        public OutsideTest $test,
        public float $chanceOfPositive,
        public float $dropInDoubt,
        public Cause $ifPositive,
        public Cause $ifNegative,
    ) {
    }

    public function perMinute(): float
    {
        return $this->dropInDoubt / $this->test->minutes;
    }
}
