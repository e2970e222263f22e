<?php

declare(strict_types=1);

namespace App\Changes;

use App\Counter\CounterAnswer;
use App\Counter\CounterUnavailable;
use App\Counter\PartsCounter;
use App\Models\Job;
use App\Models\Kit;
use App\Models\OrderState;
use App\Models\OrderStep;
use App\Models\User;
use App\Readings\CurrentReadings;
use App\Store\InTurn;
use Illuminate\Support\Str;
use Spindle\Assessment\Subjects;

/** Asks the parts counter for a job, and keeps what it said. What the counter did not confirm is never taken as ordered. */
final readonly class PlaceOrder
{
    public function __construct(private PartsCounter $counter)
    {
    }

    /** @throws CounterUnavailable when it does not answer */
    public function ask(Job $job, User $by, string $part, string $number, int $quantity): OrderStep
    {
        return $this->keep($job, $by, $part, $number, $quantity, $this->counter->offer($number, $quantity));
    }

    /** @throws CounterUnavailable when it does not answer; the line then says so */
    public function place(Job $job, User $by, string $part, string $number, int $quantity): OrderStep
    {
        // One order a part: whoever presses first asks the counter, and nobody has to wait for its answer to enter something else.
        [$asked, $isMine] = InTurn::do(function () use ($job, $by, $part, $number, $quantity): array {
            $last = OrderStep::lastOf($job->id)[$part] ?? null;

            return $last !== null && $last->number === $number && $last->isOnItsWay() ? [$last, false] : [
                // Never answered, it is the same order still.
                $this->keep($job, $by, $part, $number, $quantity, new CounterAnswer(
                    OrderState::Asked, null, '', null, $last?->isUnanswered() === true ? $last->reference : Str::random(12),
                    'Asking the counter.',
                )), true,
            ];
        });
        if (! $isMine) {
            return $asked;
        }
        try {
            $answer = $this->counter->order($number, $quantity, $asked->reference);
        } catch (CounterUnavailable $e) {
            $this->keep($job, $by, $part, $number, $quantity, new CounterAnswer(
                OrderState::NoAnswer, null, '', null, '', ucfirst($e->getMessage()).'.',
            ));

            throw $e;
        }

        return InTurn::do(function () use ($job, $by, $part, $number, $quantity, $answer): OrderStep {
            $step = $this->keep($job, $by, $part, $number, $quantity, $answer);
            if ($step->state->isAwaited()) {
                $this->enter($job, $by, $part === OrderStep::KIT ? [] : ["parts.{$part}" => 'ordered']);
            }

            return $step;
        });
    }

    /** @throws CounterUnavailable when it does not answer */
    public function standing(OrderStep $step, User $by): OrderStep
    {
        $answer = $this->counter->standing($step->reference, $step->number, $step->quantity);

        return self::after($step, static fn (): OrderStep => $step->next(
            $answer->state, $by->name, $answer->said, $answer->arrived, self::due($answer->days),
        ));
    }

    public function noted(OrderStep $step, OrderState $state, User $by, string $said): OrderStep
    {
        return self::after($step, static fn (): OrderStep => $step->next($state, $by->name, $said, match ($state) {
            OrderState::Arrived => $step->quantity,
            OrderState::PartArrived => max(1, $step->arrived),
            default => $step->arrived,
        }));
    }

    /**
     * What follows on a step follows once: of several answers at the same moment the first is noted.
     *
     * @param  \Closure(): OrderStep  $next
     */
    private static function after(OrderStep $step, \Closure $next): OrderStep
    {
        return InTurn::do(static function () use ($step, $next): OrderStep {
            $last = OrderStep::lastOf($step->clutch_job_id)[$step->part];

            return $last->id === $step->id ? $next() : $last;
        });
    }

    private function keep(Job $job, User $by, string $part, string $number, int $quantity, CounterAnswer $answer): OrderStep
    {
        $kit = Kit::query()->with('supplier')->where('number', $number)->first();

        return InTurn::do(static fn (): OrderStep => OrderStep::query()->create([
            'clutch_job_id' => $job->id, 'part' => $part, 'number' => $number, 'quantity' => $quantity,
            'supplier' => $kit?->supplier->name ?? '', 'price' => $answer->price, 'currency' => $answer->currency,
            'state' => $answer->state,
            'due_on' => self::due($answer->days), 'reference' => $answer->reference, 'said' => $answer->said, 'by_name' => $by->name,
            'at' => now(),
        ]));
    }

    private static function due(?int $days): ?string
    {
        return $days === null ? null : now()->addWeekdays($days)->toDateString();
    }

    /** @param  array<string, string>  $entries */
    private function enter(Job $job, User $by, array $entries): void
    {
        $record = new RecordEntry($job->id, $by, 'by the order');
        foreach ([...$entries, 'waits_for' => 'parts'] as $key => $word) {
            $whole = Job::whole($job->id);
            $row = (new CurrentReadings($whole->readings))->row($key, 0);
            if ($row?->typed !== $word) {
                $record->record(Subjects::dictionary()->get($key), 0, $word, $row->seq ?? 0, null);
            }
        }
    }
}
