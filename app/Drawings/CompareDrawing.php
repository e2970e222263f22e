<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Page\KitInJob;

/** The engine's torque along its speed with, for each of several kits, the band from worn or hot to new. Picture 680 × 240. */
final readonly class CompareDrawing
{
    public const LEFT = 56.0;

    public const RIGHT = 664.0;

    /** Where the columns begin beside a curve of the engine; where only its peak is known they take the whole width. */
    private const BESIDE_CURVE = 300.0;

    /** Of the room for one kit, so much is its column; and no column is wider than this. */
    private const SHARE = 0.6;

    private const WIDEST = 120.0;

    /** How wide a letter is. */
    private const LETTER = 8.5;

    private const BOTTOM = 208.0;

    private const HEIGHT = 184.0;

    /**
     * @param  string  $curve  the engine's torque; a level line where only its peak is known
     * @param  list<array{short: string, high: float, height: float, saidAt: float, runIn: float, x: float,
     *     width: float, middle: float, text: string}>  $bands
     * @param  list<array{float, string}>  $speeds  marks along the bottom
     */
    private function __construct(
        public string $curve,
        public array $bands,
        public ?float $required,
        public float $engineSaidAt,
        public float $requiredSaidAt,
        public array $speeds,
        public string $engineText,
    ) {
    }

    /** @param  list<KitInJob>  $kits */
    public static function of(AssessedJob $page, array $kits): self
    {
        $number = static fn ($a, string $name): ?float => is_float($a->figure($name)) ? $a->figure($name) : null;
        $engine = $number($page->assessment, 'demand.engine_torque');
        $required = $number($page->assessment, 'demand.required_torque');
        $most = max(1.0, $engine ?? 0.0, $required ?? 0.0, ...array_map(
            static fn (KitInJob $k): float => max(0.0, $number($k->row->assessment, 'capacity.new') ?? 0.0,
                $number($k->row->assessment, 'capacity.run_in') ?? 0.0),
            $kits,
        ));
        $y = static fn (?float $torque): ?float => $torque === null
            ? null : round(self::BOTTOM - self::HEIGHT * $torque / $most, 1);
        $points = TorqueCurve::scaled($page, $engine);
        [$curve, $speeds] = ['', []];
        $begins = $points === [] ? self::LEFT : self::BESIDE_CURVE;
        if ($points !== []) {
            $fastest = max(array_map(static fn (array $p): float => $p[0], $points));
            $x = static fn (float $speed): float => round(self::LEFT + ($begins - self::LEFT) * $speed / max(1.0, $fastest), 1);
            foreach ($points as $i => [$speed, $torque]) {
                $curve .= ($i === 0 ? 'M' : 'L').$x($speed).' '.$y($torque);
            }
            $speeds = array_map(static fn (array $p): array => [$x($p[0]), $page->display->number($p[0], 0)], $points);
        } elseif ($engine !== null) {
            $curve = 'M'.self::LEFT.' '.$y($engine).'H'.self::RIGHT;
        }
        $bands = [];
        $room = (self::RIGHT - $begins) / max(1, count($kits));
        $width = min(self::WIDEST, $room * self::SHARE);
        foreach ($kits as $i => $kit) {
            $states = array_filter(array_map(
                static fn (string $state): ?float => $number($kit->row->assessment, "capacity.{$state}"), ['new', 'run_in', 'worn', 'hot'],
            ));
            $runIn = $number($kit->row->assessment, 'capacity.run_in');
            if ($states !== [] && $runIn !== null) {
                [$low, $high] = [(float) $y(min($states)), (float) $y(max($states))];
                $bands[] = [
                    'short' => mb_strimwidth($kit->row->kit->name, 0, (int) ($room / self::LETTER), '…'),
                    'high' => $high, 'height' => max(2.0, $low - $high), 'saidAt' => max(12.0, $high - 5),
                    'runIn' => (float) $y($runIn), 'x' => round($begins + $room * ($i + 0.5) - $width / 2, 1),
                    'width' => round($width, 1), 'middle' => round($begins + $room * ($i + 0.5), 1),
                    'text' => $page->display->number($runIn / max(1.0, $engine ?? 1.0), 2),
                ];
            }
        }

        return new self(
            $curve, $bands, $y($required), max(16.0, (float) $y($engine) - 8), max(14.0, (float) $y($required) - 6), $speeds,
            $engine === null ? '' : $page->display->quantity(\Spindle\Quantity\Torque::Nm($engine), 1.0),
        );
    }
}
