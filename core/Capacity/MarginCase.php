<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Verdict;

/** What has to be said of a margin besides its figure. */
final readonly class MarginCase
{
    /**
     * @param  bool  $isClaimOnly  nothing but the maker's claim is known
     * @param  bool  $isByClaim  the shop goes by the claim where it is believable
     * @param  bool  $isEngineFloor  the engine gives at least what is known of it
     */
    public function __construct(
        public Verdict $verdict,
        public bool $isClaimOnly,
        public bool $isByClaim,
        public bool $isEngineFloor,
        public bool $isHarsh,
    ) {
    }
}
