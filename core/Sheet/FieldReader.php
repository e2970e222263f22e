<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Display;
use Spindle\Quantity\Entry;
use Spindle\Quantity\EntryReader;
use Spindle\Quantity\QuantityError;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;
use Spindle\Quantity\Unit;

/** Reads one answer to one field, from a form or a file, and refuses what it cannot be. */
final class FieldReader
{
    /** The longest free text a field keeps. */
    public const LONGEST_TEXT = 4000;

    private const MOST_POINTS = 200;

    private const EARLIEST_YEAR = 1990;

    /**
     * One quantity, as typed text or as a number in the base unit.
     *
     * @param  string  $place  the field's name as the reader knows it; stands before the message
     * @param  Unit|null  $default  the unit the form shows; a file without a unit means the base unit
     *
     * @throws SheetError
     */
    public static function entry(Field $field, mixed $given, string $place, ?Unit $default = null): Entry
    {
        $dimension = $field->dimension ?? throw DictionaryError::otherKind($field->key, 'quantity');
        try {
            $entry = match (true) {
                is_string($given) && $field->isSlope && self::isAngle($given) => self::slope($given),
                is_string($given) => EntryReader::read($given, $dimension, $default, $field->range),
                is_int($given), is_float($given) => Entry::ofBase((float) $given, $dimension),
                default => throw SheetError::wrongType($place, "{$dimension->withArticle()} as text or number", $given),
            };
            $entry = ($field->range ?? Plausible::range($dimension))->held($entry, new Display);
        } catch (QuantityError $e) {
            throw SheetError::at($place, $e->getMessage());
        }
        if ($field->kind === Kind::Count && floor($entry->quantity->value) !== $entry->quantity->value) {
            throw SheetError::at($place, 'a whole number is expected');
        }

        return $entry;
    }

    private static function isAngle(string $given): bool
    {
        return preg_match('/(?:°|deg(?:rees?)?)\s*$/ui', $given) === 1;
    }

    /**
     * A grade given as an angle: its rise over the level distance is the tangent.
     *
     * @throws QuantityError
     */
    private static function slope(string $given): Entry
    {
        $angle = EntryReader::read($given, Dimension::Angle);
        $tangent = static fn (float $turns): float => tan(2 * M_PI * $turns);

        return new Entry(
            $given, Ratio::of($tangent($angle->quantity->value)), Dimension::Ratio->baseUnit(), $tangent($angle->resolution),
        );
    }

    /**
     * One quantity or a list of them.
     *
     * @return non-empty-list<Entry>
     *
     * @throws SheetError
     */
    public static function entries(Field $field, mixed $given, string $place): array
    {
        if (! is_array($given)) {
            return [self::entry($field, $given, $place)];
        }
        if ($field->kind !== Kind::Quantities) {
            throw SheetError::wrongType($place, 'one value', $given);
        }
        self::checkLength($given, $field->mostPlaces(), $place);
        $entries = [];
        foreach (array_values($given) as $i => $one) {
            $entries[] = self::entry($field, $one, "{$place}[{$i}]");
        }

        return $entries === [] ? throw SheetError::at($place, 'the list is empty; leave it out when nothing was measured') : $entries;
    }

    /**
     * The word or words of a choice.
     *
     * @return list<string>
     *
     * @throws SheetError
     */
    public static function words(Field $field, mixed $given, string $place): array
    {
        if ($field->kind === Kind::Flag && is_bool($given)) {
            return [$given ? 'yes' : 'no'];
        }
        $many = $field->kind === Kind::Words;
        $list = $many && is_array($given) ? array_values($given) : [$given];
        self::checkLength($list, 2 * max(1, count($field->options)), $place);
        $words = [];
        foreach ($list as $word) {
            if (! is_string($word) || $field->kind === Kind::Flag) {
                throw SheetError::wrongType($place, $field->kind === Kind::Flag ? 'true or false' : 'a word', $word);
            }
            if (! isset($field->options[$word])) {
                throw SheetError::wrongType($place, 'one of '.implode(', ', array_keys($field->options)), $word);
            }
            $words[] = $word;
        }

        return array_values(array_unique($words));
    }

    /**
     * Marks on a face, each as written.
     *
     * @return non-empty-list<string>
     *
     * @throws SheetError
     */
    public static function marks(Field $field, mixed $given, string $place): array
    {
        $list = is_array($given) ? array_values($given) : [$given];
        self::checkLength($list, $field->mostPlaces(), $place);
        foreach ($list as $i => $mark) {
            $at = is_array($given) ? "{$place}[{$i}]" : $place;
            try {
                FaceMark::read(is_string($mark) ? $mark : throw SheetError::wrongType($at, 'a mark as text', $mark));
            } catch (\DomainException $e) {
                throw $e instanceof SheetError ? $e : SheetError::at($at, $e->getMessage());
            }
        }

        return $list === []
            ? throw SheetError::at($place, 'the list is empty; leave it out when nothing is marked')
            : array_map(strval(...), $list);
    }

