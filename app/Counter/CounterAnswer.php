<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\OrderState;

/** What a parts counter answers. */
final readonly class CounterAnswer
{
    /**
     * @param  int  $days  until it comes; 0 where it is there
     * @param  int  $arrived  pieces that have come
     */
    public function __construct(
        public OrderState $state,
        public ?float $price,
        public string $currency,
        public ?int $days,
        public string $reference,
        public string $said,
        public int $arrived = 0,
    ) {
    }
}
