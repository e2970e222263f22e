<?php

declare(strict_types=1);

namespace App\Drawings;

use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/**
 * A dimension line of a drawing, its extension lines and arrows. Too short for arrows inside, they stand outside and point in. In a
 * view: <x-dimension :from="…" :to="…" :at="…" :reach="…" />
 */
final class DimensionLine extends Component
{
    private const ARROW = 12;

    /** Under so many arrows no two of them find room inside. */
    private const ROOM = 2.5;

    public readonly float $first;

    public readonly float $last;

    /** Where the line begins and ends, with what stands outside. */
    public readonly float $starts;

    public readonly float $ends;

    /** Length of the arrow at the beginning, to the right or down; of the one at the end the other way. */
    public readonly float $head;

    public readonly float $tail;

    /** @param  list<array{float|int, float|int}>  $reach from where to where each of the two extension lines goes */
    public function __construct(
        float $from,
        float $to,
        public readonly float $at,
        public readonly array $reach,
        public readonly bool $vertical = false,
    ) {
        [$this->first, $this->last] = [min($from, $to), max($from, $to)];
        $isOutside = $this->last - $this->first < self::ROOM * self::ARROW;
        $this->head = $isOutside ? -self::ARROW : self::ARROW;
        $this->tail = -$this->head;
        $beyond = $isOutside ? 2 * self::ARROW : 0;
        [$this->starts, $this->ends] = [$this->first - $beyond, $this->last + $beyond];
    }

    public function render(): View
    {
        return view('components.dimension');
    }
}
