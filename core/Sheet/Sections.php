<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Bounds;
use Spindle\Limit\Concession;
use Spindle\Limit\Instrument;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\UnitSystem;

/** Reads the parts of a job sheet that hold no fields: limits, instruments, uncertainties, waivers, units. */
final class Sections
{
    /** Beyond it a digit or unit slipped, mm. */
    private const GREATEST_UNCERTAINTY = 5.0;

    private const LEAST_UNCERTAINTY = 0.0005;

    /** More names in one section than any job has. */
    private const MOST_NAMES = 500;

    /** Where a limit is given, its figures. */
    private const LIMIT_FIGURES = ['min', 'max', 'watch_from', 'watch_below'];

    /**
     * A plain number that a section holds.
     *
     * @throws SheetError when it is none, or not from the least to the greatest
     */
    public static function number(mixed $given, string $place, float $least, float $greatest): float
    {
        $number = is_int($given) || is_float($given) ? (float) $given : throw SheetError::wrongType($place, 'a number', $given);

        return $number >= $least && $number <= $greatest
            ? $number : throw SheetError::wrongType($place, "a number from {$least} to {$greatest}", $given);
    }

    /** @return array{list<Limit>, list<string>} the limits, and the names that no check uses */
    public static function limits(mixed $given, Dictionary $dictionary): array
    {
        $limits = $unknown = [];
        foreach (self::map($given, 'limits') as $name => $limit) {
            $dimension = $dictionary->dimensionOfLimit($name);
            if ($dimension === null) {
                $unknown[] = $name;
            } else {
                $limits[] = self::readLimit($name, $dimension, $dictionary->isShare($name), self::map($limit, "limits.{$name}"));
            }
        }

        return [$limits, $unknown];
    }

    /** @param  array<string, mixed>  $given */
    private static function readLimit(string $name, Dimension $dimension, bool $isShare, array $given): Limit
    {
        $place = "limits.{$name}";
        $source = $given['source'] ?? null;
        $source =
            (is_string($source) ? LimitSource::tryFrom($source) : null) ??
            throw SheetError::wrongType("{$place}.source", 'one of maker, shop, practice', $given['source'] ?? null);
        $figures = [];
        foreach (self::LIMIT_FIGURES as $figure) {
            $figures[$figure] = isset($given[$figure])
                ? self::readLimitFigure($dimension, $isShare, $given[$figure], "{$place}.{$figure}")
                : null;
        }
        try {
            return Limit::of(
                $name, new Bounds($figures['min'], $figures['max'], $figures['watch_below'], $figures['watch_from']), $source,
            )->asShare($isShare);
        } catch (\DomainException $e) {
            throw SheetError::at($place, $e->getMessage());
        }
    }

    /** A bare number is in the unit of the figure that the limit is for, which may be per cent. */
    private static function readLimitFigure(Dimension $dimension, bool $isShare, mixed $given, string $place): Quantity
    {
        $quantity = FieldReader::quantityOf($dimension, $given, $place)->quantity;

        return $isShare && ! is_string($given) ? $quantity->over(100) : $quantity;
    }

    /** @return array<string, Instrument> */
    public static function instruments(mixed $given): array
    {
        $instruments = [];
        foreach (self::map($given, 'instruments') as $key => $word) {
            $place = "instruments.{$key}";
            $instruments[$key] = (is_string($word) ? Instrument::tryFrom($word) : null)
                ?? throw SheetError::wrongType($place, 'one of '.implode(', ', array_column(Instrument::cases(), 'value')), $word);
        }

        return $instruments;
    }

    /** @return array<string, Length|Ratio> a length by instrument; of the torque wrench a share of the reading */
    public static function uncertainties(mixed $given): array
    {
        $uncertainties = [];
        foreach (self::map($given, 'uncertainties') as $word => $value) {
            $place = "uncertainties.{$word}";
            $instrument = Instrument::tryFrom($word) ?? throw SheetError::at($place, 'no instrument of this name');
            $uncertainties[$word] = self::uncertainty($instrument, $value, $place);
        }

        return $uncertainties;
    }

