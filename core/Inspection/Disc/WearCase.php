<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Doubt;

/** The wear of one lining, and how long the rest would last. */
final readonly class WearCase
{
    /** @param  LifeLeft|null  $life  nothing where the disc is replaced whatever is left */
    public function __construct(
        public Verdict $verdict,
        public AsRead $used,
        public AsRead $usable,
        public Ratio $share,
        public ?Doubt $doubt,
        public ?LifeLeft $life,
    ) {
    }

    public function isPastTheLining(): bool
    {
        return $this->share->value > 1.0;
    }
}
