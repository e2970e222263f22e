<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Bench\Pair;

/** Bench: new against old, before anything goes in. */
final readonly class Bench
{
    private const COUNTED = ['splines', 'bolts'];

    private const TRIAL = ['bench.slides', 'bench.clears', 'bench.tool', 'bench.sits', 'bench.release_test'];

    private const ROUND = ['bench.orientation', 'bench.orientation_by'];

    private const ACCEPT = ['bench.damage', 'bench.accepted', 'bench.reason'];

    private const HOW_ROUND = 'Usually the flat side and the shorter hub face the flywheel, damper and longer hub the gearbox. The old '
        .'disc says it for sure, and a trial on the bare flywheel decides.';

    private function __construct(public Sections $sections, private Entries $entries)
    {
    }

    public static function of(Entries $entries): self
    {
        $sections = Sections::of(
            $entries,
            new Section('pairs', 'Old and new measured', 'bench.pairs', self::measured(), 'each measure, old beside new'),
            new Section('trial', 'Trial', 'stations.fields', self::TRIAL, 'on the shaft, on the bare flywheel, on the dowels'),
            new Section(
                'round', 'Which way round', 'stations.fields', self::ROUND, 'what faces the flywheel', ['said' => self::HOW_ROUND],
            ),
            new Section('accept', 'Accept or send back', 'bench.accept', self::ACCEPT, 'out of the box'),
        );

        return new self($sections->onlyWhatIsOpen(), $entries);
    }

    /** @return list<string> */
    private static function measured(): array
    {
        return array_merge(
            ...array_map(static fn (Pair $pair): array => [$pair->old(), $pair->new()], Pair::cases()),
            ...array_map(static fn (string $name): array => ["bench.{$name}_old", "bench.{$name}_new"], self::COUNTED),
        );
    }

    /** @return array<string, array{string, string, string}> by name the reading of the old part, of the new one, what the kit says of it */
    public function pairs(): array
    {
        $job = $this->entries->job;
        $rows = [];
        foreach (Pair::cases() as $pair) {
            $length = $job->length($pair->ofKit());
            $rows[$this->named($pair->old())] = [
                $pair->old(), $pair->new(), $length === null ? 'nothing' : $job->display->quantity($length, 0.1),
            ];
        }
        foreach (self::COUNTED as $name) {
            $rows[$this->named("bench.{$name}_old")] = ["bench.{$name}_old", "bench.{$name}_new", ''];
        }

        return $rows;
    }

    /** "Outer diameter of the disc", of "Outer diameter of the disc, old". */
    private function named(string $old): string
    {
        return (string) preg_replace('/, old$/', '', $this->entries->job->sheet->dictionary->get($old)->label);
    }
}
