<?php

declare(strict_types=1);

namespace App\Upkeep;

use stdClass;

/** Of a file only what the open format knows: under a name it does not know anybody may have written anything. */
final class KnownOnly
{
    /**
     * @param  array<string, mixed>  $schema
     */
    public static function of(mixed $part, array $schema): mixed
    {
        if ($part instanceof stdClass) {
            return self::object($part, $schema);
        }
        if (is_array($part) && is_array($schema['items'] ?? null)) {
            $items = $schema['items'];

            return array_map(static fn (mixed $one): mixed => self::of($one, $items), $part);
        }

        return $part;
    }

    /** @param  array<string, mixed>  $schema */
    private static function object(stdClass $part, array $schema): stdClass
    {
        $known = is_array($schema['properties'] ?? null) ? $schema['properties'] : [];
        $any = is_array($schema['additionalProperties'] ?? null) ? $schema['additionalProperties'] : null;
        // What says nothing of what is in it is kept as it is; its words are looked through elsewhere.
        if ($known === [] && $any === null) {
            return $part;
        }
        $kept = new stdClass;
        foreach (get_object_vars($part) as $name => $value) {
            $inner = $known[$name] ?? $any;
            if (is_array($inner)) {
                $kept->{$name} = self::of($value, $inner);
            }
        }

        return $kept;
    }
}
