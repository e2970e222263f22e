<?php

declare(strict_types=1);

namespace App\Changes;

use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Inspection\Condition;
use Spindle\Limit\Instrument;
use Spindle\Sheet\Field;

/** One entry as a form sends it, with the row the person saw when typing. */
final readonly class PostedEntries
{
    private function __construct(
        public Field $field,
        public int $position,
        public string $typed,
        public int $shown,
        public ?Instrument $instrument,
    ) {
    }

    /**
     * f[field][place] holds what was typed, or a list of words; b[field][place] the row shown; i[field] the instrument.
     *
     * @return list<self>
     */
    public static function of(Request $request): array
    {
        $posted = [];
        foreach (self::map($request->input('f')) as $key => $places) {
            $field = Subjects::dictionary()->entry((string) $key);
            if ($field === null) {
                continue;
            }
            $shown = self::map(self::map($request->input('b'))[$key] ?? null);
            $instrument = self::map($request->input('i'))[$key] ?? null;
            foreach (self::map($places) as $position => $typed) {
                if (! is_int($position) || $position < 0 || $position >= $field->mostPlaces()) {
                    continue;
                }
                $posted[] = new self(
                    $field,
                    $position,
                    self::text($typed),
                    is_numeric($shown[$position] ?? null) ? (int) $shown[$position] : 0,
                    (is_string($instrument) ? Instrument::tryFrom($instrument) : null) ?? $field->instrument,
                );
            }
        }

        return $posted;
    }

    /** A list of ticked words becomes the words with commas; the empty one that every list sends is dropped. */
    private static function text(mixed $typed): string
    {
        return match (true) {
            is_array($typed) => implode(
                ',',
                Condition::sensible(array_values(array_filter($typed, static fn (mixed $w): bool => is_string($w) && $w !== ''))),
            ),
            is_string($typed) => $typed,
            default => '',
        };
    }

    /** @return array<array-key, mixed> */
    private static function map(mixed $given): array
    {
        return is_array($given) ? $given : [];
    }
}
