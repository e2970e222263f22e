<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Inspection\Flywheel\FlywheelFields;
use Spindle\Quantity\Length;

/** The flywheel cut open: its thickness, the least it may have, what is cut off, and the runout drawn larger than life. */
final readonly class FlywheelDrawing
{
    private const THICKNESS = 30.0;

    private const WIDTH = 190.0;

    public const LEFT = 120.0;

    /** Runout is drawn this many times larger than the thickness. */
    private const EXAGGERATION = 20.0;

    private function __construct(
        public float $face,
        public ?float $least,
        public float $cut,
        public float $lean,
        public string $thickness,
        public string $leastText,
        public string $runout,
        public string $after,
    ) {
    }

    public static function of(AssessedJob $page): self
    {
        $values = $page->values();
        $thickness = $page->length('flywheel.thickness');
        $least = $page->length('flywheel.thickness_min');
        $cut = $page->length('flywheel.machined');
        $runout = $page->assessment->figure('flywheel.face_runout');
        $scale = self::WIDTH / max($thickness->value ?? self::THICKNESS, $least->value ?? 1.0);
        $text = static fn (?Length $l, string $key): string => $l === null ? '' : $page->display->quantity($l, $values->resolution($key));
        $after = $page->assessment->figure('flywheel.thickness_after');

        return new self(
            self::LEFT + ($thickness->value ?? self::THICKNESS) * $scale,
            $least === null ? null : self::LEFT + $least->value * $scale,
            min(60.0, ($cut->value ?? 0.0) * $scale),
            is_float($runout) ? min(34.0, $runout * $scale * self::EXAGGERATION) : 0.0,
            $text($thickness, 'flywheel.thickness'),
            $text($least, 'flywheel.thickness_min'),
            is_float($runout)
                ? $page->display->quantity(
                    Length::mm($runout), $values->resolution('flywheel.face_runout', ...FlywheelFields::dialKeys()),
                ) : '',
            is_float($after)
                ? $page->display->quantity(Length::mm($after), $values->resolution('flywheel.thickness', 'flywheel.machined'))
                : '',
        );
    }
}
