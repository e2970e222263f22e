<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;

/** What the judgements of an assessment write down as they go. */
final class Results
{
    /** @var array<string, Figure> */
    private array $figures = [];

    /** @var array<string, Finding> */
    private array $findings = [];

    /** @param  JobSheet|null  $sheet  whose waivers count; none do without one */
    public function __construct(private readonly FigureNames $names, private readonly ?JobSheet $sheet = null)
    {
    }

    /**
     * Writes a figure down in the unit fixed for its name.
     *
     * @param  Quantity|int|string|list<int>  $value
     */
    public function figure(string $name, Quantity|int|string|array $value, bool $atLeast = false): void
    {
        $unit = $this->names->unit($name);
        $this->figures[$name] = new Figure($name, $value instanceof Quantity ? self::inUnit($value, $unit) : $value, $unit, $atLeast);
    }

    /** A figure of a catalogue's data, which scatter from part to part by so much more or less, as a share. */
    public function scattering(string $name, Quantity $value, float $share): void
    {
        $unit = $this->names->unit($name);
        $this->figures[$name] = new Figure($name, self::inUnit($value, $unit), $unit, range: [
            self::inUnit($value->times(1 - $share), $unit), self::inUnit($value->times(1 + $share), $unit),
        ]);
    }

    /**
     * The same with how far it can be trusted.
     *
     * @param  Estimate<Quantity>  $estimate
     */
    public function estimate(string $name, Estimate $estimate): void
    {
        $unit = $this->names->unit($name);
        $this->figures[$name] = new Figure(
            $name,
            self::inUnit($estimate->value, $unit),
            $unit,
            uncertainty: $estimate->uncertainty === null ? null : self::inUnit($estimate->uncertainty, $unit),
            decidedBy: $estimate->decidedBy,
        );
    }

    private static function inUnit(Quantity $value, string $unit): float
    {
        return match ($unit) {
            '–' => $value->value,
            'turns' => $value->as('turn'),
            default => $value->as($unit),
        };
    }

    public function finding(Finding $finding): void
    {
        if (isset($this->findings[$finding->id])) {
            throw DictionaryError::judgedTwice($finding->id);
        }
        $this->findings[$finding->id] = $this->sheet?->letPass($finding) ?? $finding;
    }

    /**
     * What cannot be worked out yet, and what it waits for: "The release chain cannot be worked out without the pedal ratio."
     *
     * @param  Said  $said  the beginning of the sentence
     * @param  list<string>  $missing  names of the entries
     */
    public function missing(JobSheet $sheet, string $id, Said $said, array $missing): void
    {
        $this->finding(Finding::unmeasured($id, CommonSentences::without($said, $sheet->dictionary->names($missing)), ...$missing));
    }

    /** The verdict of a finding that the same subject wrote down before; unmeasured where there is none. */
    public function verdictOf(string $id): Verdict
    {
        return $this->findings[$id]->verdict ?? Verdict::Unmeasured;
    }

    /** A length that the same subject wrote down before, or nothing. */
    public function length(string $name): ?Length
    {
        $value = $this->figures[$name]->value ?? null;

        return is_float($value) && $this->figures[$name]->unit === 'mm' ? Length::mm($value) : null;
    }

    /** @return array<string, Figure> */
    public function figures(): array
    {
        return $this->figures;
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return array_values($this->findings);
    }
}
