<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
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
        $number = static fn (Assessment $a, string $name): ?float => is_float($a->figure($name)) ? $a->figure($name) : null;
        $engine = $number($page->assessment, 'demand.engine_torque');
        $harsh = $number($page->assessment, 'demand.harsh_torque');
        $scale = ($harsh ?? ($engine ?? 0.0) * 2) * self::BEYOND;
        $x = static fn (?float $torque): ?float => $torque === null || $scale <= 0.0
            ? null : round(self::LEFT + self::WIDTH * min(1.0, $torque / $scale), 1);
        $floor = $number($kit, 'capacity.floor_margin');
        $margin = $number($kit, 'capacity.margin');

        return new self(
            $x($engine), $x($number($page->assessment, 'demand.required_torque')), $x($harsh),
            $x($engine === null || $margin === null ? $number($kit, 'capacity.run_in') : $margin * $engine),
            $x($engine === null || $floor === null ? null : $floor * $engine),
            $margin === null ? '' : $page->display->number($margin, 2),
        );
    }
}
