<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Inspection\Disc\WearJudgement;
use Spindle\Quantity\Length;

/** The edge of a disc as a stack: both linings, rivet heads, what is worn off. To scale with what is entered. */
final readonly class DiscDrawing
{
    /** Drawn while nothing is entered: a common disc, mm. */
    private const THICKNESS = 8.0;

    private const USABLE = 1.0;

    public const TOP = 50.0;

    private const HEIGHT = 200.0;

    /** Of one lining over the plate between, and of a rivet's head. */
    private const LINING = 90.0;

    private const HEAD = 14.0;

    /**
     * @param  float  $scale  pixels a millimetre
     * @param  float  $usable  pixels of lining over the rivets, a side
     */
    private function __construct(
        public float $scale,
        public float $bottom,
        public float $usable,
        public float $wornTop,
        public float $wornBottom,
        public string $new,
        public string $now,
        public string $topDepth,
        public string $bottomDepth,
        public string $used,
    ) {
    }

    /** What is left of a lining's height under so much. */
    public function leftOver(float $gone): float
    {
        return max(0.0, self::LINING - $gone);
    }

    /** How far down the head of a rivet begins: where it was put, or where it is worn to. */
    public function headDown(float $worn): float
    {
        return max($this->usable, $worn);
    }

    public function headHeight(): float
    {
        return max(2.0, min(self::HEAD, self::LINING - $this->usable));
    }

    /** @param  string  $part  disc, or disc2 for the second of two */
    public static function of(AssessedJob $page, string $part = 'disc'): self
    {
        $values = $page->values();
        $new = $values->one(Length::class, "{$part}.thickness_new");
        $thickness = $new->value ?? self::THICKNESS;
        $bothSides = WearJudgement::usable($values, $part);
        $usable = min($bothSides === null ? self::USABLE : $bothSides->value / 2, $thickness * 0.42);
        $used = $page->assessment->figure($part === 'disc' ? 'wear.used' : 'wear2.used');
        $worn = is_float($used) ? max(0.0, $used) : 0.0;
        $scale = self::HEIGHT / $thickness;
        $show = static fn (string $key): string => self::least($page, $key);
        $depth = static function (string $key) use ($values): ?float {
            $all = $values->all(Length::class, $key);

            return $all === [] ? null : Length::least($all)->value;
        };
        $top = $depth("{$part}.rivet_depth_flywheel");
        $bottom = $depth("{$part}.rivet_depth_cover");
        $most = $thickness * 0.45;
        $share = $page->assessment->figure($part === 'disc' ? 'wear.percent' : 'wear2.percent');

        return new self(
            $scale,
            self::TOP + self::HEIGHT,
            $usable * $scale,
            min($most, $top === null ? $worn / 2 : max(0.0, $usable - $top)) * $scale,
            min($most, $bottom === null ? $worn / 2 : max(0.0, $usable - $bottom)) * $scale,
            $show("{$part}.thickness_new"),
            $show("{$part}.thickness"),
            $show("{$part}.rivet_depth_flywheel"),
            $show("{$part}.rivet_depth_cover"),
            is_float($share) ? $page->display->percent($share / 100).' used' : '',
        );
    }

    /** The least reading of a field as it was taken, or nothing. */
    private static function least(AssessedJob $page, string $key): string
    {
        $all = $page->values()->all(Length::class, $key);

        if ($all === []) {
            return '';
        }
        $least = Length::least($all);

        return $page->display->quantity($least, $page->values()->resolutionOf($key, $least));
    }
}
