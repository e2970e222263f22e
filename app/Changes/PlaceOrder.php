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
    private const SOURCE = 'by the order';

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
                $this->enter($job->id, $by, ['waits_for' => 'parts'] + ($part === OrderStep::KIT ? [] : ["parts.{$part}" => 'ordered']));
            }
            $this->show($step, $by);

            return $step;
        });
    }

    /** @throws CounterUnavailable when it does not answer; the order then stands */
    public function cancel(OrderStep $step, User $by): OrderStep
    {
        $answer = $this->counter->cancel($step->reference, $step->number);

        return $this->after($step, $by, static fn (): OrderStep => $step->next(
            $answer->state === OrderState::Cancelled ? OrderState::Cancelled : $step->state, $by->name, $answer->said,
        ));
    }

    /** @throws CounterUnavailable when it does not answer */
    public function standing(OrderStep $step, User $by): OrderStep
    {
        $answer = $this->counter->standing($step->reference, $step->number, $step->quantity);

        return $this->after($step, $by, static fn (): OrderStep => $step->next(
            $answer->state, $by->name, $answer->said, max($step->arrived, $answer->arrived), self::due($answer->days),
        ));
    }

    /** @param  int  $pieces  of it that are here, all told; fewer than were ordered have arrived in part */
    public function came(OrderStep $step, int $pieces, User $by): OrderStep
    {
        $state = $pieces < $step->quantity ? OrderState::PartArrived : OrderState::Arrived;

        return $this->after($step, $by, static fn (): OrderStep => $step->next($state, $by->name, '', $pieces));
    }

    /** It is the wrong one, or went back. */
    public function noted(OrderStep $step, OrderState $state, User $by, string $said): OrderStep
    {
        return $this->after($step, $by, static fn (): OrderStep => $step->next(
            $state, $by->name, $said, $state === OrderState::SentBack ? 0 : $step->arrived,
        ));
    }

    /**
     * What follows on a step follows once: of several answers at the same moment the first is noted.
     *
     * @param  \Closure(): OrderStep  $next
     */
    private function after(OrderStep $step, User $by, \Closure $next): OrderStep
    {
        return InTurn::do(function () use ($step, $by, $next): OrderStep {
            $last = OrderStep::lastOf($step->clutch_job_id)[$step->part];
            if ($last->id !== $step->id) {
                return $last;
            }
            $now = $next();
            $this->show($now, $by);

            return $now;
        });
    }

    /** The list of parts names the order that settles a part, and stops naming one that is undone; what somebody wrote there stays. */
    private function show(OrderStep $step, User $by): void
    {
        if ($step->part === OrderStep::KIT) {
            return;
        }
        $key = "parts.{$step->part}_order";
        $said = (new CurrentReadings(Job::whole($step->clutch_job_id)->readings))->typed($key);
        $before = OrderStep::query()->where('clutch_job_id', $step->clutch_job_id)->where('part', $step->part)->get();
        if ($said === '' || $before->contains(static fn (OrderStep $one): bool => $one->shows() === $said)) {
            $this->enter($step->clutch_job_id, $by, [$key => $step->shows()]);
        }
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
    private function enter(int $job, User $by, array $entries): void
    {
        $record = new RecordEntry($job, $by, self::SOURCE);
        foreach ($entries as $key => $word) {
            $row = (new CurrentReadings(Job::whole($job)->readings))->row($key, 0);
            if (($row->typed ?? '') !== $word) {
                $record->record(Subjects::dictionary()->get($key), 0, $word, $row->seq ?? 0, null);
            }
        }
    }
}
