<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** What a field can hold at all: beyond it somebody slipped a digit or a unit. Not a limit of the trade. */
final readonly class Range
{
    /** Float conversions may miss the edge by this share of it. */
    private const ROUNDING = 1e-9;

    private function __construct(private Quantity $least, private Quantity $greatest, private bool $aboveLeast)
    {
    }

    public static function between(Quantity $least, Quantity $greatest): self
    {
        return new self($least, $greatest, false);
    }

    /** More than nothing, up to the greatest. */
    public static function aboveZero(Quantity $greatest): self
    {
        return new self($greatest::of(0.0), $greatest, true);
    }

    /** @throws QuantityError when the quantity lies outside */
    public function check(Entry $entry, Display $display): void
    {
        $value = $entry->quantity->value;
        $slack = self::ROUNDING * max(abs($this->least->value), abs($this->greatest->value));
        $tooSmall = $this->aboveLeast ? $value <= 0.0 : $value < $this->least->value - $slack;

        if ($tooSmall || $value > $this->greatest->value + $slack) {
            throw QuantityError::outsideRange(
                $display->entry($entry),
                $this->aboveLeast ? 'above 0' : self::edge($this->least),
                self::edge($this->greatest),
            );
        }
    }

    /** An edge in the base unit, without digits that say nothing. */
    private static function edge(Quantity $edge): string
    {
        return rtrim(rtrim(rtrim(sprintf('%.3f', $edge->value), '0'), '.').' '.$edge::dimension()->baseUnit()->symbol);
    }

    /** @return array{float, float, bool} least and greatest in base units, and whether the least itself is excluded */
    public function bounds(): array
    {
        return [$this->least->value, $this->greatest->value, $this->aboveLeast];
    }
}
