<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Job;
use App\Models\KitChoice;
use App\Models\Note;
use App\Models\Reading;
use App\Models\Waiver;
use App\Readings\CurrentReadings;
use App\Store\Clock;
use Illuminate\Support\Carbon;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Instrument;
use Spindle\Limit\LimitSource;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Dictionary;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;
use Spindle\Sheet\TypedEntry;

/**
 * A file of a job read into rows, each checked as if somebody had typed it, and none of them stored: for taking a file in, and for
 * showing a signed job from its file alone.
 */
final readonly class SheetRows
{
    /** Of a file from elsewhere; what was made here may be as long as a job can become. */
    private const MOST_ENTRIES = 5_000;

    /** Of a file from elsewhere as well. */
    private const MOST_NOTES = 1_000;

    private const LONGEST_NAME = 200;

    /** s: clocks differ, and a day begins elsewhere earlier. */
    private const A_DAY = 86_400;

    private const PLAIN = '/^(\d{4})-(\d{2})-(\d{2})T(?:[01]\d|2[0-3]):[0-5]\d:[0-5]\dZ$/';

    /** What is older was not written by this program, and is looked at closely. */
    private const LONG_AGO = '2000';

    /**
     * @param  list<Reading>  $readings  in the order they were entered
     * @param  list<Waiver>  $waivers
     * @param  list<Note>  $notes
     */
    private function __construct(public array $readings, public array $waivers, public array $notes, public ?KitChoice $kit)
    {
    }

    /**
     * A file from elsewhere: whatever it states is marked as stated.
     *
     * @throws SheetError when an entry, a name or a moment in it cannot be, with the place
     */
    public static function ofForeign(Document $document): self
    {
        return self::read($document, self::MOST_ENTRIES, static fn (?\stdClass $row): bool => true);
    }

    /**
     * A file that was made here: it says itself which of its rows came from elsewhere.
     *
     * @throws SheetError
     */
    public static function ofOwn(Document $document): self
    {
        return self::made($document, true);
    }

    /**
     * The same for showing only: what its entries come to in the base unit is not worked out again.
     *
     * @throws SheetError
     */
    public static function toShow(Document $document): self
    {
        return self::made($document, false);
    }

    private static function made(Document $document, bool $isStored): self
    {
        $throughout = $document->get(['stated']) === true;

        return self::read(
            $document,
            Job::MOST_ENTRIES,
            static fn (?\stdClass $row): bool => $throughout || ($row->stated ?? false) === true,
            $isStored,
        );
    }

    /** @param  callable(\stdClass|null): bool  $isStated */
    private static function read(Document $document, int $most, callable $isStated, bool $isStored = true): self
    {
        $document = Subjects::dictionary()->plainly($document);
        $readings = self::log($document->get(['log']), $most, $isStated, $isStored);

        return new self(
            [...$readings, ...self::values($document, $readings, $isStated)],
            self::waivers($document->get(['waivers']), $isStated),
            self::notes($document->get(['notes']), $most === self::MOST_ENTRIES ? self::MOST_NOTES : $most, $isStated),
            self::kit($document->get(['kit']), $isStated),
        );
    }

    /** @return list<Reading> */
    private static function log(mixed $given, int $most, callable $isStated, bool $isStored): array
    {
        $list = Sections::list($given, 'log');
        FieldReader::checkLength($list, $most, 'log');
        $readings = [];
        $last = 0;
        foreach ($list as $i => $row) {
            $place = "log[{$i}]";
            $key = $row instanceof \stdClass && is_string($row->field ?? null) ? $row->field : '';
            $field = Subjects::dictionary()->entry($key);
            if (! $row instanceof \stdClass || $field === null || ! is_string($row->typed ?? null) || ! is_int($row->seq ?? null)) {
                throw SheetError::at($place, 'an entry of the log has seq, field, typed, by and at');
            }
            $supersedes = $row->supersedes ?? null;
            if ($row->seq <= $last || $row->seq > 2 * $most) {
                throw SheetError::at("{$place}.seq", "entries are numbered upwards, and {$row->seq} follows {$last}");
            }
            if ($supersedes !== null && (! is_int($supersedes) || $supersedes < 1 || $supersedes >= $row->seq)) {
                throw SheetError::at("{$place}.supersedes", 'an entry takes the place of an earlier one');
            }
            $last = $row->seq;
            $reading = self::entry($field, $row, $place, $isStated($row), $supersedes);
            if ($isStored && $row->typed !== '') {
                $number = self::quantity($field, $reading, "{$place}.typed");
                $reading->worth($number, $reading->unit, $reading->is_number, $reading->instrument);
            }
            $readings[] = $reading;
        }

        return $readings;
    }

    private static function entry(Field $field, \stdClass $row, string $place, bool $stated, ?int $supersedes): Reading
    {
        $position = $row->position ?? 0;
        if (! is_int($position) || $position < 0 || $position >= $field->mostPlaces()) {
            throw SheetError::at("{$place}.position", "a place from 0 to {$field->mostPlaces()} less one is expected");
        }
        $kind = in_array($row->kind ?? null, [Reading::SET_ASIDE, Reading::AGAIN], true) ? $row->kind : Reading::ENTRY;
        $instrument = is_string($row->instrument ?? null) && Instrument::tryFrom($row->instrument) !== null ? $row->instrument : null;
        $unit = self::name($row->unit ?? '', "{$place}.unit", 20) ?: null;
        $isNumber = ($row->number ?? false) === true;
        $reading = Reading::entered($field->key, $position, $row->typed, $kind)->numbered($row->seq, $supersedes)
            ->worth(null, $unit, $isNumber, $instrument)
            ->filed(self::name($row->by ?? null, "{$place}.by"), self::stored($row->at ?? null, "{$place}.at"), $stated);
        NearDay::check($field, $row->typed, "{$place}.typed");

        return $reading;
    }

    /** What an entry of the log comes to in the base unit; every other sort of answer is only checked. */
    private static function quantity(Field $field, Reading $reading, string $place): ?float
    {
        if (! $reading->is_number) {
            return TypedEntry::read($field, $reading->written(), $place)?->quantity->value;
        }
        $literal = json_decode($reading->typed);

        return $field->isMeasured()
            ? FieldReader::entry($field, $literal, $place)->quantity->value
            : TypedEntry::read($field, $reading->typed, $place)?->quantity->value;
    }

    /**
     * Values that the log does not account for.
     *
     * @param  list<Reading>  $log
     * @return list<Reading>
     */
    private static function values(Document $document, array $log, callable $isStated): array
    {
        $seq = $log === [] ? 0 : end($log)->seq;
        $current = new CurrentReadings($log);
        $readings = [];
        foreach (self::fields($document) as $field) {
            $given = $document->get($field->path());
            $filled = $current->filled($field->key);
            if (
                $given === null ||
                $field->path()[0] === 'kit' ||
                ($filled !== [] && json_encode(SheetBuilder::value($field, $filled, $given)) === json_encode($given))
            ) {
                continue;
            }
            $instrument = $document->get(['instruments', $field->key]);
            $isList = in_array($field->kind, [Kind::Quantities, Kind::Marks], true) && is_array($given);
            foreach ($isList ? array_values($given) : [$given] as $position => $one) {
                [$typed, $isNumber] = self::typed($field, $one);
                NearDay::check($field, $typed, implode('.', $field->path()));
                $entry = $field->isMeasured() ? FieldReader::entry($field, $one, implode('.', $field->path())) : null;
                $readings[] = Reading::entered($field->key, $position, $typed)
                    ->numbered(++$seq, $current->row($field->key, $position)?->seq)
                    ->worth($entry?->quantity->value, $entry?->unit->symbol, $isNumber, is_string($instrument) ? $instrument : null)
                    ->filed('', now()->format('Y-m-d H:i:s'), $isStated(null));
            }
        }

        return $readings;
    }

    /** @return list<Field> of the dictionary, and the maker's figures the file brings */
    private static function fields(Document $document): array
    {
        $fields = array_values(Subjects::dictionary()->all());
        foreach (array_keys(Sections::map($document->get([AsLeft::SECTION]), AsLeft::SECTION)) as $key) {
            $field = Subjects::dictionary()->asLeft(AsLeft::PREFIX.$key);
            $fields = $field === null ? $fields : [...$fields, $field];
        }
        foreach (array_keys(Sections::map($document->get(['limits']), 'limits')) as $name) {
            // Only a maker's figure is an entry of the job; a shop's stays as the file has it.
            if ($document->get(['limits', $name, 'source']) !== LimitSource::Maker->value) {
                continue;
            }
            foreach (['min', 'max'] as $bound) {
                $field = Subjects::dictionary()->limitField("limits.{$name}.{$bound}");
                $fields = $field === null ? $fields : [...$fields, $field];
            }
        }

        return $fields;
    }

    /** @return array{string, bool} what was typed, and whether it was a number in the base unit */
    private static function typed(Field $field, mixed $given): array
    {
        return match (true) {
            $field->kind === Kind::Curve && is_array($given) => self::curve($given),
            is_array($given) => [implode(',', array_map(self::literal(...), $given)), false],
            is_bool($given) => [$given ? 'yes' : 'no', false],
            is_string($given) => [$given, false],
            default => [self::literal($given), $field->kind !== Kind::Text],
        };
    }

    /**
     * One line a point. Blanks of any kind within a number are one blank: a line of its own would be another point.
     *
     * @param  array<mixed>  $points
     * @return array{string, bool}
     */
    private static function curve(array $points): array
    {
        $numbers = false;
        $lines = [];
        foreach ($points as $pair) {
            $pair = is_array($pair) ? $pair : [];
            $numbers = $numbers || array_filter($pair, static fn (mixed $n): bool => ! is_string($n)) !== [];
            $lines[] = implode(
                '; ',
                array_map(static fn (mixed $n): string => trim((string) preg_replace('/\s+/', ' ', self::literal($n))), $pair),
            );
        }

        return [implode("\n", $lines), $numbers];
    }

    private static function literal(mixed $value): string
    {
        return is_string($value) ? $value : (string) json_encode($value, JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return list<Waiver> */
    private static function waivers(mixed $given, callable $isStated): array
    {
        $waivers = [];
        $reasons = Sections::waivers($given);
        foreach (Sections::map($given, 'waivers') as $finding => $row) {
            $finding = self::name((string) $finding, "waivers.{$finding}");
            [$by, $at] = self::signature($row, "waivers.{$finding}");
            $waivers[] = new Waiver([
                'finding' => $finding,
                'reason' => $reasons[$finding]->reason,
                'reach' => $reasons[$finding]->reach->value,
                'basis' => $reasons[$finding]->basis,
                'asked' => false,
                'seconded_by' => self::name($row->agreed_by ?? '', "waivers.{$finding}.agreed_by"),
                'withdrawn' => false,
                'by_name' => $by,
                'at' => $at,
                'stated' => $isStated($row instanceof \stdClass ? $row : null),
            ]);
        }

        return $waivers;
    }

    /** @return list<Note> */
    private static function notes(mixed $given, int $most, callable $isStated): array
    {
        $list = Sections::list($given, 'notes');
        FieldReader::checkLength($list, $most, 'notes');
        $notes = [];
        foreach ($list as $i => $row) {
            if (! ($row instanceof \stdClass)) {
                throw SheetError::wrongType("notes[{$i}]", 'an object', $row);
            }
            $station =
                Station::tryFrom(is_string($row->station ?? null) ? $row->station : '') ??
                throw SheetError::wrongType("notes[{$i}].station", 'the name of a station', $row->station ?? null);
            [$by, $at] = self::signature($row, "notes[{$i}]");
            $notes[] = new Note([
                'station' => $station->value,
                'text' => FieldReader::text($row->text ?? null, "notes[{$i}].text"),
                'by_name' => $by,
                'at' => $at,
                'stated' => $isStated($row),
            ]);
        }

        return $notes;
    }

    private static function kit(mixed $given, callable $isStated): ?KitChoice
    {
        return ! ($given instanceof \stdClass)
            ? null
            : new KitChoice([
                'kit_id' => null,
                'data' => json_decode((string) json_encode($given, JSON_PRESERVE_ZERO_FRACTION), true),
                'by_name' => '',
                'at' => now(),
                'stated' => $isStated(null),
            ]);
    }

    /** @return array{string, Carbon} who and when, where the file says so */
    private static function signature(mixed $row, string $place): array
    {
        $row = $row instanceof \stdClass ? $row : new \stdClass;

        return [
            isset($row->by) && $row->by !== '' ? self::name($row->by, "{$place}.by") : '',
            isset($row->at) ? self::moment($row->at, "{$place}.at") : Carbon::now(),
        ];
    }

    /** Who a file says it was, as text. @throws SheetError */
    public static function name(mixed $given, string $place, int $longest = self::LONGEST_NAME): string
    {
        $text = FieldReader::text($given, $place);
        if (mb_strlen($text) > $longest || preg_match('/[\x00-\x1F\x7F]/', $text) === 1) {
            throw SheetError::at($place, "a name of up to {$longest} characters is expected");
        }

        return $text;
    }

    /** When a file says it was. @throws SheetError */
    public static function moment(mixed $given, string $place): Carbon
    {
        return Carbon::instance(self::past($given, $place));
    }

    /** The same as the database holds it: of every entry of a log, so no more is made of it than that. */
    private static function stored(mixed $given, string $place): string
    {
        // As this program writes it, it needs no calendar to be read; anything else is looked at closely.
        $isPlain = is_string($given) && preg_match(self::PLAIN, $given, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1]);
        $stored = $isPlain ? substr($given, 0, 10).' '.substr($given, 11, 8) : '';

        return $stored !== '' && $stored >= self::LONG_AGO && $stored <= Clock::stored(self::A_DAY)
            ? $stored : self::past($given, $place)->format(Clock::FORM);
    }

    private static function past(mixed $given, string $place): \DateTimeImmutable
    {
        $moment = FieldReader::moment($given, $place);
        if ($moment->getTimestamp() > Carbon::now()->getTimestamp() + self::A_DAY) {
            throw SheetError::at($place, "{$moment->format('Y-m-d\TH:i:s\Z')} lies in the future");
        }

        return $moment;
    }
}
