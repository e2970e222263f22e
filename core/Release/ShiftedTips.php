<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;

/** Where the finger tips stand with the new clutch, against the old one. */
final readonly class ShiftedTips
{
    /**
     * @param  Length  $shift  towards the gearbox
     * @param  Length|null  $atFork  what that is at the end of the fork; nothing where it is the same or not known
     * @param  bool  $isUnseen  less than anybody sees
     * @param  bool  $isSmall  so little that any setting takes it up
     * @param  bool  $isMeasured  measured since: what was foretold no longer counts
     */
    public function __construct(
        public Length $shift,
        public ?Length $atFork,
        public bool $isUnseen,
        public bool $isSmall,
        public bool $isMeasured,
    ) {
    }
}
