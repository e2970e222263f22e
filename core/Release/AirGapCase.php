<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Sheet\Doubt;

/** What has to be said of an air gap that was worked out from the chain. */
final readonly class AirGapCase
{
    /**
     * @param  Length|null  $overtravel  how far the bearing travels for more than is needed; nothing where it is not more
     * @param  list<string>  $blank  losses that nobody entered, as a sentence names them
     * @param  Length|null  $least  what the gap comes down to with what is usual; nothing where every loss is entered
     * @param  bool  $lossesDecide  the usual losses would change the verdict
     */
    public function __construct(
        public Length $gap,
        public Limit $limit,
        public Verdict $verdict,
        public ?Doubt $doubt,
        public ?Length $overtravel,
        public array $blank,
        public ?Length $least,
        public bool $lossesDecide,
    ) {
    }
}
