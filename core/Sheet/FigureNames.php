<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Units;

/** The names of all computed figures with the unit each is given in. Fixed: never rename, only add. */
final readonly class FigureNames
{
    /** @param  array<string, string>  $units  by name; '–' a plain number, nothing a word */
    public function __construct(private array $units)
    {
    }

    public function has(string $name): bool
    {
        return isset($this->units[$name]);
    }

    /** @throws DictionaryError */
    public function unit(string $name): string
    {
        return $this->units[$name] ?? throw DictionaryError::figure($name);
    }

    /** The dimension a limit on this figure has; a figure in per cent is limited as a share. */
    public function dimension(string $name): ?Dimension
    {
        $unit = $this->units[$name] ?? null;

        return match ($unit) {
            null, '' => null,
            '–', '%' => Dimension::Ratio,
            'turns' => Dimension::Angle,
            's' => Dimension::Duration,
            default => Units::named($unit)->dimension,
        };
    }

    public function isPercent(string $name): bool
    {
        return ($this->units[$name] ?? '') === '%';
    }

    /** @return list<string> */
    public function all(): array
    {
        return array_keys($this->units);
    }
}
