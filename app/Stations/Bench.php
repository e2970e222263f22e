<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Bench\Pair;

/** Bench: new against old, before anything goes in. */
final readonly class Bench
{
    private const COUNTED = ['splines', 'bolts'];

    /** @param  list<array{string, string, string}>  $pairs  the reading of the old part, of the new one, and what the kit says of it */
    private function __construct(public array $pairs)
    {
    }

    public static function of(Entries $entries): self
    {
        $job = $entries->job;
        $said = static fn (Pair $pair): string => ($length = $job->length($pair->ofKit())) === null
            ? 'nothing' : $job->display->quantity($length, 0.1);

        return new self([
            ...array_map(static fn (Pair $pair): array => [$pair->old(), $pair->new(), $said($pair)], Pair::cases()),
            ...array_map(static fn (string $name): array => ["bench.{$name}_old", "bench.{$name}_new", ''], self::COUNTED),
        ]);
    }
}
