<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Length;
use Spindle\Release\TwoStages;
use Spindle\Release\WantedRelease;

/** Both stages over one pedal, unrolled from the top to the stop: what each disc does while the pedal goes down, one over the other. */
final readonly class StagesDrawing
{
    public const LEFT = 60.0;

    public const WIDTH = 660.0;

    private const TOP = 38;

    private const APART = 62;

    /**
     * @param  list<array{name: string, pressed: float, free: float, end: float, text: string, y: int}>  $lanes  in pixels: where a disc
     *     begins to be pressed free, where it is free, the end of its lane, how far down it lies
     * @param  float  $begins  where the second stage begins
     * @param  float|null  $stop  where the stop bolt belongs; nothing where that is the floor, or below it
     */
    private function __construct(
        public array $lanes,
        public float $begins,
        public string $beginsText,
        public ?float $stop,
        public string $stopText,
        public string $travelText,
    ) {
    }

    /** Nothing where one of the stages is not known. */
    public static function of(AssessedJob $page): ?self
    {
        $stages = $page->now()->isTwoStage() ? TwoStages::of($page->now()) : [];
        if (is_array($stages)) {
            return null;
        }
        $travel = $stages->first->pedalTravel;
        $at = static fn (Length $l): float => round(self::LEFT + min(1.0, max(0.0, $l->value / $travel->value)) * self::WIDTH, 1);
        $said = static fn (?Length $l): string => $l === null ? 'never free'
            : 'free from '.$page->display->quantity($l, 1.0);
        $stop = WantedRelease::of($page->now(), $stages->first)->stop();
        $isStop = $stop !== null && $stop->value < $travel->value;

        return new self(
            [
                ['y' => self::TOP, ...self::lane('Travel disc', $at($stages->first->freePlay), $stages->travelFree(), $at, $said)],
                [
                    'y' => self::TOP + self::APART,
                    ...self::lane('Take-off disc', $at($stages->secondBegins()), $stages->takeOffFree(), $at, $said),
                ],
            ],
            $at($stages->secondBegins()), 'second stage begins at '.$page->display->quantity($stages->secondBegins(), 1.0),
            $isStop ? $at($stop) : null, $isStop ? 'stop bolt at '.$page->display->quantity($stop, 1.0) : '',
            $page->display->quantity($travel, 1.0).' of pedal',
        );
    }

    /**
     * @param  \Closure(Length): float  $at
     * @param  \Closure(Length|null): string  $said
     * @return array{name: string, pressed: float, free: float, end: float, text: string}
     */
    private static function lane(string $name, float $pressed, ?Length $free, \Closure $at, \Closure $said): array
    {
        return [
            'name' => $name, 'pressed' => $pressed, 'free' => $free === null ? self::LEFT + self::WIDTH : $at($free),
            'end' => self::LEFT + self::WIDTH,
            'text' => $said($free),
        ];
    }
}
