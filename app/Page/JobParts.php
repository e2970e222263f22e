<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use App\Models\OrderState;
use App\Models\OrderStep;
use Illuminate\Support\Carbon;
use Spindle\Assessment\PartInspection;
use Spindle\Kit\Completeness\PartNeed;
use Spindle\Kit\Completeness\PartState;
use Spindle\Kit\EarlyOrder;
use Spindle\Kit\KitPart;
use Spindle\Kit\OrderDoubts;
use Spindle\Limit\Finding;
use Spindle\Triage\Outcome;

/** Everything a job needs, with where it comes from and what was ordered. */
final readonly class JobParts
{
    /**
     * @param  list<NeededPart>  $needed
     * @param  list<PartNeed>  $notNeeded  of which the vehicle has none, or this job touches none
     * @param  array<string, OrderStep>  $orders  the step that counts, by part
     */
    private function __construct(public array $needed, public array $notNeeded, public array $orders, private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page): self
    {
        $needed = $notNeeded = [];
        foreach (PartNeed::of($page->sheet) as $need) {
            if ($need->whyNot !== '' && ! $need->isEntered) {
                $notNeeded[] = $need;
            } else {
                $needed[] = new NeededPart($need, PartInspection::of($need->part, $page->sheet, $page->assessment->findings));
            }
        }

        return new self($needed, $notNeeded, OrderStep::lastOf($page->job->id), $page);
    }

    /** @return list<NeededPart> what comes with the kit */
    public function inBox(): array
    {
        return array_values(array_filter($this->needed, static fn (NeededPart $p): bool => $p->isInBox()));
    }

    /** @return list<NeededPart> what comes from elsewhere, or nobody knows from where */
    public function besideBox(): array
    {
        return array_values(array_filter($this->needed, static fn (NeededPart $p): bool => ! $p->isInBox()));
    }

    /** @return list<NeededPart> */
    public function ordered(): array
    {
        return array_values(array_filter(
            $this->needed, fn (NeededPart $p): bool => $p->isOrdered() || isset($this->orders[$p->need->part->value]),
        ));
    }

    /** @return array<string, PartState> what inspection proposes for parts of which nobody has said anything */
    public function proposed(): array
    {
        $proposed = [];
        foreach ($this->needed as $part) {
            $proposal = $part->need->state === null ? $part->inspection->proposal() : null;
            if ($proposal !== null) {
                $proposed[$part->need->part->value] = $proposal;
            }
        }

        return $proposed;
    }

    /** @return list<string> what is said before a kit of this number is ordered; empty where nothing is to be asked first */
    public function doubtsOf(string $number): array
    {
        $chosen = $this->page->values()->word('kit.number') ?? '';
        if ($chosen !== $number) {
            return [$chosen === '' ? 'No kit is chosen on this job: nothing of this one was checked.'
                : "{$chosen} is chosen on this job; nothing of {$number} was checked."];
        }

        return array_map(
            fn (Finding $f): string => "{$f->verdict->label()}: {$f->say($this->page->display)}",
            OrderDoubts::of($this->page->assessment->findings),
        );
    }

    /** How likely it comes to taking it apart; nothing before triage has begun. */
    public function comesApart(): ?float
    {
        return $this->page->assessment->triage()?->chanceThat(Outcome::Strip);
    }

    /** The sum of ordering before that is known, where everything of it is. */
    public function early(): ?EarlyOrder
    {
        return EarlyOrdering::of($this->page);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(KitPart::cases(), 'value');
    }

    public function name(OrderStep $step): string
    {
        return self::label($step->part);
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

    /** "This job waits for cover bolts, the last of it on 2 Dec 2026." */
    public function waitsFor(): string
    {
        $awaited = $this->awaited();
        if ($awaited === []) {
            return 'Nothing ordered is on its way.';
        }
        $last = $this->lastDue();
        $names = array_map(fn (OrderStep $s): string => lcfirst($this->name($s)), $awaited);

        return 'This job waits for '.implode(', ', $names).($last === null
            ? '; for one of them no day is known.' : ', the last of it on '.ReaderLocale::date(Carbon::parse($last)).'.');
    }

    /** When it is to come, as its reader writes a day; empty where nobody said. */
    public function dueOn(OrderStep $step): string
    {
        return $step->due_on === null ? '' : ReaderLocale::date(Carbon::parse($step->due_on));
    }

    /** The day on which the last of what is awaited comes; nothing where nothing is, or one of them has no day. */
    public function lastDue(): ?string
    {
        $days = array_map(static fn (OrderStep $s): ?string => $s->due_on, $this->awaited());

        return $days === [] || in_array(null, $days, true) ? null : max($days);
    }

    /** Something was ordered, and nothing of it is on its way any more. */
    public function areHere(): bool
    {
        return $this->awaited() === [] && array_filter(
            $this->orders, static fn (OrderStep $s): bool => $s->state === OrderState::Arrived,
        ) !== [];
    }

    public function needsAttention(OrderStep $step): bool
    {
        return in_array($step->state, [OrderState::Refused, OrderState::NoAnswer, OrderState::Wrong, OrderState::SentBack], true)
            || ($step->state->isAwaited() && $step->due_on !== null && $step->due_on < now()->toDateString());
    }
}
