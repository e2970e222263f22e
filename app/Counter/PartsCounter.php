<?php

declare(strict_types=1);

namespace App\Counter;

/** Where parts are asked for and ordered. A real counter stands in behind this. */
interface PartsCounter
{
    /** @throws CounterUnavailable when it does not answer, or not in time */
    public function offer(string $number, int $quantity): CounterAnswer;

    /**
     * @param  string  $key  of this order: sent again with the same key it is the same order
     *
     * @throws CounterUnavailable when it does not answer, or not in time; then nothing may be taken as ordered
     */
    public function order(string $number, int $quantity, string $key): CounterAnswer;

    /**
     * Takes an order back, or what has not come of it: cancelled, or as it stands where it is too late for that.
     *
     * @throws CounterUnavailable when it does not answer, or not in time; then the order stands
     */
    public function cancel(string $reference, string $number): CounterAnswer;

    /**
     * How an order stands.
     *
     * @throws CounterUnavailable when it does not answer, or not in time
     */
    public function standing(string $reference, string $number, int $quantity): CounterAnswer;
}
