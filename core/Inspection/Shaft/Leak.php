<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Inspection\Disc\OilOnDisc;

/** Where the oil on a disc came from. Common practice, no source. */
enum Leak: string
{
    case RearSeal = 'rear_seal';
    case ShaftSeal = 'shaft_seal';
    case Hydraulics = 'hydraulics';
    case TooMuchGrease = 'grease';
    case Elsewhere = 'elsewhere';

    /** Whether such oil can come from there. Common practice, no source. */
    public function gives(OilOnDisc $oil): bool
    {
        return match ($oil) {
            OilOnDisc::Engine => in_array($this, [self::RearSeal, self::Elsewhere], true),
            OilOnDisc::Gear => in_array($this, [self::ShaftSeal, self::Elsewhere], true),
            OilOnDisc::Hydraulic => $this === self::Hydraulics,
            OilOnDisc::Grease => $this === self::TooMuchGrease,
            OilOnDisc::Unknown => true,
        };
    }

    /** Within a sentence: "the crankshaft rear seal". */
    public function spoken(): string
    {
        return match ($this) {
            self::TooMuchGrease => 'too much grease at splines, pilot or bearing',
            self::Elsewhere => 'somewhere else than the seals',
            default => 'the '.lcfirst($this->label()),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::RearSeal => 'Crankshaft rear seal',
            self::ShaftSeal => 'Input shaft and its seal',
            self::Hydraulics => 'Slave or concentric bearing',
            self::TooMuchGrease => 'Too much grease at splines, pilot or bearing',
            self::Elsewhere => 'Somewhere else: a gasket, a sensor, a breather',
        };
    }
}
