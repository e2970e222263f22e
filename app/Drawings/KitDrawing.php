<?php

declare(strict_types=1);

namespace App\Drawings;

use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Sheet\FieldValues;

/** A kit to scale from its data: the face of the disc, and beside it disc and fingers in section. Pixels of a picture 680 × 260. */
final readonly class KitDrawing
{
    private const CENTRE = [150.0, 132.0];

    private const RADIUS = 118.0;

    /** Of the section: half its height, the height of a lining and of the hub. */
    private const HALF = 96.0;

    private const LINING = 58.0;

    private const HUB = 36.0;

    /**
     * @param  list<string>  $pads  outlines of the pads of one face; none for a full face
     * @param  list<array{float, float}>  $bolts
     */
    private function __construct(
        public float $outer,
        public float $inner,
        public float $hub,
        public array $pads,
        public array $bolts,
        public float $boltCircle,
        public float $scale,
        private FieldValues $kit,
    ) {
    }

    /** Nothing where not even the lining is known. */
    public static function of(FieldValues $kit): ?self
    {
        $mm = static fn (string $key): ?float => $kit->one(Length::class, "kit.{$key}")?->value;
        [$outer, $inner] = [$mm('lining_outer'), $mm('lining_inner')];
        if ($outer === null || $inner === null) {
            return null;
        }
        $circle = $mm('bolt_circle') ?? 0.0;
        $scale = 2 * self::RADIUS / max($outer, $circle + 10, $mm('cover_outer') ?? 0.0);
        $count = $kit->count('kit.pads');
        $coverage = $kit->one(\Spindle\Quantity\Ratio::class, 'kit.coverage')->value ?? 0.6;
        $pads = [];
        for ($i = 0; $i < ($count ?? 0); $i++) {
            $pads[] = self::pad($outer * $scale / 2, $inner * $scale / 2, 2 * M_PI * $i / $count, M_PI * $coverage / $count);
        }
        $bolts = [];
        $n = $circle > 0.0 ? $kit->count('kit.bolt_count') ?? 0 : 0;
        for ($i = 0; $i < $n; $i++) {
            $bolts[] = self::at($circle * $scale / 2, 2 * M_PI * $i / $n);
        }

        return new self(
            $outer * $scale / 2, $inner * $scale / 2, ($mm('spline_diameter') ?? $inner * 0.15) * $scale / 2, $pads, $bolts,
            $circle * $scale / 2, $scale, $kit,
        );
    }

    public function outerWidth(): float
    {
        return 2 * $this->outer;
    }

    public function innerWidth(): float
    {
        return 2 * $this->inner;
    }

    public function hubOuter(): float
    {
        return 1.5 * $this->hub;
    }

    /** A size of it in words; empty where it is not known. */
    public function said(string $size, Display $display, float $step = 0.1): string
    {
        $length = $this->kit->one(Length::class, "kit.{$size}");

        return $length === null ? '' : $display->quantity($length, $step);
    }

    /** @return array{float, float} */
    private static function at(float $radius, float $angle): array
    {
        return [round(self::CENTRE[0] + $radius * sin($angle), 1), round(self::CENTRE[1] - $radius * cos($angle), 1)];
    }

    private static function pad(float $outer, float $inner, float $middle, float $half): string
    {
        [$a, $b] = [self::at($outer, $middle - $half), self::at($outer, $middle + $half)];
        [$c, $d] = [self::at($inner, $middle + $half), self::at($inner, $middle - $half)];

        return "M{$a[0]} {$a[1]}A{$outer} {$outer} 0 0 1 {$b[0]} {$b[1]}L{$c[0]} {$c[1]}A{$inner} {$inner} 0 0 0 {$d[0]} {$d[1]}Z";
    }

    /**
     * The section: from the flywheel's face, which stands at x 360, towards the gearbox, four pixels a millimetre or fewer.
     *
     * @return array<string, float|null>|null thickness, flywheelSide, gearboxSide, fingers, half, hubHalf, hubHeight, and the disc's
     *                                       plate: platesFrom, plates, between
     */
    public function section(): ?array
    {
        $mm = fn (string $key): ?float => $this->kit->one(Length::class, "kit.{$key}")?->value;
        $thickness = $mm('thickness_new');
        if ($thickness === null) {
            return null;
        }
        $reach = max($mm('finger_height') ?? 0.0, $thickness + ($mm('hub_gearbox') ?? 0.0));
        $per = min(4.0, 260.0 / max(1.0, $reach));
        $to = static fn (?float $length): ?float => $length === null ? null : round($length * $per, 1);

        return [
            'thickness' => $thickness * $per, 'flywheelSide' => $to($mm('hub_flywheel')), 'gearboxSide' => $to($mm('hub_gearbox')),
            'fingers' => $to($mm('finger_height')), 'half' => self::HALF, 'hubHalf' => self::HUB / 2, 'hubHeight' => self::HUB,
            'platesFrom' => $thickness * $per * 0.4, 'plates' => $thickness * $per * 0.2, 'between' => 2 * (self::HALF - self::LINING),
        ];
    }
}
