<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\OrderState;
use App\Models\OrderStep;
use Spindle\Assessment\PartInspection;
use Spindle\Kit\Completeness\PartNeed;
use Spindle\Kit\KitPart;

/** Everything a job needs, with where it comes from and what was ordered. */
final readonly class JobParts
{
    /**
     * @param  list<array{need: PartNeed, inspection: PartInspection}>  $needed
     * @param  list<PartNeed>  $notNeeded  of which the vehicle has none, or this job touches none
     * @param  array<string, OrderStep>  $orders  the step that counts, by part
     */
    private function __construct(public array $needed, public array $notNeeded, public array $orders)
    {
    }

    public static function of(AssessedJob $page): self
    {
        $needed = $notNeeded = [];
        foreach (PartNeed::of($page->sheet) as $need) {
            if ($need->whyNot !== '' && ! $need->isEntered) {
                $notNeeded[] = $need;
            } else {
                $needed[] = ['need' => $need, 'inspection' => PartInspection::of($need->part, $page->sheet, $page->assessment->findings)];
            }
        }

        return new self($needed, $notNeeded, OrderStep::lastOf($page->job->id));
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(KitPart::cases(), 'value');
    }

    public static function label(string $part): string
    {
        return $part === OrderStep::KIT ? 'Kit' : (KitPart::tryFrom($part)?->label() ?? $part);
    }

    /** @return list<OrderStep> what the job waits for */
    public function awaited(): array
    {
        return array_values(array_filter($this->orders, static fn (OrderStep $s): bool => $s->state->isAwaited()));
    }

    /** The day on which the last of what is awaited comes; nothing where nothing is, or one of them has no day. */
    public function lastDue(): ?string
    {
        $days = array_map(static fn (OrderStep $s): ?string => $s->due_on, $this->awaited());

        return $days === [] || in_array(null, $days, true) ? null : max($days);
    }

    public function needsAttention(OrderStep $step): bool
    {
        return in_array($step->state, [OrderState::Refused, OrderState::NoAnswer, OrderState::Wrong, OrderState::SentBack], true)
            || ($step->state->isAwaited() && $step->due_on !== null && $step->due_on < now()->toDateString());
    }
}
