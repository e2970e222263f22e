<?php

declare(strict_types=1);

namespace App\Sheets;

use Spindle\JobSheet\Assessment;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Quantity\Display;
use Spindle\Quantity\Quantity;

/** An assessment as data, in the shape the format's documentation promises. */
final class AssessmentJson
{
    /** Digits kept of a computed figure: enough to compare with, few enough to hide the last bits of binary fractions. */
    private const SIGNIFICANT = 10;

    public static function of(Assessment $assessment, Display $display): \stdClass
    {
        $figures = new \stdClass;
        foreach ($assessment->figures as $name => $figure) {
            $figures->{$name} = (object) ['value' => self::rounded($figure->value), 'unit' => $figure->unit];
        }

        return (object) [
            'verdict' => $assessment->verdict()->value,
            'figures' => $figures,
            'findings' => array_map(static fn (Finding $f): \stdClass => self::finding($f, $display), $assessment->findings),
            'unmeasured' => $assessment->unmeasured(),
        ];
    }

    private static function finding(Finding $finding, Display $display): \stdClass
    {
        return (object) array_filter([
            'id' => $finding->id,
            'verdict' => $finding->verdict->value,
            'message' => $finding->message,
            'limit' => $finding->limit === null ? null : self::limit($finding->limit, $display),
            'source' => $finding->limit?->source->value,
            'readings' => $finding->readings === [] ? null : $finding->readings,
            'missing' => $finding->missing === [] ? null : $finding->missing,
            'formula' => $finding->formula === '' ? null : $finding->formula,
            'waiver' => $finding->isWaived() ? $finding->waiver : null,
        ], static fn (mixed $v): bool => $v !== null);
    }

    private static function limit(Limit $limit, Display $display): \stdClass
    {
        $figure = static fn (?Quantity $q): ?float => $q === null ? null : self::rounded($q->value);

        return (object) array_filter([
            'name' => $limit->name,
            'min' => $figure($limit->min),
            'max' => $figure($limit->max),
            'watch_below' => $figure($limit->watchMin),
            'watch_from' => $figure($limit->watchMax),
            'unit' => ($limit->min ?? $limit->max ?? $limit->watchMin ?? $limit->watchMax)?->dimension()->baseUnit()->symbol,
            'source' => $limit->source->value,
            'mark' => $limit->mark?->value,
            'text' => $limit->wording($display),
        ], static fn (mixed $v): bool => $v !== null);
    }

    /**
     * @return ($value is float ? float : ($value is int ? int : string))
     */
    private static function rounded(float|int|string $value): float|int|string
    {
        return is_float($value) && $value !== 0.0
            ? round($value, self::SIGNIFICANT - 1 - (int) floor(log10(abs($value))))
            : $value;
    }
}
