<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;

/** Where each member of the chain stands at one position of the pedal; every length from where it is at rest. */
final readonly class ChainPosition
{
    public function __construct(
        public Length $pad,
        public Length $rod,
        public Length $forkEnd,
        public Length $bearing,
        public Length $fingers,
        public Length $lift,
        public Length $air,
        public Phase $phase,
    ) {
    }
}
