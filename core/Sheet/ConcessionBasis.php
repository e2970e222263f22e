<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Finding;
use Spindle\Quantity\Entry;

/**
 * What a waiver was given for: the readings a finding rests on with their values, and from the kit on which kit that was. A reason that
 * lets 7.2 mm of one kit pass says nothing of 6.9 mm, or of another kit.
 */
final class ConcessionBasis
{
    /** Values this close are one, in base units: what is typed in another unit is rounded. */
    private const PLACES = 4;

    /** A short name of it, the same for the same; two that differ ask again. */
    public static function of(Finding $finding, JobSheet $sheet): string
    {
        $keys = array_map(self::plain(...), [...$finding->readings, ...$finding->missing]);
        if ($sheet->dictionary->stationOf($finding->id)->number() >= Station::Kit->number()) {
            $keys = [...$keys, ...$sheet->dictionary->having(static fn (Nature $n): bool => $n->tellsTheKit)];
        }
        $left = $sheet->left() ?? $sheet;
        $values = [];
        foreach (array_unique($keys) as $key) {
            $values[$key] = self::value($key, $left);
        }
        ksort($values);
        $values = array_filter($values, static fn (string $value): bool => $value !== '');

        return hash('xxh64', (string) json_encode($values));
    }

    /** A reading taken after the work stands in the place of the one before it. */
    private static function plain(string $key): string
    {
        return str_starts_with($key, AsLeft::PREFIX) ? substr($key, strlen(AsLeft::PREFIX)) : $key;
    }

    private static function value(string $key, JobSheet $sheet): string
    {
        if ($sheet->dictionary->find($key) === null) {
            return '';
        }
        $numbers = array_map(static fn (Entry $e): string => (string) round($e->quantity->value, self::PLACES),
            $sheet->values->entries($key));

        return implode(' ', $numbers !== [] ? $numbers : $sheet->values->words($key));
    }
}
