<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** What a field can hold at all: beyond it somebody slipped a digit or a unit. Not a limit of the trade. */
final readonly class Range
{
    /** Conversions may miss an edge by this share of it. Nought is missed by nothing. */
    private const ROUNDING = 1e-9;

    /** Anything but nought that is smaller than this share of the greatest is finer than any instrument. */
    private const FINEST = 1e-9;

    /** @param  float  $least  in the base unit, like the greatest */
    private function __construct(private float $least, private float $greatest, public Dimension $of)
    {
    }

    public static function between(Quantity $least, Quantity $greatest): self
    {
        return new self($least->value, $greatest->value, $least::dimension());
    }

    /** Both edges in the base unit of the dimension. */
    public static function of(Dimension $dimension, float $least, float $greatest): self
    {
        return new self($least, $greatest, $dimension);
    }

    /**
     * The entry, brought onto the edge where only the conversion of its unit carried it across.
     *
     * @throws QuantityError when the quantity lies outside, or is finer than anything that can be measured
     */
    public function held(Entry $entry, Display $display): Entry
    {
        $value = $entry->quantity->value;
        [$least, $greatest] = [$this->least, $this->greatest];
        $tooFine = $value !== 0.0 && abs($value) < self::FINEST * max(abs($least), abs($greatest));

        if ($tooFine && $this->holds($value) && ($value > 0.0 || $least < 0.0)) {
            throw QuantityError::tooFine($entry->typed);
        }
        if ($tooFine || ! $this->holds($value)) {
            $read = $tooFine ? trim($entry->typed) : $display->entry($entry);
            throw QuantityError::outsideRange($read, $this->edge($least, $entry->unit), $this->edge($greatest, $entry->unit));
        }
        // Adding nought turns a negative nought, which a sign before it makes, into a plain one.
        $held = min(max($value, $least), $greatest) + 0.0;

        return (string) $held === (string) $value
            ? $entry
            : new Entry($entry->typed, $entry->quantity::of($held), $entry->unit, $entry->resolution);
    }

    /** Whether a value in the base unit lies inside. */
    public function holds(float $value): bool
    {
        return $value >= $this->least - self::ROUNDING * abs($this->least) &&
            $value <= $this->greatest + self::ROUNDING * abs($this->greatest);
    }

    /** An edge without digits that say nothing: a share as it was typed, anything else in the base unit. */
    private function edge(float $edge, Unit $typed): string
    {
        $unit = $this->of === Dimension::Ratio ? $typed : $this->of->baseUnit();

        return rtrim(rtrim(rtrim(sprintf('%.3f', $unit->fromBase($edge)), '0'), '.').' '.$unit->symbol);
    }

    /** @return array{float, float} least and greatest in base units */
    public function bounds(): array
    {
        return [$this->least, $this->greatest];
    }
}
