<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Limit;
use Spindle\Quantity\Length;

/** The readings of a truck's linkage, each with the band accepted for it. */
final readonly class TruckReadings
{
    /**
     * @param  bool  $isSelfAdjusting  a ring that sets itself is never turned by hand
     * @param  Length  $doubt  how far the readings can be trusted
     */
    public function __construct(
        public bool $isSelfAdjusting,
        public Length $gap,
        public Limit $gapBand,
        public Length $forkPlay,
        public Limit $forkBand,
        public Length $freePedal,
        public Limit $pedalBand,
        public Length $doubt,
    ) {
    }
}
