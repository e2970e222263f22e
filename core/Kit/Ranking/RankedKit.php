<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

/** Where a kit stands for one job. */
final readonly class RankedKit
{
    /** Scores that differ by no more are one and the same. */
    private const TIE = 1e-8;

    /** Nothing known speaks against putting it in. */
    public bool $fits;

    /**
     * @param  int|string  $key  the kit, as its list names it
     * @param  bool  $carries  both checks of torque hold, and nothing in its work is beyond it
     * @param  list<string>  $lacks  data that the kit leaves out and that must be known of it on this vehicle
     * @param  list<string>  $waits  readings of the vehicle that its checks wait for
     * @param  float|null  $shortBy  by what share of what is wanted it is short; nothing where that is known only by a claim
     */
    public function __construct(
        public int|string $key,
        public Standing $standing,
        public bool $carries,
        public Score $score,
        public array $lacks = [],
        public array $waits = [],
        public ?float $shortBy = 0.0,
    ) {
        $this->fits = $standing !== Standing::Unfit;
    }

    /** One whose data contradict each other: it stands at the end, and takes the list from nobody. */
    public static function contradicting(int|string $key, RankingRules $rules): self
    {
        return new self($key, Standing::Unfit, false, Score::of([], $rules));
    }

    /**
     * The groups first; among those to be asked the one that leaves out the fewest data, among those that are short the least short.
     * Of two that are equal in everything the one whose name comes first.
     */
    public function compare(self $other): int
    {
        [$own, $others] = [$this->place(), $other->place()];

        return $own === $others ? strcmp((string) $this->key, (string) $other->key) : $others <=> $own;
    }

    /** @return array{int, float, float} group, what counts in it before the score, score; the greater the better */
    public function place(): array
    {
        return [$this->standing->rank(), $this->inGroup(), round($this->score->total, 9)];
    }

    private function inGroup(): float
    {
        return match ($this->standing) {
            Standing::Asked => -1.0 * count($this->lacks),
            // One known only by its claim never stands before one whose data work out.
            Standing::Beyond => -round($this->shortBy ?? 1.0 + count($this->lacks), 9),
            default => 0.0,
        };
    }

    /**
     * Whether it stands before every kit that at best has this place.
     *
     * @param  array{int, float, float}  $place
     */
    public function isBefore(array $place): bool
    {
        [$group, $inGroup, $score] = $this->place();

        return [$group, $inGroup, $score - self::TIE] > $place;
    }
}
