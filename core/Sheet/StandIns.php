<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/**
 * What speaks for a field that was not read itself: an entry of the same fact at another station, and of a part what was measured on it for
 * what a list says.
 *
 * @phpstan-import-type Parts from FieldValues
 */
final readonly class StandIns
{
    public static function in(FieldValues $values, Dictionary $dictionary): FieldValues
    {
        return FieldValues::again($dictionary, self::measured(self::told($values->parts(), $dictionary), $dictionary));
    }

    /**
     * With what was entered for one fact in the place of every field that asks for the same, was left empty and can hold it.
     *
     * @param  Parts  $parts
     * @return Parts
     */
    private static function told(array $parts, Dictionary $dictionary): array
    {
        $parts['told'] = $dictionary->byNature->same()->told($parts['entries'], $dictionary);
        foreach ($parts['told'] as $key => $said) {
            $parts['entries'][$key] = $parts['entries'][$said];
        }

        return $parts;
    }

    /**
     * With what was measured on a part in the place of what a list says of it, in every figure; what the list says is kept beside it.
     * A part of which no list says anything is none of a list's.
     *
     * @param  Parts  $parts
     * @return Parts
     */
    private static function measured(array $parts, Dictionary $dictionary): array
    {
        $entries = $parts['entries'];
        $things = array_map(
            static fn (string $key): string => (string) strstr($key, '.', true),
            array_keys([...$entries, ...$parts['words'], ...$parts['base']]),
        );
        foreach ($dictionary->byNature->measuredInstead() as $ofList => [$reading]) {
            if (isset($entries[$reading]) && in_array((string) strstr($ofList, '.', true), $things, true)) {
                $parts['listed'] += isset($entries[$ofList]) ? [$ofList => $entries[$ofList][0]->quantity] : [];
                $parts['entries'][$ofList] = $entries[$reading];
            }
        }

        return $parts;
    }
}
