<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

/** Where a kit stands for one job. */
final readonly class RankedKit
{
    /** Scores that differ by no more are one and the same. */
    private const TIE = 1e-8;

    /**
     * @param  int|string  $key  the kit, as its list names it
     * @param  bool  $fits  nothing known speaks against putting it in
     * @param  bool  $carries  both checks of torque hold, and nothing in its work is beyond it
     * @param  float|null  $margin  what it carries over what the engine gives; nothing where that is not known
     */
    public function __construct(
        public int|string $key,
        public bool $fits,
        public bool $carries,
        public Score $score,
        public ?float $margin = null,
    ) {
    }

    /**
     * Better first; among those that do not carry the one that comes nearest to it. Of two that are equal in everything the one whose
     * name comes first.
     */
    public function compare(self $other): int
    {
        $own = [$this->fits, $this->carries, $this->carries ? 0.0 : $this->margin ?? -1.0, round($this->score->total, 9)];
        $others = [$other->fits, $other->carries, $other->carries ? 0.0 : $other->margin ?? -1.0, round($other->score->total, 9)];

        return $own === $others ? strcmp((string) $this->key, (string) $other->key) : $others <=> $own;
    }

    /**
     * Whether it stands before every kit that at best fits and has this place.
     *
     * @param  float  $margin  as it counts in the order; nought for one that carries
     */
    public function isBefore(bool $carries, float $margin, float $score): bool
    {
        $own = [$this->fits, $this->carries, $this->carries ? 0.0 : $this->margin ?? -1.0, $this->score->total - self::TIE];

        return $own > [true, $carries, $margin, $score];
    }
}
