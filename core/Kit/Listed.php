<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Sheet\FieldValues;

/**
 * Whether a supplier lists a kit for this vehicle: by the number read off the old part, or by the name of the model. Both are free text
 * of whoever wrote the list; they support what was measured and never take its place. Common practice, no source.
 */
final readonly class Listed
{
    /** Shorter ones stand in too many numbers by chance. */
    private const SHORTEST_NUMBER = 4;

    /** @param  string  $by  "number" or "model"; empty where it is not listed for it */
    private function __construct(public string $by, public bool $isListing)
    {
    }

    /**
     * @param  FieldValues  $vehicle  of the job
     * @param  FieldValues  $kit  of the list
     */
    public static function of(FieldValues $vehicle, FieldValues $kit): self
    {
        [$models, $numbers] = [$kit->word('kit.vehicles'), $kit->word('kit.original_numbers')];
        if ($models === null && $numbers === null) {
            return new self('', false);
        }

        return new self(match (true) {
            self::hasNumber($vehicle->word('match.part_number') ?? '', $numbers ?? '') => 'number',
            self::hasModel($vehicle->word('vehicle.name') ?? '', $models ?? '') => 'model',
            default => '',
        }, true);
    }

    /** Whether one of the numbers read off is one of those that are listed, whatever blanks, dots and dashes are written between. */
    private static function hasNumber(string $read, string $listed): bool
    {
        $numbers = static fn (string $text): array => array_filter(
            array_map(self::plain(...), self::pieces('/[,;\n]|\s\/\s/', $text)),
            static fn (string $number): bool => strlen($number) >= self::SHORTEST_NUMBER,
        );

        return array_intersect($numbers($read), $numbers($listed)) !== [];
    }

    /** Whether every word of the model stands in one entry of the list: "Wend 1.4" is not listed by "Wend 1.6, Sill 1.4". */
    private static function hasModel(string $model, string $listed): bool
    {
        $words = self::words($model);
        if ($words === []) {
            return false;
        }
        $name = [];
        foreach (self::pieces('/[;\n]|,\s/', $listed) as $piece) {
            $entry = self::words($piece);
            // "Wend 1.2, 1.4" goes on with the name that stands before it.
            $isMore = preg_match('/^\d/', $entry[0] ?? '') === 1;
            $entry = $isMore ? [...$name, ...$entry] : $entry;
            $name = $isMore ? $name : self::beforeNumbers($entry);
            if (array_diff($words, $entry) === []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function beforeNumbers(array $words): array
    {
        $name = [];
        foreach ($words as $word) {
            if (preg_match('/^\d/', $word) === 1) {
                break;
            }
            $name[] = $word;
        }

        return $name;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return self::pieces('/[^\p{L}\p{N}.]+/u', mb_strtolower($text));
    }

    /** @return list<string> */
    private static function pieces(string $at, string $text): array
    {
        $pieces = preg_split($at, $text, -1, PREG_SPLIT_NO_EMPTY);

        return $pieces === false ? [] : $pieces;
    }

    private static function plain(string $number): string
    {
        return strtoupper((string) preg_replace('/[^A-Za-z0-9]/', '', $number));
    }
}
