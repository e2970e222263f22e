<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Length;
use Spindle\Release\ChainAtWork;
use Spindle\Release\ChainOfSheet;
use Spindle\Release\Phase;
use Spindle\Release\ReleaseChain;
use Spindle\Release\SettingSteps;

/**
 * The pedal's arc unrolled into a ribbon: a zone for each phase, its edges as soft as they are doubtful; under it the pedal as it could
 * be set.
 */
final readonly class PedalDrawing
{
    public const LEFT = 40.0;

    public const WIDTH = 690.0;

    private const TRAVEL = 140.0;

    /**
     * @param  list<array{phase: Phase, from: float, width: float, middle: float, soft: float, edge: float}>  $zones
     *     in pixels; soft: half the width of its first edge, edge: the whole
     * @param  list<array{phase: Phase, from: float, width: float, middle: float}>  $then  the same with the stop where it belongs
     */
    private function __construct(
        public ?float $play,
        public ?float $takeUp,
        public array $zones,
        public array $then,
        public bool $isTravelKnown,
        public string $playText,
        public string $takeUpText,
        public string $travelText,
        public string $thenText,
    ) {
    }

    public function playWidth(): float
    {
        return max(0.0, ($this->play ?? self::LEFT) - self::LEFT);
    }

    public static function of(AssessedJob $page): self
    {
        $travel = $page->now()->values->one(Length::class, 'release.pedal_travel');
        $steps = SettingSteps::of($page->now());
        $play = $steps->freePlay();
        $percent = $page->assessment->figure('release.take_up_percent');
        $work = ChainAtWork::of($page->now());
        [$chain, $stop] = [$work->chain, $work->stop()];
        $at = static fn (?Length $l): ?float => $l === null
            ? null
            : self::LEFT + min(1.0, $l->value / ($travel->value ?? self::TRAVEL)) * self::WIDTH;
        $text = static fn (?Length $l, string $key): string => $l === null
            ? ''
            : $page->display->quantity($l, $page->now()->values->resolution($key));

        return new self(
            $at($play),
            is_float($percent) ? self::LEFT + min(1.0, max(0.0, 1.0 - $percent / 100)) * self::WIDTH : null,
            $chain === null ? [] : self::zones($chain, $page),
            $chain === null || $stop === null ? [] : self::plain($stop->chain, $chain->pedalTravel, $page),
            $travel !== null,
            $text($play, $steps->key()),
            is_float($percent) ? $page->display->percent($percent / 100).' above the floor' : '',
            $text($travel, 'release.pedal_travel'),
            $stop?->to === null ? '' : 'with a stop at '.$page->display->quantity($stop->to, 1.0),
        );
    }

    /** @return list<array{phase: Phase, from: float, width: float, middle: float, soft: float, edge: float}> */
    private static function zones(ReleaseChain $chain, AssessedJob $page): array
    {
        $known = ChainOfSheet::known($page->now());
        $play = $page->now()->uncertainty(SettingSteps::of($page->now())->key())->value;
        $doubts = [
            Phase::FreePlay->value => 0.0,
            Phase::Slack->value => $play,
            Phase::TakeUp->value => $play,
            Phase::Free->value => ($known['release.take_up_percent']->uncertainty->value ?? 0.0) * $chain->pedalTravel->value,
        ];
        $zones = [];
        foreach (self::plain($chain, $chain->pedalTravel, $page) as $zone) {
            $soft = ($doubts[$zone['phase']->value] ?? 0.0) / $chain->pedalTravel->value * self::WIDTH;
            $soft = round(min($soft, $zone['width'] / 2, 40.0), 1);
            $zones[] = [...$zone, 'soft' => $soft, 'edge' => 2 * $soft];
        }

        return $zones;
    }

    /** @return list<array{phase: Phase, from: float, width: float, middle: float}> */
    private static function plain(ReleaseChain $chain, Length $whole, AssessedJob $page): array
    {
        $begins = $chain->phases($page->now()->values->one(Length::class, 'kit.release_travel_max'));
        $edges = [...array_values($begins), $chain->pedalTravel];
        $at = static fn (Length $l): float => round(self::LEFT + min(1.0, $l->value / $whole->value) * self::WIDTH, 1);
        $zones = [];
        foreach (array_keys($begins) as $i => $name) {
            if ($edges[$i + 1]->value > $edges[$i]->value) {
                [$from, $to] = [$at($edges[$i]), $at($edges[$i + 1])];
                $zones[] = ['phase' => Phase::from($name), 'from' => $from, 'width' => $to - $from, 'middle' => ($from + $to) / 2];
            }
        }

        return $zones;
    }
}
