<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Finding;
use Spindle\Quantity\Angle;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Display;
use Spindle\Quantity\Entry;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Units;

/**
 * The formula of a finding with the numbers put in. In the formula each thing stands as "{words|name}", where the name is that of a
 * reading or a figure, with which of several places counts before it: "{least thickness now|least disc.thickness}". Of several names
 * the first that is known counts: "{clearance|release.clearance,release.clearance_shimmed}". What is not known stays in words. The
 * result stands at "{=}", else at the end.
 */
final readonly class WorkedFormula
{
    private const THING = '/\{([^|}]+)\|(?:(least|greatest|mean|both) )?([^}]+)\}/';

    /** Digits of a computed figure, and one digit of a doubt. */
    private const DIGITS = 3;

    /** @param  array<string, Figure>  $figures  of the assessment */
    public function __construct(private JobSheet $sheet, private array $figures, private Display $display)
    {
    }

    /** "(8.6 mm − 7.42 mm) ÷ 2.4 mm = 49 % ± 2 %"; empty where nothing in it is known as a number. */
    public function of(Finding $finding): string
    {
        $known = $unknown = 0;
        $worked = (string) preg_replace_callback(self::THING, function (array $m) use (&$known, &$unknown): string {
            $number = $this->number($m[2], explode(',', $m[3]));
            $number === '' ? $unknown++ : $known++;

            return $number === '' ? $m[1] : $number;
        }, $finding->template($this->display));
        $result = $this->result($finding->figure);
        $equals = $result === '' ? '' : " = {$result}";
        $isSaid = $known > 0 && ($result !== '' || $unknown === 0);

        return match (true) {
            ! $isSaid => '',
            str_contains($worked, Finding::RESULT) => str_replace(Finding::RESULT, $equals, $worked),
            default => $worked.$equals,
        };
    }

    /** @param  list<string>  $names */
    private function number(string $counts, array $names): string
    {
        foreach ($names as $name) {
            $readings = $this->sheet->dictionary->find($name) === null ? [] : $this->sheet->values->entries($name);
            if ($readings !== []) {
                return $this->reading($counts, $name);
            }
            $figure = $this->figures[$name] ?? null;
            if ($figure !== null && is_float($figure->value)) {
                return $this->figure($figure, $figure->value);
            }
            if ($figure !== null) {
                return is_array($figure->value) ? implode(' ', $figure->value) : (string) $figure->value;
            }
        }

        return '';
    }

    private function reading(string $counts, string $name): string
    {
        $field = $this->sheet->dictionary->get($name);
        $all = array_map(static fn (Entry $entry): Quantity => $entry->quantity, $this->sheet->values->entries($name));
        if ($all === []) {
            return '';
        }
        $step = $this->sheet->values->resolution($name);
        $value = match ($counts) {
            'least' => $all[0]::least($all),
            'greatest' => $all[0]::greatest($all),
            'mean' => $all[0]::mean($all),
            'both' => isset($all[1]) ? $all[0]->plus($all[1]) : $all[0]->times(2),
            default => $all[0],
        };

        return $field->unit === '%' && $value instanceof Ratio
            ? $this->display->percent($value->value) : $this->display->quantity($value, $step);
    }

    /** The figure of the finding with how far it is known. */
    private function result(string $name): string
    {
        $figure = $this->figures[$name] ?? null;
        if ($figure === null || ! is_float($figure->value)) {
            return '';
        }
        $doubt = $figure->uncertainty === null || $figure->uncertainty <= 0.0 ? '' : ' ± '.$this->figure($figure, $figure->uncertainty, 1);

        return ($figure->atLeast ? 'at least ' : '').$this->figure($figure, $figure->value).$doubt;
    }

    private function figure(Figure $figure, float $value, int $digits = self::DIGITS): string
    {
        $step = $value === 0.0 ? 0.01 : 10 ** (floor(log10(abs($value))) + 1 - $digits);
        if ($figure->unit === '%') {
            return $this->display->percent($value / 100, $digits === 1 ? 1 : 0);
        }
        if ($figure->unit === '–' || $figure->unit === '') {
            return $this->display->number($value, max(0, (int) -floor(log10($step))));
        }
        $unit = Units::named($figure->unit === 'turns' ? 'turn' : $figure->unit);
        $quantity = $unit->dimension->quantity()::of($unit->toBase($value));

        return $quantity instanceof Angle || $unit->dimension === Dimension::EnergyPerArea
            ? $this->display->number($value, max(0, (int) -floor(log10($step)))).' '.$figure->unit
            : $this->display->quantity($quantity, $unit->toBase($step));
    }
}
