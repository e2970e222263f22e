<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Page\KitLine;
use Spindle\Assessment\Assessment;

/** What a kit carries in the band of the duty, small, on one scale for every kit of a job. Pixels of a picture 120 wide. */
final readonly class MarginBar
{
    private const LEFT = 2.0;

    private const WIDTH = 116.0;

    /** The scale ends so much above where harsh begins. */
    private const BEYOND = 1.25;

    private function __construct(
        public ?float $engine,
        public ?float $from,
        public ?float $to,
        public ?float $carried,
        public ?float $least,
        public string $text,
    ) {
    }

    public static function of(AssessedJob $page, Assessment $kit): self
    {
        $figures = array_map($kit->figure(...), array_combine(KitLine::FIGURES, KitLine::FIGURES));

        return self::ofFigures($page, array_filter($figures, is_float(...)));
    }

    /** @param  array<string, float>  $figures  of the kit, as far as they are known */
    public static function ofFigures(AssessedJob $page, array $figures): self
    {
        $number = static fn (Assessment $a, string $name): ?float => is_float($a->figure($name)) ? $a->figure($name) : null;
        $engine = $number($page->assessment, 'demand.engine_torque');
        $harsh = $number($page->assessment, 'demand.harsh_torque');
        $scale = ($harsh ?? ($engine ?? 0.0) * 2) * self::BEYOND;
        $x = static fn (?float $torque): ?float => $torque === null || $scale <= 0.0
            ? null : round(self::LEFT + self::WIDTH * min(1.0, $torque / $scale), 1);
        [$floor, $margin] = [$figures['capacity.floor_margin'] ?? null, $figures['capacity.margin'] ?? null];

        [$from, $to] = [$x($number($page->assessment, 'demand.required_torque')), $x($harsh)];
        $carried = $x($engine === null || $margin === null ? $figures['capacity.run_in'] ?? null : $margin * $engine);

        return new self(
            $x($engine), $from, $from === null || $to === null ? null : max($from, $to),
            $carried === null ? null : max(self::LEFT, $carried),
            $x($engine === null || $floor === null ? null : $floor * $engine),
            $margin === null ? '' : $page->display->number($margin, 2),
        );
    }
}
