<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Limit\Limit;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/** The release travel of both stages as one ribbon: where the travel disc is free, the way to the take-off disc, the stop bolt. */
final readonly class TwoStageDrawing
{
    public const LEFT = 60.0;

    public const WIDTH = 660.0;

    /**
     * @param  array{float, float}|null  $band  in which the first stage is to be free, in pixels
     * @param  list<string>  $gaps  air of each disc, as one says it
     */
    private function __construct(
        public ?float $first,
        public ?array $band,
        public string $firstText,
        public array $gaps,
    ) {
    }

    /** Of the way from the point where the first is free to the stop bolt. */
    public function secondMiddle(): float
    {
        return (($this->first ?? self::LEFT) + self::LEFT + self::WIDTH) / 2;
    }

    public static function of(AssessedJob $page): self
    {
        $first = $page->assessment->figure('two_stage.first_release_percent');
        $limit = $page->sheet->limitBook()->find('two_stage.first_release_percent');
        $at = static fn (float $share): float => round(self::LEFT + max(0.0, min(1.0, $share)) * self::WIDTH, 1);
        $gaps = [];
        foreach (['Travel disc' => 'two_stage.air_gap_travel', 'Take-off disc' => 'two_stage.air_gap_take_off'] as $disc => $key) {
            $all = $page->values()->all(Length::class, $key);
            $gaps[] = $disc.': '.($all === [] ? 'air not measured' : implode(', ', array_map(
                static fn (Length $l): string => $page->display->quantity($l, $page->values()->resolution($key)), $all,
            )).' of air');
        }

        return new self(
            is_float($first) ? $at($first / 100) : null,
            self::band($limit, $at),
            is_float($first) ? $page->display->percent($first / 100) : '',
            $gaps,
        );
    }

    /**
     * @param  \Closure(float): float  $at
     * @return array{float, float}|null
     */
    private static function band(?Limit $limit, \Closure $at): ?array
    {
        return $limit?->min instanceof Ratio && $limit->max instanceof Ratio ? [$at($limit->min->value), $at($limit->max->value)] : null;
    }
}
