<?php

declare(strict_types=1);

namespace App\Books;

use App\Models\ShopFigure;
use Spindle\Capacity\Material;
use Spindle\Demand\Duty;
use Spindle\Kit\KitPart;
use Spindle\Kit\Ranking\BoxAndRest;
use Spindle\Kit\Ranking\ScorePart;

/** A section of the shop's rules as a table: a row for each thing, its figures beside each other. */
final readonly class RuleTable
{
    /** @param  array<string, list<RuleFigure>>  $rows by what they are of */
    private function __construct(public string $section, public string $title, public string $about, public array $rows)
    {
    }

    /**
     * @param  array<string, array<string, ShopFigure>>  $given  by section and name
     * @return list<self>
     */
    public static function all(array $given): array
    {
        return [
            self::ofDuties($given['duties'] ?? []), self::ofLinings($given['materials'] ?? []), self::ofRanking($given['ranking'] ?? []),
        ];
    }

    /** @param  array<string, ShopFigure>  $given */
    private static function ofDuties(array $given): self
    {
        $rows = [];
        foreach (Duty::cases() as $duty) {
            $rows[$duty->label()] = self::figures($duty->value, $given, [
                'reserve' => ['Reserve', $duty->reserve()->value], 'harsh_above' => ['Harsh above', $duty->harshAbove()->value],
            ]);
        }

        return new self(
            'duties', 'Reserve for the duty', 'What a clutch must carry over the engine, and above what it is harsh.', $rows,
        );
    }

    /** @param  array<string, ShopFigure>  $given */
    private static function ofLinings(array $given): self
    {
        $rows = [];
        foreach (Material::cases() as $material) {
            $rows[$material->label()] = self::figures($material->value, $given, [
                'mu' => ['Friction', $material->mu()->value], 'mu_hot' => ['Hot', $material->muHot()->value],
                'pressure_limit' => ['Pressure at most', $material->pressureLimit()->value],
                'comfortable_heat' => ['Comfortable heat', $material->comfortableHeat()->value],
                'heat_limit' => ['Greatest heat', $material->heatLimit()->value],
            ]);
        }

        return new self('materials', 'Lining materials', 'Friction, hot friction, pressure in kPa, heat of a start in J/cm².', $rows);
    }

    /** @param  array<string, ShopFigure>  $given */
    private static function ofRanking(array $given): self
    {
        $rows = [];
        foreach (ScorePart::cases() as $part) {
            $rows[$part->label()] = self::figures('weights', $given, [$part->value => ['Weight', $part->weight()]]);
        }
        foreach (BoxAndRest::USUAL as $name => $price) {
            $part = KitPart::from($name)->label();
            $rows["Usual price: {$part}"] = self::figures('parts', $given, [$name => ['Price', $price]]);
        }
        $own = $given['currency'] ?? null;
        $rows['Prices'] = [RuleFigure::of('currency', 'Currency', 'that of most kits', $own === null ? '' : $own->value)];

        return new self(
            'ranking', 'What a place on the shelf is made of',
            'How much each part of the score counts, what parts cost that a box may lack (the built-in figures are for a car), and in what '
            .'currency prices are compared.', $rows,
        );
    }

    /**
     * @param  array<string, ShopFigure>  $given
     * @param  array<string, array{string, float}>  $builtIn  what it is called and the built-in figure, by name
     * @return list<RuleFigure>
     */
    private static function figures(string $of, array $given, array $builtIn): array
    {
        $figures = [];
        foreach ($builtIn as $name => [$what, $figure]) {
            $own = $given["{$of}.{$name}"] ?? null;
            $figures[] = RuleFigure::of("{$of}.{$name}", $what, $figure, $own === null ? '' : $own->value);
        }

        return $figures;
    }
}
