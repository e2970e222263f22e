<?php

declare(strict_types=1);

namespace App\Limits;

use App\Models\ShopLimit;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Limit\LimitSource;
use Spindle\Limit\PracticeRow;
use Spindle\Quantity\Display;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;
use Spindle\Vehicle\VehicleClass;

/** The built-in limits with what the workshop has put in their place. */
final class LimitsBook
{
    /** How a built-in row is told from others of its name. */
    public static function classes(PracticeRow $row): string
    {
        return implode(',', array_map(static fn (VehicleClass $c): string => $c->value, $row->classes));
    }

    public static function label(PracticeRow $row): string
    {
        return self::nameOf($row->name);
    }

    /** Bounds and watch band of a built-in row in the reader's units: "at least 0.3 mm; near below 0.5 mm". */
    public static function figures(PracticeRow $row, Display $display): string
    {
        $limit = $row->limit();
        $isBounded = $limit->min !== null || $limit->max !== null;
        $near = array_filter(
            [
                $limit->watchMin === null ? '' : 'below '.$limit->write($limit->watchMin, $display),
                $limit->watchMax === null ? '' : 'from '.$limit->write($limit->watchMax, $display),
            ],
            static fn (string $text): bool => $text !== '',
        );

        return str_replace(' (practice)', '', $limit->wording($display)).
            ($isBounded && $near !== [] ? '; near '.implode(' and ', $near) : '');
    }

    /** The name of a limit, or of a finding that has none, as a page says it: "Face runout", "Second disc: wear". */
    public static function nameOf(string $limit): string
    {
        $name = Subjects::dictionary()->nameOfLimit($limit);
        if ($name !== $limit) {
            return $name;
        }
        [$of, $what] = [...explode('.', $limit, 2), ''];

        $part = StripPart::tryFrom($of)?->name() ?? str_replace('_', ' ', $of);

        return rtrim(ucfirst($part).': '.str_replace(['_', '.'], ' ', $what), ': ');
    }

    /** @return list<string> fields that take a maker's figure, each bound once; some only the maker can give */
    public static function makersKeys(): array
    {
        $keys = [
            'limits.flywheel.free_play.max',
            'limits.flywheel.rock.max',
            'limits.flywheel.face_runout.max',
            'limits.flywheel.bolt_torque.min',
        ];
        foreach (Subjects::dictionary()->practice->rows as $row) {
            foreach (['min' => $row->min, 'max' => $row->max] as $bound => $figure) {
                if ($figure !== null && Subjects::dictionary()->limitField("limits.{$row->name}.{$bound}") !== null) {
                    $keys[] = "limits.{$row->name}.{$bound}";
                }
            }
        }

        return array_values(array_unique($keys));
    }

    /** @return array<string, ShopLimit> the shop's figures in force, by name and classes */
    public static function inForce(): array
    {
        return ShopBooks::now()->limits();
    }

    /**
     * The shop's limits for a class of vehicle, as a job sheet holds them.
     *
     * @return array<string, \stdClass> by name
     */
    public static function forSheet(?VehicleClass $class): array
    {
        $limits = [];
        foreach (self::inForce() as $limit) {
            $row = self::row($limit->name, $limit->classes);
            if ($row !== null && $class !== null && in_array($class, $row->classes, true)) {
                $limits[$limit->name] = self::inSheet($row, $limit->least, $limit->greatest);
            }
        }

        return $limits;
    }

    /**
     * What the shop typed, and nothing else: a bound it left out stays the built-in one. A limit that is only watched takes its
     * figure to watch from.
     */
    private static function inSheet(PracticeRow $row, string $least, string $greatest): \stdClass
    {
        return (object) array_filter(
            [
                'min' => $row->min === null ? '' : $least,
                'max' => $row->max === null ? '' : $greatest,
                'watch_below' => $row->min === null && $row->watchMin !== null ? $least : '',
                'watch_from' => $row->max === null && $row->watchMax !== null ? $greatest : '',
                'source' => LimitSource::Shop->value,
            ],
            static fn (string $text): bool => $text !== '',
        );
    }

    public static function row(string $name, string $classes): ?PracticeRow
    {
        foreach (Subjects::dictionary()->practice->rows as $row) {
            if ($row->name === $name && self::classes($row) === $classes) {
                return $row;
            }
        }

        return null;
    }

    /**
     * Checks what was typed for a row.
     *
     * @throws SheetError naming the bound, when it cannot be read or the two cross
     */
    public static function check(PracticeRow $row, string $least, string $greatest): void
    {
        foreach ([[$least, 'at least'], [$greatest, 'at most']] as [$typed, $bound]) {
            if ($typed !== '') {
                FieldReader::quantityOf($row->dimension, $typed, self::label($row).", {$bound}");
            }
        }
        try {
            // Just as every open job will read it.
            [$limits] = Sections::limits((object) [$row->name => self::inSheet($row, $least, $greatest)], Subjects::dictionary());
            if ($row->limit()->crosses($limits[0])) {
                throw SheetError::at('', 'the least value is above the greatest');
            }
        } catch (SheetError $e) {
            throw SheetError::at(self::label($row).', with '.self::figures($row, new Display).' built in', $e->reason);
        }
    }
}
