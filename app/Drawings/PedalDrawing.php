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
     * @param  list<array{phase: Phase, from: float, to: float, soft: float}>  $zones  in pixels; soft: half the width of its first edge
     * @param  list<array{phase: Phase, from: float, to: float}>  $then  the same with the stop where it belongs
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

    public static function of(AssessedJob $page): self
    {
        $travel = $page->length('release.pedal_travel');
        $steps = SettingSteps::of($page->sheet);
        $play = $steps->freePlay();
        $percent = $page->assessment->figure('release.take_up_percent');
        $work = ChainAtWork::of($page->sheet);
        [$chain, $stop] = [$work->chain, $work->stop()];
        $at = static fn (?Length $l): ?float => $l === null
            ? null
            : self::LEFT + min(1.0, $l->value / ($travel->value ?? self::TRAVEL)) * self::WIDTH;
        $text = static fn (?Length $l, string $key): string => $l === null
            ? ''
            : $page->display->quantity($l, $page->values()->resolution($key));

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

    /** @return list<array{phase: Phase, from: float, to: float, soft: float}> */
    private static function zones(ReleaseChain $chain, AssessedJob $page): array
    {
        $known = ChainOfSheet::known($page->sheet);
        $play = $page->sheet->uncertainty(SettingSteps::of($page->sheet)->key())->value;
        $doubts = [
            Phase::FreePlay->value => 0.0,
            Phase::Slack->value => $play,
            Phase::TakeUp->value => $play,
            Phase::Free->value => ($known['release.take_up_percent']->uncertainty->value ?? 0.0) * $chain->pedalTravel->value,
        ];
        $zones = [];
        foreach (self::plain($chain, $chain->pedalTravel, $page) as $zone) {
            $soft = ($doubts[$zone['phase']->value] ?? 0.0) / $chain->pedalTravel->value * self::WIDTH;
            $zones[] = [...$zone, 'soft' => round(min($soft, ($zone['to'] - $zone['from']) / 2, 40.0), 1)];
        }

        return $zones;
    }

    /** @return list<array{phase: Phase, from: float, to: float}> */
    private static function plain(ReleaseChain $chain, Length $whole, AssessedJob $page): array
    {
        $begins = $chain->phases($page->length('kit.release_travel_max'));
        $edges = [...array_values($begins), $chain->pedalTravel];
        $at = static fn (Length $l): float => round(self::LEFT + min(1.0, $l->value / $whole->value) * self::WIDTH, 1);
        $zones = [];
        foreach (array_keys($begins) as $i => $name) {
            if ($edges[$i + 1]->value > $edges[$i]->value) {
                $zones[] = ['phase' => Phase::from($name), 'from' => $at($edges[$i]), 'to' => $at($edges[$i + 1])];
            }
        }

        return $zones;
    }
}
