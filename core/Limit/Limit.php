<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Quantity\Display;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\UnitSystem;

/** The least and greatest that something may be, with a watch band inside them where there is one, and where they come from. */
final readonly class Limit
{
    /** Two lengths that differ by less than this share are the same; conversions are not exact in binary. */
    private const ROUNDING = 1e-9;

    /** A metric limit shown in inches keeps this many steps, so that 0.1 mm does not become nothing. */
    private const CONVERTED_STEPS = 20;

    /**
     * @param  bool  $edgeIsOut  a computed share that has reached the limit is out ("out from 80 %")
     * @param  string  $note  a condition or definition the reader should see beside the figure
     */
    private function __construct(
        public string $name,
        public ?Quantity $min,
        public ?Quantity $max,
        public LimitSource $source,
        public ?Mark $mark = null,
        public ?Quantity $watchMin = null,
        public ?Quantity $watchMax = null,
        public bool $edgeIsOut = false,
        public string $note = '',
    ) {
    }

    /**
     * A limit may be a watch band alone, which nothing can be outside of.
     *
     * @throws \DomainException when no figure is given or the bounds cross
     */
    public static function of(
        string $name, ?Quantity $min, ?Quantity $max, LimitSource $source, ?Mark $mark = null,
        ?Quantity $watchMin = null, ?Quantity $watchMax = null,
    ): self {
        if ($min === null && $max === null && $watchMin === null && $watchMax === null) {
            throw new \DomainException('a limit needs a least or a greatest value');
        }
        if ($min !== null && $max !== null && $min->value > $max->value) {
            throw new \DomainException('the least value is above the greatest');
        }

        return new self($name, $min, $max, $source, $mark, $watchMin, $watchMax);
    }

    public static function atMost(string $name, Quantity $max, LimitSource $source, ?Mark $mark = null): self
    {
        return new self($name, null, $max, $source, $mark);
    }

    public static function atLeast(string $name, Quantity $min, LimitSource $source, ?Mark $mark = null): self
    {
        return new self($name, $min, null, $source, $mark);
    }

    public static function between(string $name, Quantity $min, Quantity $max, LimitSource $source, ?Mark $mark = null): self
    {
        return self::of($name, $min, $max, $source, $mark);
    }

    /** Readings at or above this are worth watching though still inside. */
    public function watchedFrom(Quantity $watch): self
    {
        return $this->with(watchMax: $watch);
    }

    /** Readings below this are worth watching though still inside. */
    public function watchedBelow(Quantity $watch): self
    {
        return $this->with(watchMin: $watch);
    }

    public function outFromTheEdge(): self
    {
        return $this->with(edgeIsOut: true);
    }

    public function noted(string $note): self
    {
        return $this->with(note: $note);
    }

    /**
     * The guard-band rule of ISO 14253-1 applied to both sides: within only when inside by more than the uncertainty,
     * out only when outside by more than it, near between the two.
     *
     * @param  Quantity|null  $uncertainty  of the value, in its own dimension; none for a computed or counted figure
     */
    public function judge(Quantity $value, ?Quantity $uncertainty = null): Verdict
    {
        $u = $uncertainty->value ?? 0.0;
        $room = INF;
        $scale = abs($value->value);
        foreach ([[$this->max, 1.0], [$this->min, -1.0]] as [$bound, $sign]) {
            if ($bound !== null) {
                $room = min($room, $sign * ($bound->value - $value->value));
                $scale = max($scale, abs($bound->value));
            }
        }
        $same = self::ROUNDING * $scale;
        if ($room < -$u - $same || ($this->edgeIsOut && $room <= -$u + $same)) {
            return Verdict::Out;
        }
        if ($u > 0.0 && $room <= $u + $same) {
            return Verdict::Near;
        }

        return $this->isWatched($value, $same) ? Verdict::Near : Verdict::Within;
    }

    /** "at most 0.12 mm (practice)", in the reader's units. */
    public function wording(Display $display): string
    {
        $isShare = str_ends_with($this->name, 'percent');
        $write = static fn (Quantity $q): string => $isShare ? $display->percent($q->value) : $display->quantity($q, $display->system === UnitSystem::Inch ? abs($q->value) / self::CONVERTED_STEPS : self::step($q));

        return match (true) {
            $this->min !== null && $this->max !== null => $write($this->min).' to '.$write($this->max),
            $this->min !== null => 'at least '.$write($this->min),
            $this->max !== null => 'at most '.$write($this->max),
            $this->watchMax !== null => 'watch from '.$write($this->watchMax),
            $this->watchMin !== null => 'watch below '.$write($this->watchMin),
            default => '',
        }.' ('.$this->source->value.')';
    }

    /** The coarsest decimal step, from 1 down to 0.0001, that still writes this value exactly. */
    private static function step(Quantity $quantity): float
    {
        foreach ([1.0, 0.1, 0.01, 0.001] as $step) {
            $steps = $quantity->value / $step;
            if (abs($steps - round($steps)) < 1e-6) {
                return $step;
            }
        }

        return 0.0001;
    }

    private function isWatched(Quantity $value, float $same): bool
    {
        return ($this->watchMax !== null && $value->value >= $this->watchMax->value - $same)
            || ($this->watchMin !== null && $value->value < $this->watchMin->value - $same);
    }

    private function with(?Quantity $watchMin = null, ?Quantity $watchMax = null, ?bool $edgeIsOut = null, ?string $note = null): self
    {
        return new self(
            $this->name, $this->min, $this->max, $this->source, $this->mark,
            $watchMin ?? $this->watchMin, $watchMax ?? $this->watchMax, $edgeIsOut ?? $this->edgeIsOut, $note ?? $this->note,
        );
    }
}
