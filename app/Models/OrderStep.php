<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\InTurn;
use Illuminate\Support\Carbon;

/**
 * One step of an order for a job: asked, ordered, said, arrived. The last of a part counts.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $part a part of the list, or the kit
 * @property string $number
 * @property string $supplier
 * @property int $quantity
 * @property int $arrived
 * @property float|null $price for each
 * @property string $currency
 * @property OrderState $state
 * @property string|null $due_on
 * @property string $reference
 * @property string $said what the counter answered, or who noted what
 * @property string $by_name
 * @property Carbon $at
 */
final class OrderStep extends Row
{
    use AppendOnly;

    /** What is ordered beside the parts of the list: the kit itself. */
    public const KIT = 'kit';

    /** So long an answer of the counter is waited for; after that whoever asked is not coming back with it. */
    private const ANSWERED_WITHIN_SECONDS = 120;

    public $timestamps = false;

    protected $table = 'order_steps';

    protected $attributes = ['arrived' => 0, 'quantity' => 1, 'supplier' => '', 'currency' => '', 'reference' => '', 'said' => ''];

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['at' => 'datetime', 'state' => OrderState::class];
    }

    /** @return array<string, self> the step that counts, by part, in the order in which they were begun */
    public static function lastOf(int $job): array
    {
        return LastRow::ofEach(self::query()->where('clutch_job_id', $job)->orderBy('id')->get(), static fn (self $s): string => $s->part);
    }

    /** The next step of the same order. */
    public function next(OrderState $state, string $by, string $said, ?int $arrived = null, ?string $due = null): self
    {
        $next = $this->replicate()->fill([
            'state' => $state, 'said' => $said, 'arrived' => $arrived ?? $this->arrived, 'due_on' => $due ?? $this->due_on,
            'by_name' => $by, 'at' => now(),
        ]);
        if ($state === OrderState::Cancelled && $this->arrived > 0) {
            // What came of it stays; the rest does not come any more.
            $next->fill(['state' => OrderState::Arrived, 'quantity' => $this->arrived]);
        }
        InTurn::do($next->save(...));

        return $next;
    }

    /** What the parts of it come to, in its currency; nothing while no price is known. */
    public function total(): ?float
    {
        return $this->price === null ? null : $this->price * $this->quantity;
    }

    /** Whether the same part under the same number is ordered already, or being ordered right now. */
    public function isOnItsWay(): bool
    {
        return in_array($this->state, [OrderState::Ordered, OrderState::BackOrder, OrderState::PartArrived], true) || $this->isBeingAsked();
    }

    public function jobNumber(): string
    {
        return Job::numbered($this->clutch_job_id);
    }

    /** Whether it may be ordered, or ordered once more. */
    public function mayBeOrdered(): bool
    {
        return ! $this->state->isAwaited() || $this->state === OrderState::NoAnswer || $this->isUnanswered();
    }

    /** It is here, rightly or wrongly, and can go back. */
    public function mayBeSentBack(): bool
    {
        return in_array($this->state, [OrderState::Arrived, OrderState::PartArrived, OrderState::Wrong], true);
    }

    /** The counter has it, and not all of it is here. */
    public function mayBeCancelled(): bool
    {
        return in_array($this->state, [OrderState::Ordered, OrderState::BackOrder, OrderState::PartArrived], true);
    }

    /** As a part of the list names it: "Wharf Supply: PB-15, reference 4A11F0"; empty while no order stands. */
    public function shows(): string
    {
        return ! $this->state->isStanding() ? '' : ($this->supplier === '' ? '' : "{$this->supplier}: ").$this->number
            .($this->reference === '' ? '' : ", reference {$this->reference}");
    }

    /** Whoever ordered it never came back with an answer: whether the counter has the order is not known. */
    public function isUnanswered(): bool
    {
        return $this->state === OrderState::Asked && ! $this->isBeingAsked();
    }

    private function isBeingAsked(): bool
    {
        return $this->state === OrderState::Asked && $this->at->gt(now()->subSeconds(self::ANSWERED_WITHIN_SECONDS));
    }
}
