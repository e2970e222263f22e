<?php

declare(strict_types=1);

namespace Spindle\Planning;

/**
 * Tasks that wait for each other: earliest and latest times, slack and the critical path. Forward and backward pass of the critical path
 * method, Kelley and Walker, Critical-path planning and scheduling, Proceedings of the Eastern Joint Computer Conference (1959).
 */
final readonly class Network
{
    /** A slack below this is none, in the unit of the durations. */
    private const NONE = 1e-9;

    /**
     * @param  array<string, float>  $earliest  start of each
     * @param  array<string, float>  $latest  start of each that delays nothing
     * @param  array<string, float>  $durations
     */
    private function __construct(private array $earliest, private array $latest, private array $durations, public float $length)
    {
    }

    /**
     * @param  array<string, float>  $durations  by task, all in one unit
     * @param  array<string, list<string>>  $after  the tasks each waits for
     *
     * @throws PlanningError when a task waits for itself, or for one that is not there
     */
    public static function of(array $durations, array $after): self
    {
        $order = self::order($durations, $after);
        $earliest = [];
        foreach ($order as $task) {
            $ends = array_map(static fn (string $b): float => $earliest[$b] + $durations[$b], $after[$task] ?? []);
            $earliest[$task] = max([0.0, ...$ends]);
        }
        $length = max([0.0, ...array_map(static fn (string $t): float => $earliest[$t] + $durations[$t], $order)]);
        $latest = [];
        foreach (array_reverse($order) as $task) {
            $next = array_filter($order, static fn (string $t): bool => in_array($task, $after[$t] ?? [], true));
            $starts = array_map(static fn (string $t): float => $latest[$t], array_values($next));
            $latest[$task] = min([$length, ...$starts]) - $durations[$task];
        }

        return new self($earliest, $latest, $durations, $length);
    }

    /**
     * @param  array<string, float>  $durations
     * @param  array<string, list<string>>  $after
     * @return list<string> each after all it waits for
     */
    private static function order(array $durations, array $after): array
    {
        $order = [];
        $open = array_keys($durations);
        while ($open !== []) {
            $ready = array_filter($open, static fn (string $t): bool => array_diff($after[$t] ?? [], $order) === []);
            if ($ready === []) {
                $unknown = array_diff(array_merge(...array_map(static fn (string $t): array => $after[$t] ?? [], $open)),
                    array_keys($durations));
                throw $unknown === [] ? PlanningError::circle(reset($open)) : PlanningError::unknown(reset($unknown));
            }
            $order = [...$order, ...array_values($ready)];
            $open = array_diff($open, $ready);
        }

        return $order;
    }

    public function start(string $task): float
    {
        return $this->earliest[$task] ?? throw PlanningError::unknown($task);
    }

    public function end(string $task): float
    {
        return $this->start($task) + $this->durations[$task];
    }

    /** How much later it may start and delay nothing. */
    public function slack(string $task): float
    {
        return $this->latest[$task] - $this->start($task);
    }

    public function isCritical(string $task): bool
    {
        return $this->slack($task) < self::NONE;
    }
}
