<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Quantity\AsRead;
use Spindle\Quantity\Quantity;

/** When a clutch is looked at again, and what is to be said of that. */
final readonly class NextLook
{
    /**
     * @param  string|null  $on  the day
     * @param  Quantity|null  $after  distance or time
     * @param  bool  $isOdd  outside what is usual, from the least to the most
     * @param  AsRead|null  $wornOut  where the release follows the wear no further, and that comes before
     */
    public function __construct(
        public ?string $on,
        public ?Quantity $after,
        public bool $isOdd,
        public Quantity $least,
        public Quantity $most,
        public bool $isNewLining,
        public ?AsRead $wornOut,
    ) {
    }
}
