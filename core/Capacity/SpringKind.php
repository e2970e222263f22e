<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Ratio;

/** What presses the plate on. */
enum SpringKind: string
{
    case Coil = 'coil';
    case Diaphragm = 'diaphragm';
    case SelfAdjusting = 'self_adjusting';

    public function label(): string
    {
        return match ($this) {
            self::Coil => 'Coil springs',
            self::Diaphragm => 'Diaphragm',
            self::SelfAdjusting => 'Self-adjusting',
        };
    }

    /** Share of the new clamp load left at the wear limit when nothing better is known. From memory [M]. */
    public function assumedShareWhenWorn(): Ratio
    {
        return Ratio::of($this === self::Coil ? 0.8 : 1.0);
    }
}
