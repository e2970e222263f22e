<?php

declare(strict_types=1);

namespace App\Walk;

use Spindle\Fitting\StepState;
use Spindle\Fitting\Stretch;

/** What stands on the screen at once: one card, or the steps that hands do in one go. */
final readonly class WalkGroup
{
    /** What *all done* enters. */
    public const DONE = StepState::Done->value;

    /** @param  non-empty-list<WalkCard>  $cards */
    public function __construct(public array $cards, private ?Stretch $stretch)
    {
    }

    public function isOne(): bool
    {
        return $this->stretch === null;
    }

    /** The card that names it: all of a group stand at one place and at one station. */
    public function first(): WalkCard
    {
        return $this->cards[0];
    }

    public function label(): string
    {
        return $this->stretch?->label() ?? $this->first()->label();
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(static fn (WalkCard $c): string => $c->key, $this->cards);
    }

    public function holds(string $key): bool
    {
        return in_array($key, $this->keys(), true);
    }
}
