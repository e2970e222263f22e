<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Torque;

/** The engine's torque along its speed, its points, the curve before a modification, and what is wanted. Picture 680 × 250. */
final readonly class EngineDrawing
{
    private const LEFT = 60.0;

    private const RIGHT = 640.0;

    private const BOTTOM = 208.0;

    private const HEIGHT = 178.0;

    /** Of speeds and torques a rounded mark each so many. */
    private const MARKS = 5;

    /**
     * @param  list<array{x: float, y: float, speed: float, torque: float, speedSaid: float, torqueSaid: float}>  $points  as entered
     * @param  array<string, array{float, string, float}>  $lines  height, text and its height, by name: wanted, harsh, engine, before
     * @param  array{float, float}|null  $range  top and height of where the peak lies where only power is known
     * @param  list<array{float, string}>  $speeds
     */
    private function __construct(
        public string $curve,
        public string $before,
        public array $points,
        public array $lines,
        public ?array $range,
        public array $speeds,
    ) {
    }

    public static function of(AssessedJob $page): self
    {
        $figure = static fn (string $name): ?float => is_float($page->assessment->figure($name)) ? $page->assessment->figure($name) : null;
        $entered = array_map(static fn (array $p): array => [$p[0]->value, $p[1]->value], $page->values()->curve('engine.curve') ?? []);
        $now = TorqueCurve::scaled($page, $figure('demand.engine_torque'));
        $before = TorqueCurve::scaled($page, $figure('demand.torque_before'), 'engine.curve_before');
        $torques = array_filter([
            'wanted' => $figure('demand.required_torque'), 'harsh from' => $figure('demand.harsh_torque'),
            'engine' => $figure('demand.engine_torque'), 'before' => $figure('demand.torque_before'),
        ], static fn (?float $t): bool => $t !== null);
        [$least, $greatest] = [$figure('demand.range_least'), $figure('demand.range_greatest')];
        $most = max(1.0, $greatest ?? 0.0, ...array_values($torques)) * 1.04;
        $fastest = max(1000.0, ...array_map(static fn (array $p): float => $p[0], [...$now, ...$before, [0.0, 0.0]])) * 1.05;
        $x = static fn (float $speed): float => round(self::LEFT + (self::RIGHT - self::LEFT) * $speed / $fastest, 1);
        $y = static fn (float $torque): float => round(self::BOTTOM - self::HEIGHT * $torque / $most, 1);
        $path = static fn (array $points): string => implode('', array_map(
            static fn (int $i, array $p): string => ($i === 0 ? 'M' : 'L').$x($p[0]).' '.$y($p[1]), array_keys($points), $points,
        ));
        $factor = $entered === [] || $now === [] ? 1.0
            : max(array_column($now, 1)) / max(0.001, ...array_map(static fn (array $p): float => $p[1], $entered));
        $step = 10 ** floor(log10($fastest / self::MARKS));
        $step = $step * ($fastest / self::MARKS / $step > 5 ? 5 : ($fastest / self::MARKS / $step > 2 ? 2 : 1));

        return new self(
            $path($now), $path($before),
            array_map(static fn (array $p): array => [
                'x' => $x($p[0]), 'y' => $y($p[1] * $factor), 'speed' => $p[0], 'torque' => $p[1],
                'speedSaid' => round($p[0]), 'torqueSaid' => round($p[1]),
            ], $entered),
            array_map(static fn (float $t): array => [
                $y($t), $page->display->quantity(Torque::Nm($t), 1.0), max(12.0, $y($t) - 5),
            ], $torques),
            $greatest === null || $least === null ? null : [$y($greatest), max(1.0, $y($least) - $y($greatest))],
            array_map(static fn (float $s): array => [$x($s), $page->display->number($s, 0)], $now === [] && $before === [] ? []
                : range($step, $fastest, $step)),
        );
    }
}
