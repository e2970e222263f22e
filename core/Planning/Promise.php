<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A plan run over the shop's hours many times, each task and each wait as long as it happens to be: when half are done, and when nine in
 * ten are. Each task and wait draws from a series of its own, so that one that grows moves no other; each series is even over its
 * distribution and in an order by chance (Latin hypercube sampling: McKay, Beckman and Conover, A comparison of three methods for selecting
 * values of input variables in the analysis of output from a computer code, Technometrics 21 (1979)).
 */
final readonly class Promise
{
    /** The shares of all runs that are done by the likely, and by the safe moment. */
    public const LIKELY = 0.5;

    public const SAFE = 0.9;

    /** So many that the safe moment is the same to a minute or two whatever the seed; to some minutes where two waits are in it. */
    private const DRAWS = 4096;

    private const SEED = 1959;

    /** @param  list<float>  $ends  places on the line, the earliest first */
    private function __construct(private WorkLine $line, private array $ends)
    {
    }

    /** @throws PlanningError when the shop never works */
    public static function of(WorkLine $line, WorkLeft $left, Waits $waits, int $seed = self::SEED): self
    {
        $now = array_fill(0, self::DRAWS, 0.0);
        $delivery = $waits->delivery?->drawn(self::places('delivery', $seed));
        $machining = $waits->machining?->drawn(self::places('machining', $seed));
        // What is on its way already and has no day is counted from now.
        $parts = match (true) {
            $waits->partsOn !== null => self::on($line, $waits->partsOn),
            $delivery !== null && $left->isDone(Task::Ordering) => array_map(
                fn (float $days): float => $line->daysLater(0.0, $days), $delivery),
            default => null,
        };
        $back = match (true) {
            $waits->backOn !== null => self::on($line, $waits->backOn),
            $machining !== null && $left->isDone(Task::Machining) => array_map(
                fn (float $days): float => $line->workingDaysLater(0.0, $days), $machining),
            default => null,
        };
        foreach ($left->hours as $name => $needed) {
            $ready = match ($name) {
                Task::Bench->value => $parts,
                Task::Fitting->value => $back,
                default => null,
            };
            $hours = self::left($needed, $left->taken[$name], self::places($name, $seed));
            $now = self::after($now, $ready, $hours);
            if ($name === Task::Ordering->value && $delivery !== null) {
                $parts ??= array_map($line->daysLater(...), $now, $delivery);
            }
            if ($name === Task::Machining->value && $machining !== null) {
                $back ??= array_map($line->workingDaysLater(...), $now, $machining);
            }
        }
        sort($now);

        return new self($line, $now);
    }

    /**
     * @param  list<float>  $now
     * @param  list<float>|null  $ready
     * @param  list<float>  $hours
     * @return list<float>
     */
    private static function after(array $now, ?array $ready, array $hours): array
    {
        $done = [];
        foreach ($now as $i => $begun) {
            if ($ready !== null && $ready[$i] > $begun) {
                $begun = $ready[$i];
            }
            $done[] = $begun + 3600 * $hours[$i];
        }

        return $done;
    }

    /** @return list<float> */
    private static function on(WorkLine $line, DateTimeImmutable $day): array
    {
        return array_fill(0, self::DRAWS, $line->work((float) $day->getTimestamp()));
    }

    /**
     * What is left of a task on which so much was worked already: as long as those that take longer than that.
     *
     * @param  list<int>  $places
     * @return list<float> hours
     */
    private static function left(ThreePoint $needed, float $taken, array $places): array
    {
        if ($taken <= 0.0) {
            return $needed->drawn($places);
        }
        $all = $needed->quantiles(array_map(static fn (int $i): float => $i / 256, range(0, 256)));
        $past = count(array_filter($all, static fn (float $one): bool => $one < $taken)) / count($all);

        return array_map(
            static fn (float $of): float => max(0.0, $of - $taken),
            $needed->quantiles(array_map(static fn (int $place): float => $past + (1 - $past) * ($place + 0.5) / self::DRAWS, $places)),
        );
    }

    /** @return list<int> which part of its distribution each run draws from, in a series of its own for each name */
    private static function places(string $name, int $seed): array
    {
        return (new Randomizer(new Mt19937($seed + crc32($name) % 1_000_000)))->shuffleArray(range(0, self::DRAWS - 1));
    }

    /** The moment by which this share of all runs is done. */
    public function by(float $share): DateTimeImmutable
    {
        return $this->line->moment($this->ends[(int) min(self::DRAWS - 1, ceil($share * self::DRAWS) - 1)]);
    }

    /** The share of all runs that is done by a moment. */
    public function kept(DateTimeImmutable $by): float
    {
        if ($by->getTimestamp() >= $this->line->clock($this->ends[self::DRAWS - 1])) {
            return 1.0;
        }
        $at = $this->line->work((float) $by->getTimestamp());

        return count(array_filter($this->ends, static fn (float $end): bool => $end <= $at + 1.0)) / self::DRAWS;
    }
}
