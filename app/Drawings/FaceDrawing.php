<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Inspection\Flywheel\FaceDial;
use Spindle\Inspection\Flywheel\FaceJudgement;
use Spindle\Inspection\Flywheel\FlywheelFields;
use Spindle\Inspection\MarkedFace;
use Spindle\Quantity\Length;
use Spindle\Sheet\FaceMark;

/** A friction face seen from the gearbox as a clock: marks where they are, and what the dial read around it, drawn larger than life. */
final readonly class FaceDrawing
{
    public const CENTRE = 230.0;

    /** Pixels from the centre to the outer edge of the face. */
    public const RIM = 165.0;

    /** Where the dial's curve runs, and how far from it the greatest deviation is drawn. */
    private const CURVE = 195.0;

    private const SWING = 16.0;

    /** Drawn while nothing is known of it: a common face, mm. */
    private const OUTER_RADIUS = 120.0;

    private const INNER_SHARE = 0.62;

    /**
     * @param  float  $outer  radius of the face, mm
     * @param  list<array{x: float, y: float, kind: string, label: string}>  $marks
     * @param  string  $curve  points of the dial's curve; empty while it is not fitted
     * @param  array{x: float, y: float}|null  $high  where the face stands highest
     */
    private function __construct(
        public float $outer,
        public float $inner,
        public array $marks,
        public string $curve,
        public ?array $high,
        public string $said,
    ) {
    }

    /** Pixels from the centre to the inner edge of the face. */
    public function innerRim(): float
    {
        return self::RIM * $this->inner / $this->outer;
    }

    public function middleRim(): float
    {
        return (self::RIM + $this->innerRim()) / 2;
    }

    /** @param  string  $part  flywheel or cover */
    public static function of(AssessedJob $page, string $part): self
    {
        $values = $page->values();
        $outer = self::outerRadius($page);
        $marks = MarkedFace::marks($part, $page->sheet);
        $dial = $part === 'flywheel' ? FaceJudgement::dial($values) : null;
        $fitted = $dial !== null && $dial->isFitted() ? $dial : null;
        $drawn = array_map(static fn (FaceMark $m): array => [
            ...self::near($m->angle(), min(self::RIM + 10.0, self::RIM * $m->radius->value / $outer)),
            'kind' => $m->kind, 'label' => "{$m->label()} at {$m->clock()}",
        ], $marks);

        return new self(
            $outer,
            $outer * self::INNER_SHARE,
            $drawn,
            $fitted === null ? '' : self::curve($fitted),
            $fitted === null || $fitted->tilt()->value < 0.005 ? null : self::near(FaceDial::angle($fitted->highSide()), self::CURVE + 2),
            self::said($page, $marks, $fitted),
        );
    }

    /** Radius in mm of the friction face, as well as it is known. */
    private static function outerRadius(AssessedJob $page): float
    {
        foreach (['vehicle.friction_outer' => 0.5, 'kit.lining_outer' => 0.5, 'flywheel.measuring_diameter' => 0.54] as $key => $share) {
            $length = $page->length($key);
            if ($length !== null) {
                return $length->value * $share;
            }
        }

        return self::OUTER_RADIUS;
    }

    /** The readings less their mean, as points around the face. */
    private static function curve(FaceDial $dial): string
    {
        $deviations = $dial->fromMean();
        $most = max(1e-9, max(array_map(static fn (Length $l): float => abs($l->value), $deviations)));
        $points = [];
        foreach ($deviations as $clock => $length) {
            $at = self::at(FaceDial::angle($clock), self::CURVE + self::SWING * $length->value / $most);
            $points[] = round($at['x'], 1).','.round($at['y'], 1);
        }

        return implode(' ', $points);
    }

    /** @param  list<FaceMark>  $marks */
    private static function said(AssessedJob $page, array $marks, ?FaceDial $dial): string
    {
        $seen =
            $marks === []
                ? 'no marks placed'
                : implode(', ', array_map(static fn (FaceMark $m): string => "{$m->label()} at {$m->clock()}", $marks));
        $step = $page->values()->resolution(...FlywheelFields::dialKeys());
        $read =
            $dial === null
                ? 'dial not read around'
                : 'tilt '.
                    $page->display->quantity($dial->tilt(), $step).
                    " high at {$dial->highSide()}, wave ".
                    $page->display->quantity($dial->wave(), $step);

        return "{$seen}; {$read}";
    }

    /** @return array<int, array{string, float, float}> tick at the rim and where its number stands, by hour */
    public function hours(): array
    {
        $hours = [];
        for ($hour = 1; $hour <= 12; $hour++) {
            $angle = $hour * M_PI / 6;
            [$from, $to, $number] = [self::near($angle, 150.0), self::near($angle, self::RIM), self::at($angle, 84.0)];
            $hours[$hour] = [
                "M{$from['x']} {$from['y']}L{$to['x']} {$to['y']}", round($number['x'], 1), round($number['y'] + 5, 1),
            ];
        }

        return $hours;
    }

    /** @return array{x: float, y: float} to a tenth of a pixel */
    private static function near(float $angle, float $radius): array
    {
        return array_map(static fn (float $x): float => round($x, 1), self::at($angle, $radius));
    }

    /** @return array{x: float, y: float} */
    private static function at(float $angle, float $radius): array
    {
        return ['x' => self::CENTRE + $radius * sin($angle), 'y' => self::CENTRE - $radius * cos($angle)];
    }
}
