<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** The table of causes. Directions of the evidence are common practice, no source; priors are from memory. */
final class Causes
{
    /** @var array<string, Cause>|null */
    private static ?array $all = null;

    /** @return array<string, Cause> */
    public static function all(): array
    {
        return self::$all ??= array_column(
            array_map(static fn (Cause $c): array => [$c->id, $c], [...SlipCauses::all(), ...DragCauses::all(), ...OtherCauses::all()]),
            1,
            0,
        );
    }
}