    /**
     * A day, or as much of it as is known: a year, or year and month. Source of the form: ISO 8601.
     *
     * @throws SheetError
     */
    public static function day(mixed $given, string $place): string
    {
        // A file holds it in one form; what a person writes is turned into that before it is kept.
        return is_string($given) && WrittenDay::read($given, $place) === trim($given) ? trim($given)
            : throw SheetError::wrongType($place, 'a date such as 2024, 2024-05 or 2024-05-17', $given);
    }

    /** @throws SheetError */
    public static function text(mixed $given, string $place): string
    {
        if (is_int($given) || is_float($given)) {
            return (string) json_encode($given);
        }
        if (! is_string($given)) {
            throw SheetError::wrongType($place, 'a text', $given);
        }
        if (! mb_check_encoding($given, 'UTF-8')) {
            throw SheetError::at($place, 'the text is not in UTF-8');
        }

        return mb_strlen($given) <= self::LONGEST_TEXT
            ? $given
            : throw SheetError::at($place, 'the text is longer than '.self::LONGEST_TEXT.' characters');
    }

    /**
     * Pairs of speed and torque.
     *
     * @return non-empty-list<array{Speed, Torque}>
     *
     * @throws SheetError
     */
    public static function curve(Field $field, mixed $given, string $place): array
    {
        $along = $field->along ?? throw DictionaryError::otherKind($field->key, 'curve');
        $across = new Field($field->key, Kind::Quantity, $field->station, $field->label, $field->dimension, $field->range);
        if (! is_array($given) || $given === []) {
            throw SheetError::wrongType($place, 'a list of [speed, torque] pairs', $given);
        }
        self::checkLength($given, self::MOST_POINTS, $place);
        $points = [];
        foreach (array_values($given) as $i => $pair) {
            if (! is_array($pair) || count($pair) !== 2 || ! array_is_list($pair)) {
                throw SheetError::wrongType("{$place}[{$i}]", 'a pair [speed, torque]', $pair);
            }
            $speed = self::entry($along, $pair[0], "{$place}[{$i}][0]")->quantity;
            $torque = self::entry($across, $pair[1], "{$place}[{$i}][1]")->quantity;
            $points[] = [Speed::of($speed->value), Torque::of($torque->value)];
        }

        return $points;
    }

    /**
     * A curve as a person writes or pastes it: one point a line, speed and torque apart by a comma, a semicolon, a colon or a tab.
     *
     * @return list<array{string, string}>
     */
    public static function curveLines(string $text): array
    {
        $pairs = [];
        foreach (explode("\n", str_replace("\r", '', trim($text))) as $i => $line) {
            $parts = explode(';', strtr(trim($line), ["\t" => ';', ', ' => ';', ': ' => ';']), 2);
            // Two columns with nothing but a comma between them, as a table is copied; names of columns over them are passed over.
            if (count($parts) === 1 && substr_count($line, ',') === 1) {
                $parts = explode(',', trim($line), 2);
            }
            if ($i === 0 && count($parts) === 2 && preg_match('/\d/', $line) !== 1) {
                continue;
            }
            $pairs[] = [trim($parts[0], " \"'"), trim($parts[1] ?? '', " \"'")];
        }

        return $pairs;
    }

    /**
     * A moment of a record in universal time, as a file writes it. Source of the form: RFC 3339.
     *
     * @throws SheetError when it is none, or one before any file of this format
     */
    public static function moment(mixed $given, string $place): \DateTimeImmutable
    {
        $form = '/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,6})?(Z|[+-]\d{2}:\d{2})$/';
        $written = is_string($given) && preg_match($form, $given) === 1 ? $given : '';
        $moment = $written === '' ? false : date_create_immutable($written);
        // A 30th of February is read as a day in March; such a moment does not come back as it was written.
        if (
            $moment === false ||
            $moment->format('Y-m-d\TH:i:s') !== substr($written, 0, 19) ||
            (int) $moment->format('Y') < self::EARLIEST_YEAR
        ) {
            throw SheetError::wrongType($place, 'a date and time such as 2026-05-17T14:30:00Z', $given);
        }

        return $moment->setTimezone(new \DateTimeZone('UTC'));
    }

    /**
     * @param  array<mixed>  $list
     *
     * @throws SheetError
     */
    public static function checkLength(array $list, int $most, string $place): void
    {
        if (count($list) > $most) {
            throw SheetError::at($place, count($list).' values, and there can be '.$most.' at most');
        }
    }

    /** A plain share or number that is no field: used for limits. */
    public static function quantityOf(Dimension $dimension, mixed $given, string $place): Entry
    {
        return self::entry(new Field($place, Kind::Quantity, Station::Record, $place, $dimension), $given, $place);
    }
}
