<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;

/** What a practice part shows when it is looked at: sizes as an instrument reads them, within its doubt; what is seen as it is. */
final class Reader
{
    /** Digits behind the point that are typed. */
    private const DIGITS = 2;

    /** @return list<string> as somebody types it, place by place */
    public static function read(Hidden $hidden, Field $field): array
    {
        return self::within($hidden->seed, $hidden->truth, $field, $hidden->typed($field->key));
    }

    /**
     * @param  JobSheet  $truth  what is really so
     * @param  list<string>  $true  the same of this field, as written
     * @return list<string> as somebody types it, place by place
     */
    public static function within(Seed $seed, JobSheet $truth, Field $field, array $true): array
    {
        return $field->isMeasured() && ! in_array($field->kind, [Kind::Count, Kind::Flag], true) ? array_map(
            static fn (string $typed, int $place): string => self::doubted($seed, $truth, $field, $typed, $place), $true, array_keys($true),
        ) : $true;
    }

    /** A size somewhere within the doubt of the instrument about the true one; the same whenever it is read, evenly. */
    private static function doubted(Seed $seed, JobSheet $truth, Field $field, string $typed, int $place): string
    {
        [$number, $unit] = [...explode(' ', $typed, 2), ''];
        $entry = $truth->values->entries($field->key)[$place] ?? null;
        $doubt = $entry === null ? null : $truth->uncertaintyOf($field->key, $entry->quantity);
        if ($doubt === null || $doubt->value === 0.0) {
            return $typed;
        }
        $most = $doubt->as($unit);
        $read = max(0.0, (float) $number + $seed->between("read {$field->key} {$place}", -$most, $most));

        return number_format($read, self::DIGITS, '.', '')." {$unit}";
    }
}
