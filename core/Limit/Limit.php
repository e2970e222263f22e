<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;
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
     * @param  string  $note  a condition or definition the reader should see beside the figure, whoever gave it
     * @param  string|Said  $origin  where the built-in figure itself comes from; untrue of any other figure
     * @param  bool  $isWanted  the watch band ends at what is aimed at, which is said first
     * @param  bool  $isShare  written in per cent
     * @param  LimitSource|null  $otherSource  of the bound that the source did not give, where there is one
     */
    private function __construct(
        public string $name,
        public ?Quantity $min,
        public ?Quantity $max,
        public LimitSource $source,
        public ?Provenance $mark = null,
        public ?Quantity $watchMin = null,
        public ?Quantity $watchMax = null,
        public bool $edgeIsOut = false,
        public string $note = '',
        public bool $isShare = false,
        public ?LimitSource $otherSource = null,
        public string|Said $origin = '',
        public bool $isWanted = false,
    ) {
    }

    /**
     * A limit may be a watch band alone, which nothing can be outside of.
     *
     * @throws LimitError when no figure is given or the bounds cross
     */
    public static function of(string $name, Bounds $bounds, LimitSource $source, ?Provenance $mark = null): self
    {
        return match (true) {
            $bounds->areNone() => throw LimitError::noFigure(),
            $bounds->cross() => throw LimitError::boundsCross(),
            default => new self($name, $bounds->min, $bounds->max, $source, $mark, $bounds->watchMin, $bounds->watchMax),
        };
    }

    public static function atMost(string $name, Quantity $max, LimitSource $source, ?Provenance $mark = null): self
    {
        return new self($name, null, $max, $source, $mark);
    }

    public static function atLeast(string $name, Quantity $min, LimitSource $source, ?Provenance $mark = null): self
    {
        return new self($name, $min, null, $source, $mark);
    }

    public static function between(string $name, Quantity $min, Quantity $max, LimitSource $source, ?Provenance $mark = null): self
    {
        return self::of($name, new Bounds($min, $max), $source, $mark);
    }

    public function outFromTheEdge(): self
    {
        return $this->with(edgeIsOut: true);
    }

    /** Written in per cent, or not. */
    public function asShare(bool $isShare): self
    {
        return $this->with(isShare: $isShare);
    }

    /**
     * This limit with the bounds that maker or shop give in place of its own. The bound they leave alone stays, and so do the edge
     * rule, the watch band, the note and the unit; what the new bounds leave no room for goes.
     */
    public function bounded(self $given): self
    {
        $min = $given->min ?? ($this->crosses($given) ? null : $this->min);
        $max = $given->max ?? ($this->crosses($given) ? null : $this->max);
        $isMixed = ($min !== null && $given->min === null) || ($max !== null && $given->max === null);
        $hasRoom = static fn (?Quantity $watch): bool => $watch !== null
            && ($min === null || $watch->value > $min->value) && ($max === null || $watch->value < $max->value);

        return new self(
            $given->name, $min, $max, $given->source, null,
            $given->watchMin ?? ($hasRoom($this->watchMin) ? $this->watchMin : null),
            $given->watchMax ?? ($hasRoom($this->watchMax) ? $this->watchMax : null),
            $this->edgeIsOut, $this->note, $this->isShare,
            $isMixed && ($given->min !== null || $given->max !== null) ? $this->source : null,
        );
    }

    /** Whether a bound given leaves no room between it and the other bound of this limit. */
    public function crosses(self $given): bool
    {
        return ($given->min !== null && $given->max === null && $this->max !== null && $given->min->value > $this->max->value)
            || ($given->max !== null && $given->min === null && $this->min !== null && $given->max->value < $this->min->value);
    }

    public function noted(string $note): self
    {
        return $this->with(note: $note);
    }

    /** What is aimed at is where the watch band ends. */
    public function aimedAt(): self
    {
        return $this->with(isWanted: true);
    }

    public function from(string|Said $origin): self
    {
        return $this->with(origin: $origin);
    }

    /** What a reader should see beside the figures; empty where there is nothing to say. */
    public function remark(Display $display): string
    {
        $origin = $this->origin instanceof Said ? $this->origin->in($display) : $this->origin;

        return implode('; ', array_filter([$this->note, $origin], static fn (string $text): bool => $text !== ''));
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
        $write = fn (Quantity $q): string => $this->write($q, $display);

        $aim = $this->isWanted ? $this->watchMin : null;

        return match (true) {
            $this->min !== null && $this->max !== null => $write($this->min).' to '.$write($this->max),
            $this->min !== null => ($aim === null ? '' : 'wanted '.$write($aim).', ').'at least '.$write($this->min),
            $this->max !== null => 'at most '.$write($this->max),
            $this->watchMax !== null => 'watch from '.$write($this->watchMax),
            $this->watchMin !== null => 'watch below '.$write($this->watchMin),
            default => '',
        }.' ('.$this->sources().')';
    }

    /** A bound as this limit is written: in per cent, or in the reader's unit with as many digits as it has. */
    public function write(Quantity $bound, Display $display): string
    {
        if ($this->isShare) {
            return $display->percent($bound->value);
        }
        // All bounds of one limit have the same number of digits.
        $bounds = array_filter(
            [$this->min, $this->max, $this->watchMin, $this->watchMax, $bound],
            static fn (?Quantity $q): bool => $q !== null && $q->value !== 0.0,
        );
        $step = static fn (Quantity $q): float => $display->system === UnitSystem::Inch
            ? abs($q->value) / self::CONVERTED_STEPS
            : self::step($q);

        return $display->quantity($bound, $bounds === [] ? 1.0 : min(array_map($step, $bounds)));
    }

    /** Who gave it: where two did, which bound is whose cannot be mistaken. */
    private function sources(): string
    {
        return $this->otherSource === null ? $this->source->value : "{$this->source->value}, other bound {$this->otherSource->value}";
    }

    /** The coarsest decimal step, from 1 down to 0.0001, that still writes this value exactly. */
    private static function step(Quantity $quantity): float
    {
        // Of a plain number nobody says more than two decimals, and no gauge here reads finer than a thousandth of a millimetre.
        $finest = match (true) {
            $quantity instanceof Ratio && abs($quantity->value) >= 0.01 => 0.01,
            $quantity instanceof Length && abs($quantity->value) >= 0.01 => 0.001,
            default => 0.0001,
        };
        foreach ([1.0, 0.1, 0.01, 0.001] as $step) {
            $steps = $quantity->value / $step;
            if ($step <= $finest || abs($steps - round($steps)) < 1e-6) {
                return $step;
            }
        }

        return $finest;
    }

    /** "watched below 0.5 mm", of a value inside the bounds that is worth watching; empty of any other. */
    public function watching(Quantity $value, Display $display): string
    {
        $same = self::ROUNDING * abs($value->value);
        if ($this->watchMax !== null && $value->value >= $this->watchMax->value - $same) {
            return 'watched from '.$this->write($this->watchMax, $display);
        }

        return $this->watchMin !== null && $this->isWatched($value, $same) ? 'watched below '.$this->write($this->watchMin, $display) : '';
    }

    /** A share with as many decimals as it takes to tell it from a bound it does not meet. */
    public function writeShare(Quantity $share, Display $display): string
    {
        foreach ([0, 1, 2] as $decimals) {
            $clashes = false;
            foreach ([$this->min, $this->max] as $bound) {
                $written = $bound === null ? '' : $display->percent($bound->value, $decimals);
                $clashes = $clashes || $bound !== null && $written === $display->percent($share->value, $decimals)
                    && abs($share->value - $bound->value) > self::ROUNDING;
            }
            if (! $clashes) {
                return $display->percent($share->value, $decimals);
            }
        }

        return $display->percent($share->value, 2);
    }

    private function isWatched(Quantity $value, float $same): bool
    {
        return ($this->watchMax !== null && $value->value >= $this->watchMax->value - $same)
            || ($this->watchMin !== null && $value->value < $this->watchMin->value - $same);
    }

    private function with(
        ?bool $edgeIsOut = null, ?string $note = null, ?bool $isShare = null, string|Said|null $origin = null, ?bool $isWanted = null,
    ): self {
        return new self(
            $this->name, $this->min, $this->max, $this->source, $this->mark,
            $this->watchMin, $this->watchMax, $edgeIsOut ?? $this->edgeIsOut, $note ?? $this->note,
            $isShare ?? $this->isShare, $this->otherSource, $origin ?? $this->origin, $isWanted ?? $this->isWanted,
        );
    }
}
