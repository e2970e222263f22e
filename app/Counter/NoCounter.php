<?php

declare(strict_types=1);

namespace App\Counter;

/** No counter is connected: what is ordered otherwise is noted by hand. */
final class NoCounter implements PartsCounter
{
    public function offer(string $number, int $quantity): CounterAnswer
    {
        throw CounterUnavailable::none();
    }

    public function order(string $number, int $quantity, string $key): CounterAnswer
    {
        throw CounterUnavailable::none();
    }

    public function cancel(string $reference, string $number): CounterAnswer
    {
        throw CounterUnavailable::none();
    }

    public function standing(string $reference, string $number, int $quantity): CounterAnswer
    {
        throw CounterUnavailable::none();
    }
}
