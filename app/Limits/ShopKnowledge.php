<?php

declare(strict_types=1);

namespace App\Limits;

use App\Models\ShopFigure;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\MaterialTable;
use Spindle\Limit\Instrument;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;
use Spindle\Triage\EvidenceSection;
use Spindle\Triage\EvidenceTable;

/** What the workshop has put in place of the built-in uncertainties and of the table of causes, as a job sheet holds it. */
final class ShopKnowledge
{
    /** @return array<string, \stdClass> sections of a sheet */
    public static function forSheet(): array
    {
        $uncertainties = (object) array_map(
            static fn (ShopFigure $f): string => $f->value,
            ShopBooks::now()->figures(ShopFigure::UNCERTAINTIES),
        );
        $causes = new \stdClass();
        foreach (ShopBooks::now()->figures(ShopFigure::CAUSES) as $name => $figure) {
            [$cause, $evidence] = explode('.', $name, 2);
            $causes->{$cause} ??= new \stdClass();
            $causes->{$cause}->{$evidence} = $evidence === EvidenceTable::PRIOR ? (float) $figure->value : $figure->value;
        }

        return array_filter(
            [ShopFigure::UNCERTAINTIES => $uncertainties, ShopFigure::CAUSES => $causes, ...self::rules()],
            static fn (\stdClass $section): bool => (array) $section !== [],
        );
    }

    /** The figures of the linings as this shop has them. */
    public static function materials(): MaterialTable
    {
        return MaterialTable::read(self::rule(MaterialTable::NAME));
    }

    /** One of the shop's rules as a sheet holds it; nothing where the shop has none of its own. */
    public static function rule(string $section): ?\stdClass
    {
        return self::rules()[$section] ?? null;
    }

    /** @return array<string, \stdClass> by section; "organic.mu" of the table of figures stands as {"organic": {"mu": …}} */
    private static function rules(): array
    {
        $sections = [];
        foreach (ShopFigure::RULES as $name) {
            $section = new \stdClass;
            foreach (ShopBooks::now()->figures($name) as $key => $figure) {
                [$first, $second] = [...explode('.', $key, 2), ''];
                $value = is_numeric($figure->value) ? (float) $figure->value : $figure->value;
                if ($second === '') {
                    $section->{$first} = $value;
                } else {
                    $section->{$first} ??= new \stdClass;
                    $section->{$first}->{$second} = $value;
                }
            }
            $sections[$name] = $section;
        }

        return array_filter($sections, static fn (\stdClass $section): bool => (array) $section !== []);
    }

    /**
     * Whether the shop's rules could be these.
     *
     * @throws SheetError with the place, when one of them cannot be
     */
    public static function checkRule(string $section, string $name, string $value): void
    {
        $given = self::rules()[$section] ?? new \stdClass;
        [$first, $second] = [...explode('.', $name, 2), ''];
        $read = is_numeric($value) ? (float) $value : $value;
        if ($second === '') {
            $given->{$first} = $read;
        } else {
            $given->{$first} ??= new \stdClass;
            $given->{$first}->{$second} = $read;
        }
        (Subjects::dictionary()->sections[$section]->read)($given);
    }

    public static function evidence(): EvidenceTable
    {
        return EvidenceSection::read(self::forSheet()[ShopFigure::CAUSES] ?? null);
    }

    /** @throws SheetError naming the instrument, when what was typed can be no uncertainty of it */
    public static function checkUncertainty(Instrument $instrument, string $typed): void
    {
        Sections::uncertainty($instrument, $typed, ucfirst($instrument->label()));
    }
}
