<?php

declare(strict_types=1);

namespace App\Limits;

use App\Models\ShopFigure;
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
            [ShopFigure::UNCERTAINTIES => $uncertainties, ShopFigure::CAUSES => $causes],
            static fn (\stdClass $section): bool => (array) $section !== [],
        );
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
