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
use Spindle\Triage\OwnCases;

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
            [ShopFigure::UNCERTAINTIES => $uncertainties, ShopFigure::CAUSES => $causes, ...self::rules(),
                OwnCases::NAME => OwnFaults::section() ?? new \stdClass],
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
        return ShopBooks::now()->remembered('rules', static function (): array {
            $sections = [];
            foreach (ShopFigure::RULES as $name) {
                $section = new \stdClass;
                foreach (self::usable($name) as $key => $figure) {
                    $section = self::with($section, $key, $figure->value);
                }
                $sections[$name] = $section;
            }

            return array_filter($sections, static fn (\stdClass $section): bool => (array) $section !== []);
        });
    }

    /** "organic.mu" stands as {"organic": {"mu": …}}. */
    private static function with(\stdClass $section, string $name, string $value): \stdClass
    {
        $section = unserialize(serialize($section));
        [$first, $second] = [...explode('.', $name, 2), ''];
        $read = is_numeric($value) ? (float) $value : $value;
        if ($second === '') {
            $section->{$first} = $read;
        } else {
            $section->{$first} ??= new \stdClass;
            $section->{$first}->{$second} = $read;
        }

        return $section;
    }

    /**
     * Of what the shop set, what can be used. A figure that cannot, such as one of an earlier version, never stops the shop: the
     * built-in one counts, and `unusable` says so.
     *
     * @return array<string, ShopFigure> by name
     */
    private static function usable(string $section): array
    {
        $figures = ShopBooks::now()->figures($section);
        // Most shops set few rules, and every page asks for all.
        if ($figures === []) {
            return [];
        }
        $whole = new \stdClass;
        foreach ($figures as $name => $figure) {
            $whole = self::with($whole, $name, $figure->value);
        }
        if (self::why($section, $whole) === null) {
            return $figures;
        }
        $usable = [];
        $sofar = new \stdClass;
        foreach ($figures as $name => $figure) {
            $next = self::with($sofar, $name, $figure->value);
            if (self::why($section, $next) === null) {
                [$sofar, $usable[$name]] = [$next, $figure];
            }
        }

        return $usable;
    }

    /** @return list<string> what the shop set and nobody can use, in words */
    public static function unusable(): array
    {
        $said = [];
        foreach (ShopFigure::RULES as $section) {
            foreach (array_diff_key(ShopBooks::now()->figures($section), self::usable($section)) as $name => $figure) {
                $why = self::why($section, self::with(new \stdClass, $name, $figure->value)) ?? 'it does not go with the others';
                $rule = ucfirst(str_replace(['_', '.'], [' ', ', '], "{$section}: {$name}"));
                $said[] = "{$rule} is set to “{$figure->value}”, which cannot be used ({$why}). The built-in one counts.";
            }
        }

        return $said;
    }

    private static function why(string $section, \stdClass $given): ?string
    {
        try {
            (Subjects::dictionary()->sections[$section]->read)((array) $given === [] ? null : $given);

            return null;
        } catch (SheetError $e) {
            return $e->reason;
        }
    }

    /**
     * Whether a figure of the shop could be this.
     *
     * @throws SheetError naming it, when it cannot be
     */
    public static function check(string $section, string $name, string $value): void
    {
        match (true) {
            $section === ShopFigure::UNCERTAINTIES => self::checkUncertainty(Instrument::from($name), $value),
            $section === ShopFigure::CAUSES => self::checkCause($name, $value),
            in_array($section, ShopFigure::RULES, true) => self::checkRule($section, $name, $value),
            default => null,
        };
    }

    private static function checkRule(string $section, string $name, string $value): void
    {
        $given = self::with(self::rules()[$section] ?? new \stdClass, $name, $value);
        [$first, $second] = [...explode('.', $name, 2), ''];
        $of = Subjects::dictionary()->sections[$section];
        if (! $of->knows($first, $second)) {
            throw SheetError::at("{$section}.{$name}", 'there is no such rule');
        }
        ($of->read)($given);
    }

    private static function checkCause(string $name, string $value): void
    {
        [$cause, $evidence] = explode('.', $name, 2);
        EvidenceSection::read((object) [$cause => (object) [
            $evidence => $evidence === EvidenceTable::PRIOR ? (float) $value : $value,
        ]]);
    }

    public static function evidence(): EvidenceTable
    {
        return EvidenceSection::read(self::forSheet()[ShopFigure::CAUSES] ?? null);
    }

    private static function checkUncertainty(Instrument $instrument, string $typed): void
    {
        Sections::uncertainty($instrument, $typed, ucfirst($instrument->label()));
    }
}
