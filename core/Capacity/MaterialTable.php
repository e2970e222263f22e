<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\EnergyPerArea;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/**
 * The figures of every lining material, with what the shop decided in place of the built-in ones: {"organic": {"mu": 0.28}}. Pressure is
 * in kPa, heat in J/cm².
 */
final class MaterialTable
{
    public const NAME = 'materials';

    /** By figure, what it can lie between. */
    public const RANGES = [
        'mu' => [0.05, 1.2], 'mu_hot' => [0.05, 1.2], 'pressure_limit' => [10.0, 10_000.0], 'comfortable_heat' => [1.0, 2000.0],
        'heat_limit' => [1.0, 2000.0],
    ];

    /** @var array<string, MaterialFigures> made once each */
    private static array $builtIn = [];

    /** @param  array<string, MaterialFigures>  $given  by material, those that are not built in */
    private function __construct(private readonly array $given)
    {
    }

    public static function builtIn(): self
    {
        return new self([]);
    }

    public static function of(JobSheet $sheet): self
    {
        $table = $sheet->section(self::NAME);

        return $table instanceof self ? $table : self::builtIn();
    }

    public function figures(Material $material): MaterialFigures
    {
        return $this->given[$material->value] ?? self::$builtIn[$material->value] ??= MaterialFigures::builtIn($material);
    }

    /** @throws SheetError with the place, when there is no such material or its figures cannot be */
    public static function read(mixed $given): self
    {
        $table = [];
        foreach (Sections::map($given, self::NAME) as $name => $figures) {
            $place = self::NAME.".{$name}";
            $material = Material::tryFrom($name) ?? throw SheetError::at($place, 'there is no such material');
            $map = Sections::map($figures, $place);
            $builtIn = MaterialFigures::builtIn($material);
            $read = static fn (string $key, float $else): float => isset($map[$key])
                ? Sections::number($map[$key], "{$place}.{$key}", ...self::RANGES[$key]) : $else;
            try {
                $table[$material->value] = new MaterialFigures(
                    Ratio::of($read('mu', $builtIn->mu->value)),
                    Ratio::of($read('mu_hot', $builtIn->muHot->value)),
                    Pressure::kPa($read('pressure_limit', $builtIn->pressureLimit->value)),
                    EnergyPerArea::of($read('comfortable_heat', $builtIn->comfortable->value)),
                    EnergyPerArea::of($read('heat_limit', $builtIn->heatLimit->value)),
                );
            } catch (CapacityError $e) {
                throw SheetError::at($place, $e->getMessage());
            }
        }

        return new self($table);
    }

    public static function section(): Section
    {
        $number = static fn (array $range): array => ['type' => 'number', 'minimum' => $range[0], 'maximum' => $range[1]];

        return new Section(self::read(...), ['type' => 'object', 'additionalProperties' => [
            'type' => 'object', 'properties' => array_map($number, self::RANGES),
        ]]);
    }
}
