<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\Kit;
use App\Models\OrderState;

/**
 * A stand-in that ships with the demonstration. What it does follows from the number, so that each case can be seen again: most is in
 * stock, some comes in part, on back order, is refused, comes late, and some counters answer slowly or not at all.
 */
final readonly class SimulatedCounter implements PartsCounter
{
    public const PATIENCE_SECONDS = 3;

    /** By the last sign of the number. */
    private const PARTIAL = ['2', '8'];

    private const BACK_ORDER = ['5'];

    private const REFUSED = ['6'];

    private const SLOW = ['7'];

    private const SILENT = ['9'];

    private const TOO_LATE = ['4'];

    /** @param  \Closure(float): void  $wait  for so many seconds */
    public function __construct(private \Closure $wait)
    {
    }

    public static function shipped(): self
    {
        return new self(static function (float $seconds): void {
            usleep((int) ($seconds * 1_000_000));
        });
    }

    public function offer(string $number, int $quantity): CounterAnswer
    {
        $this->answer($number);
        [$price, $currency, $days] = $this->listed($number);
        $end = self::end($number);

        return match (true) {
            in_array($end, self::REFUSED, true) => new CounterAnswer(OrderState::Refused, null, '', null, '', 'No longer supplied.'),
            in_array($end, self::BACK_ORDER, true) => new CounterAnswer(
                OrderState::Offered, $price, $currency, max(10, $days), '', 'None in stock; on back order.',
            ),
            in_array($end, self::PARTIAL, true) => new CounterAnswer(
                OrderState::Offered, $price, $currency, $days, '', 'A part of it is in stock.',
            ),
            default => new CounterAnswer(OrderState::Offered, $price, $currency, $days, '', $days === 0 ? 'In stock.'
                : 'In stock elsewhere.'),
        };
    }

    public function order(string $number, int $quantity, string $key): CounterAnswer
    {
        $offer = $this->offer($number, $quantity);
        $reference = strtoupper(substr(sha1($number.$key), 0, 6));

        return match (true) {
            $offer->state === OrderState::Refused => $offer,
            in_array(self::end($number), self::BACK_ORDER, true) => new CounterAnswer(
                OrderState::BackOrder, $offer->price, $offer->currency, $offer->days, $reference, 'Taken; comes when it comes in.',
            ),
            default => new CounterAnswer(OrderState::Ordered, $offer->price, $offer->currency, $offer->days, $reference, 'Taken.'),
        };
    }

    public function cancel(string $reference, string $number): CounterAnswer
    {
        $this->answer($number);

        return in_array(self::end($number), self::TOO_LATE, true)
            ? new CounterAnswer(OrderState::Ordered, null, '', null, $reference, 'Too late, it is on its way; send it back when it comes.')
            : new CounterAnswer(OrderState::Cancelled, null, '', null, $reference, 'Taken back.');
    }

    public function standing(string $reference, string $number, int $quantity): CounterAnswer
    {
        $this->answer($number);
        [$price, $currency, $days] = $this->listed($number);
        $end = self::end($number);

        return match (true) {
            in_array($end, self::BACK_ORDER, true) => new CounterAnswer(
                OrderState::BackOrder, $price, $currency, max(10, $days), $reference, 'Still on back order.',
            ),
            in_array($end, self::PARTIAL, true) => new CounterAnswer(
                OrderState::PartArrived, $price, $currency, 3, $reference, 'A part of it has come, the rest follows.', max(1,
                    intdiv($quantity, 2)),
            ),
            default => new CounterAnswer(OrderState::Arrived, $price, $currency, 0, $reference, 'Delivered.', $quantity),
        };
    }

    /** @throws CounterUnavailable */
    private function answer(string $number): void
    {
        if (in_array(self::end($number), self::SILENT, true)) {
            throw CounterUnavailable::silent();
        }
        if (in_array(self::end($number), self::SLOW, true)) {
            ($this->wait)((float) self::PATIENCE_SECONDS);
            throw CounterUnavailable::slow(self::PATIENCE_SECONDS);
        }
    }

    /** @return array{float|null, string, int} price, currency and days as the shelf has them */
    private function listed(string $number): array
    {
        $kit = Kit::query()->where('number', $number)->first();

        return [$kit->price ?? null, $kit->currency ?? '', $kit->lead_days ?? 1];
    }

    private static function end(string $number): string
    {
        return substr($number, -1);
    }
}
