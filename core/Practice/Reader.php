<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Sheet\Field;

/** What a practice part shows when it is looked at: sizes as an instrument reads them, within its doubt; what is seen as it is. */
final class Reader
{
    /** Digits behind the point that are typed. */
    private const DIGITS = 2;

    /** @return list<string> as somebody types it, place by place */
    public static function read(Hidden $hidden, Field $field): array
    {
        $true = $hidden->typed($field->key);

        return $field->isMeasured() ? array_map(
            static fn (string $typed, int $place): string => self::doubted($hidden, $field, $typed, $place), $true, array_keys($true),
        ) : $true;
    }

    /** A size somewhere within the doubt of the instrument about the true one; the same whenever it is read, evenly. */
    private static function doubted(Hidden $hidden, Field $field, string $typed, int $place): string
    {
        [$number, $unit] = [...explode(' ', $typed, 2), ''];
        $entry = $hidden->truth->values->entries($field->key)[$place] ?? null;
        $doubt = $entry === null ? null : $hidden->truth->uncertaintyOf($field->key, $entry->quantity);
        if ($doubt === null || $doubt->value === 0.0) {
            return $typed;
        }
        $most = $doubt->as($unit);
        $read = max(0.0, (float) $number + $hidden->seed->between("read {$field->key} {$place}", -$most, $most));

        return number_format($read, self::DIGITS, '.', '')." {$unit}";
    }
}