    /** @throws SheetError when it is none that this instrument can have */
    public static function uncertainty(Instrument $instrument, mixed $given, string $place): Length|Ratio
    {
        $isLength = $instrument->uncertainty() instanceof Length;
        $read = FieldReader::quantityOf($isLength ? Dimension::Length : Dimension::Ratio, $given, $place)->quantity->value;
        $most = $isLength ? self::GREATEST_UNCERTAINTY : 1.0;

        return match (true) {
            $read < 0.0 => throw SheetError::at($place, 'an uncertainty is not negative'),
            $isLength && $read > 0.0 && $read < self::LEAST_UNCERTAINTY => throw SheetError::at(
                $place, 'no instrument of a workshop is as sure as that; 0.0005 mm or more is expected, or nought',
            ),
            $read > $most => throw SheetError::at($place, 'an uncertainty this large measures nothing'),
            $isLength => Length::mm($read),
            default => Ratio::of($read),
        };
    }

    /** @return array<string, Concession> */
    public static function waivers(mixed $given): array
    {
        $waivers = [];
        foreach (self::map($given, 'waivers') as $id => $waiver) {
            $place = "waivers.{$id}";
            $parts = self::map($waiver, $place);
            $reason = $parts['reason'] ?? null;
            if (! is_string($reason) || trim($reason) === '') {
                throw SheetError::wrongType("{$place}.reason", 'a reason', $reason);
            }
            $basis = $parts['basis'] ?? '';
            $waivers[$id] = Concession::of(
                FieldReader::text($reason, "{$place}.reason"), self::reach($parts['for'] ?? null, "{$place}.for"),
                is_string($basis) ? $basis : throw SheetError::wrongType("{$place}.basis", 'a text', $basis),
            );
        }

        return $waivers;
    }

    /** @return list<string> names of what a file states and nobody here took over: "limits.flywheel.face_runout", "materials" */
    public static function statedElsewhere(mixed $given): array
    {
        $names = [];
        foreach (self::map($given, 'elsewhere') as $section => $inner) {
            if (in_array($section, ['limits', 'readings'], true)) {
                foreach (array_keys(self::map($inner, "elsewhere.{$section}")) as $name) {
                    $names[] = "{$section}.{$name}";
                }
            } else {
                $names[] = $section;
            }
        }

        return $names;
    }

    /** How far a waiver reaches; one that does not say was given for whatever might be found. */
    private static function reach(mixed $given, string $place): Verdict
    {
        $reach = $given === null ? Verdict::Out : (is_string($given) ? Verdict::tryFrom($given) : null);

        return $reach !== null && in_array($reach, Concession::REACHES, true)
            ? $reach
            : throw SheetError::wrongType($place, 'one of out, unmeasured, near', $given);
    }

    public static function units(mixed $given): UnitSystem
    {
        return match (true) {
            $given === null => UnitSystem::Metric,
            is_string($given) && UnitSystem::tryFrom($given) !== null => UnitSystem::from($given),
            default => throw SheetError::wrongType('units', 'metric or inch', $given),
        };
    }

    /** @return array<string, mixed> */
    public static function map(mixed $given, string $place): array
    {
        $map = [];
        foreach (match (true) {
            $given === null => [],
            $given instanceof \stdClass => get_object_vars($given),
            default => throw SheetError::wrongType($place, 'an object', $given),
        } as $name => $value) {
            $map[(string) $name] = $value;
        }
        FieldReader::checkLength($map, self::MOST_NAMES, $place);

        return $map;
    }

    /** @return list<mixed> */
    public static function list(mixed $given, string $place): array
    {
        return match (true) {
            $given === null => [],
            is_array($given) && array_is_list($given) => $given,
            default => throw SheetError::wrongType($place, 'a list', $given),
        };
    }
}
