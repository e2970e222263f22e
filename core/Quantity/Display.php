<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** Writes quantities for a reader: preferred unit, decimal sign, and no more digits than were measured. */
final readonly class Display
{
    private const NARROW_BLANK = "\u{202F}";

    private const BLANK = "\u{00A0}";

    private const MOST_DECIMALS = 6;

    /** What is smaller is nought. */
    private const LEAST = 1e-9;

    public function __construct(public UnitSystem $system = UnitSystem::Metric, public string $decimalSign = '.')
    {
    }

    /** As it was read, in the unit it was typed in, with the digits that were given: "0.164 in"; a fraction stays one. */
    public function entry(Entry $entry): string
    {
        $isFraction = preg_match('~\d\s*[/⁄]\s*\d|\p{No}~u', $entry->typed) === 1;
        if ($isFraction && preg_match('/[\p{L}"″”]/u', $entry->typed) === 1) {
            return trim($entry->typed);
        }

        return $this->inUnit($entry->quantity, $entry->unit, $entry->resolution);
    }

    /** The same reading in the other system of units, or an empty text where both systems share the unit. */
    public function otherUnit(Entry $entry): string
    {
        $dimension = $entry->quantity::dimension();
        foreach ([$this->system, $this->system->other()] as $system) {
            $unit = $system->unit($dimension);
            if ($unit !== $entry->unit && $system->unit($dimension) !== $system->other()->unit($dimension)) {
                return $this->inUnit($entry->quantity, $unit, $entry->resolution);
            }
        }

        return '';
    }

    /**
     * In the reader's unit.
     *
     * @param  float  $resolution  the finest step worth showing, in base units
     */
    public function quantity(Quantity $quantity, float $resolution): string
    {
        return $this->inUnit($quantity, $this->system->unit($quantity::dimension()), $resolution);
    }

    public function read(AsRead $read): string
    {
        return $this->quantity($read->value, $read->step);
    }

    /** The same in both systems. */
    public function readBoth(AsRead $read): string
    {
        return $this->both($read->value, $read->step);
    }

    /** In the reader's unit with the other beside it: "4.17 mm (0.164 in)". */
    public function both(Quantity $quantity, float $resolution): string
    {
        $dimension = $quantity::dimension();
        $other = $this->system->other()->unit($dimension);
        $text = $this->quantity($quantity, $resolution);

        return $other === $this->system->unit($dimension) ? $text : $text.' ('.$this->asFine($quantity, $other, $resolution).')';
    }

    /** In a unit of the other system, with no fewer figures than in the reader's own: 0.1 mm is 0.004 in, not 0.00. */
    private function asFine(Quantity $quantity, Unit $other, float $resolution): string
    {
        $own = $this->system->unit($quantity::dimension());
        [$here, $there] = [abs($own->fromBase($quantity->value)), abs($other->fromBase($quantity->value))];
        if ($here < self::LEAST || $there < self::LEAST) {
            return $this->inUnit($quantity, $other, $resolution);
        }
        $finest = $own->fromBase($resolution);
        $figures = (int) floor(log10($here)) + 1 - ($finest > 0.0 ? (int) round(log10($finest)) : -self::MOST_DECIMALS);
        $step = 10.0 ** ((int) floor(log10($there)) + 1 - max(1, $figures));

        return $this->inUnit($quantity, $other, min($resolution, $other->toBase($step)));
    }

    public function inUnit(Quantity $quantity, Unit $unit, float $resolution): string
    {
        $step = $unit->fromBase($resolution);
        $value = $unit->fromBase($quantity->value);
        $number = $this->number(self::roundedToStep($value, $step), $this->decimals($step));

        return match ($unit->symbol) {
            '' => $number,
            '°' => $number.'°',
            'turn' => $number.self::BLANK.(abs($value) === 1.0 ? 'turn' : 'turns'),
            default => $number.self::BLANK.$unit->symbol,
        };
    }

    public function percent(float $fraction, int $decimals = 0): string
    {
        return $this->number(100 * $fraction, $decimals).self::BLANK.'%';
    }

    /** A bare number with so many figures that say something: 301 357 with two is 300 000. */
    public function quantityOf(float $value, int $figures): string
    {
        $step = $value === 0.0 ? 1.0 : 10.0 ** ((int) floor(log10(abs($value))) + 1 - $figures);

        return $this->number(round($value / $step) * $step, $this->decimals($step));
    }

    /** A bare number with grouped thousands and the reader's decimal sign. */
    public function number(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, $this->decimalSign, '');
        if (abs($value) >= 10000) {
            $text = number_format($value, $decimals, $this->decimalSign, '_');
        }

        return str_replace(['_', '-'], [self::NARROW_BLANK, '−'], (float) $text === 0.0 ? ltrim($text, '-') : $text);
    }

    /** A step of a hundred or more rounds before the point as decimals do after it; what would round to nothing is left. */
    private static function roundedToStep(float $value, float $step): float
    {
        if ($step < 100.0) {
            return $value;
        }
        $tens = 10.0 ** round(log10($step));
        $rounded = round($value / $tens) * $tens;

        return $rounded === 0.0 ? $value : $rounded;
    }

    /** How many decimals show a step of this size and nothing finer. */
    private function decimals(float $step): int
    {
        return $step <= 0.0 ? self::MOST_DECIMALS : max(0, min(self::MOST_DECIMALS, (int) round(-log10($step))));
    }
}
