<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Page\Driving;
use Spindle\Capacity\Habit;
use Spindle\Capacity\Habits;

/** How long a lining lasts against the revs at the start, and with each habit alone. Picture 760 × 340. */
final readonly class HabitsDrawing
{
    private const LEFT = 90.0;

    private const WIDTH = 620.0;

    private const TOP = 20.0;

    private const FLOOR = 170.0;

    /** The curve goes from this share of the usual revs to that. */
    private const REVS = [0.7, 2.5];

    private const STEPS = 40;

    private const BAR_WIDTH = 160.0;

    /**
     * @param  list<array{label: string, far: string, share: float, y: float, width: float, said: string}>  $bars  all habits as usual first
     * @param  list<array{x: float, text: string}>  $marks  of the revs
     */
    private function __construct(
        public string $curve,
        public float $usualX,
        public float $usualY,
        public ?float $atX,
        public ?float $atY,
        public string $usual,
        public string $at,
        public array $bars,
        public array $marks,
        public string $most,
    ) {
    }

    /** Nothing while it cannot be worked out. */
    public static function of(Driving $driving): ?self
    {
        $usual = $driving->usual();
        if (! $driving->habits instanceof Habits || $usual === null) {
            return null;
        }
        $revs = $driving->habits->usualRevs->value;
        [$from, $to] = [self::REVS[0] * $revs, max(self::REVS[1] * $revs, $driving->shown[Habit::Revs->value])];
        $lives = [];
        for ($i = 0; $i <= self::STEPS; $i++) {
            $at = $from + ($to - $from) * $i / self::STEPS;
            $lives[] = [$at, $driving->lifeWith(Habit::Revs, $at)->life ?? 0.0];
        }
        $most = max(array_column($lives, 1));
        $x = static fn (float $rpm): float => round(self::LEFT + self::WIDTH * ($rpm - $from) / ($to - $from), 1);
        $y = static fn (float $life): float => round(self::FLOOR - (self::FLOOR - self::TOP) * min(1.0, $life / $most), 1);
        $path = array_map(static fn (array $p): string => "{$x($p[0])} {$y($p[1])}", $lives);
        $now = $driving->life();
        $longest = max($usual->life, $now->life ?? 0.0, ...array_map(
            static fn (Habit $habit): float => $driving->lifeWith($habit)->life ?? 0.0, Habit::cases(),
        ));
        $bar = static fn (string $label, string $far, ?float $life, string $said): array => [
            'label' => $label, 'far' => $far, 'share' => ($life ?? 0.0) / $longest,
            'width' => round(self::BAR_WIDTH * ($life ?? 0.0) / $longest, 1), 'said' => $said,
        ];
        $bars = [$bar('As entered at the demand', '', $usual->life, $driving->lasts($usual))];
        foreach (Habit::cases() as $habit) {
            $life = $driving->lifeWith($habit);
            $takes = $driving->takes($habit);
            $bars[] = $bar($habit->label(), $driving->far($habit), $life?->life, $takes === '' ? 'as usual' : $takes);
        }
        $bars[] = $bar('All of it together', '', $now?->life, $driving->lasts($now));

        return new self(
            'M'.implode('L', $path), $x($revs), $y($usual->life), $now === null ? null : $x($driving->shown[Habit::Revs->value]),
            $now === null ? null : $y($now->life), $driving->lasts($usual), $driving->lasts($now),
            array_map(static fn (array $b, int $i): array => [...$b, 'y' => 214.0 + 20.0 * $i], $bars, array_keys($bars)),
            array_map(static fn (float $share): array => ['x' => $x($share * $revs), 'text' => (string) (int) round($share * $revs)],
                [1.0, 1.5, 2.0]),
            $driving->lasts($driving->lifeWith(Habit::Revs, $from)),
        );
    }
}
