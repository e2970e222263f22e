<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Length;
use Spindle\Vehicle\PilotSeat;

/** The tip of the shaft in its pilot, cut open: bore and tip to scale, the play between them drawn larger than life. */
final readonly class PilotDrawing
{
    public const AXIS = 130.0;

    private const BORE = 110.0;

    /** The play is drawn this many times larger than the shaft. */
    public const EXAGGERATION = 30.0;

    private const MOST_GAP = 34.0;

    private const TIP = 15.0;

    private function __construct(
        public float $bore,
        public float $tip,
        public string $boreText,
        public string $tipText,
        public string $play,
        public string $seat,
        public string $splines,
    ) {
    }

    /** @return array{float, float} upper and lower edge of what lies about the axis */
    public function edgesOf(float $diameter): array
    {
        return [self::AXIS - $diameter / 2, self::AXIS + $diameter / 2];
    }

    /** @return list<float> */
    public function splineLines(): array
    {
        return range(self::AXIS - 55.0, self::AXIS + 55.0, 22.0);
    }

    public static function of(AssessedJob $page): self
    {
        $values = $page->values();
        $bore = $page->length('pilot.bore');
        $tip = $page->length('shaft.tip_diameter');
        $figure = $page->assessment->figure('pilot.play');
        $play = is_float($figure) ? $figure : 0.0;
        $scale = self::BORE / ($bore->value ?? ($tip->value ?? self::TIP));
        $gap = max(0.0, min(self::MOST_GAP, $play * $scale * self::EXAGGERATION));
        $text = static fn (?Length $l, string $key): string => $l === null ? '' : $page->display->quantity($l, $values->resolution($key));
        $count = $values->count('vehicle.spline_count');

        return new self(
            self::BORE,
            self::BORE - $gap,
            $text($bore, 'pilot.bore'),
            $text($tip, 'shaft.tip_diameter'),
            is_float($figure)
                ? $page->display->quantity(Length::mm($figure), $values->resolution('pilot.play', 'pilot.bore', 'shaft.tip_diameter'))
                : '',
            match ($page->sheet->pilot()) {
                PilotSeat::Crankshaft => 'crankshaft',
                PilotSeat::Flywheel => 'flywheel',
                default => 'pilot seat',
            },
            $count === null ? '' : "{$count} splines",
        );
    }
}
