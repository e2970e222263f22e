<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Readings\CurrentReadings;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Quantity\Display;
use Spindle\Quantity\Quantity;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\JobSheet;

/**
 * The readings of a job as CSV, RFC 4180, UTF-8: one row a reading with its number in the base unit, what it is judged by, who and when.
 * A cell that a spreadsheet would run as a formula has an apostrophe before it.
 */
final class ReadingsCsv
{
    private const COLUMNS = ['reading', 'label', 'place', 'typed', 'value', 'unit', 'verdict', 'limit', 'source', 'instrument', 'by', 'at'];

    /** @return list<list<string>> the names of the columns first */
    public static function rows(JobSheet $sheet, CurrentReadings $current, Assessment $assessment, Display $display): array
    {
        $rows = [self::COLUMNS];
        foreach ($current->fields() as $key) {
            $field = Subjects::dictionary()->find($key);
            $finding = self::findingOn($key, $assessment);
            [$values, $name] = str_starts_with($key, AsLeft::PREFIX) ? [$sheet->leftValues(), substr($key, strlen(AsLeft::PREFIX))]
                : [$sheet->values, $key];
            $numbers = $field?->dimension === null ? [] : $values->all($field->dimension->quantity(), $name);
            $unit = $field?->dimension?->baseUnit()->symbol ?? '';
            foreach (array_values($current->filled($key)) as $i => $reading) {
                $number = $numbers[$i] ?? null;
                $rows[] = [
                    $key, $field->label ?? '', (string) ($reading->position + 1), $reading->written(),
                    $number instanceof Quantity ? rtrim(rtrim(sprintf('%.6f', $number->value), '0'), '.') : '',
                    $number instanceof Quantity ? $unit : '',
                    $finding?->verdict->label() ?? '', $finding?->limit?->wording($display) ?? '', $finding?->limit?->source->value ?? '',
                    $reading->instrument ?? '', $reading->by_name, $reading->at->toIso8601ZuluString(),
                ];
            }
        }

        return $rows;
    }

    /** The worst that was said of a reading. */
    private static function findingOn(string $key, Assessment $assessment): ?Finding
    {
        foreach ($assessment->worstFirst() as $finding) {
            if (in_array($key, $finding->readings, true)) {
                return $finding;
            }
        }

        return null;
    }
}
