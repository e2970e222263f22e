<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Bench\Pair;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;

/** New over old on one drawing: faces and hole circles laid over each other, hubs and fingers in section. Picture 680 × 250. */
final readonly class BenchDrawing
{
    private const RADIUS = 108.0;

    private const REACH = 240.0;

    /**
     * @param  array<string, array{float|null, float|null}>  $face  radius of the old and of the new, by measure, pixels
     * @param  array<string, array{float|null, float|null}>  $along  lengths along the shaft, pixels
     * @param  array<string, bool>  $differs  by measure, above what the readings can be trusted
     * @param  array{int, int}  $bolts
     */
    private function __construct(public array $face, public array $along, public array $differs, public array $bolts)
    {
    }

    /** Nothing while no measure of the new part is known: there is nothing to lay over the old one. */
    public static function of(AssessedJob $page): ?self
    {
        $mm = [];
        foreach (Pair::cases() as $pair) {
            $of = static fn (string $key): ?float => $page->values()->one(Length::class, $key)?->value;
            $mm[$pair->value] = [$of($pair->old()), $of($pair->new()) ?? $of($pair->ofKit())];
        }
        if (array_filter(array_column($mm, 1), static fn (?float $l): bool => $l !== null) === []) {
            return null;
        }
        $across = [...$mm[Pair::Outer->value], ...$mm[Pair::BoltCircle->value]];
        $widest = max(1.0, ...array_map(static fn (?float $d): float => $d ?? 0.0, $across));
        $long = max(1.0, ...array_map(static fn (?float $l): float => $l ?? 0.0, [
            ...$mm[Pair::Fingers->value],
            ...array_map(static fn (?float $a, ?float $b): float => ($a ?? 0) + ($b ?? 0), $mm[Pair::Thickness->value],
                $mm[Pair::HubGearbox->value]),
        ]));
        $differs = [];
        foreach (Pair::cases() as $pair) {
            $finding = $page->assessment->find("bench.{$pair->value}");
            $differs[$pair->value] = $finding !== null && $finding->verdict->rank() < Verdict::Within->rank();
        }

        return new self(
            self::scaled(array_intersect_key($mm, [Pair::Outer->value => 1, Pair::BoltCircle->value => 1]), self::RADIUS / $widest),
            self::scaled($mm, min(5.0, self::REACH / $long)), $differs,
            [$page->values()->count('bench.bolts_old') ?? 0, $page->values()->count('bench.bolts_new')
                ?? $page->values()->count('kit.bolt_count') ?? 0],
        );
    }

    /**
     * @param  array<string, array{float|null, float|null}>  $pairs
     * @return array<string, array{float|null, float|null}>
     */
    private static function scaled(array $pairs, float $by): array
    {
        $one = static fn (?float $length): ?float => $length === null ? null : round($length * $by, 1);

        return array_map(static fn (array $both): array => [$one($both[0]), $one($both[1])], $pairs);
    }

    /** @return list<array{float, float}> holes of the old or the new cover */
    public function holes(int $which): array
    {
        $radius = $this->face[Pair::BoltCircle->value][$which];
        $holes = [];
        for ($i = 0; $radius !== null && $i < $this->bolts[$which]; $i++) {
            $angle = 2 * M_PI * $i / $this->bolts[$which];
            $holes[] = [round(130 + $radius * sin($angle), 1), round(122 - $radius * cos($angle), 1)];
        }

        return $holes;
    }
}
