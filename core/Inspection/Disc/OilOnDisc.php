<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Vehicle\VehicleClass;

/** What is on the disc says where it came from. Common practice, no source. */
enum OilOnDisc: string
{
    case Engine = 'engine';
    case Gear = 'gear';
    case Hydraulic = 'hydraulic';
    case Grease = 'grease';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Engine => 'Engine oil',
            self::Gear => 'Gear oil',
            self::Hydraulic => 'Clutch fluid',
            self::Grease => 'Grease',
            self::Unknown => 'Oil of a kind nobody could tell',
        };
    }

    public function leak(?VehicleClass $class): string
    {
        return match ($this) {
            self::Engine => 'look behind the flywheel and replace the crankshaft rear seal now',
            self::Gear => $class === VehicleClass::Tractor
                ? 'it comes along the shaft from the gearbox: find where before anything new goes in'
                : 'it comes along the shaft: replace the input-shaft seal now',
            self::Hydraulic => 'the slave or the concentric bearing leaks: replace it complete',
            self::Grease => 'too much at the splines, the pilot or the bearing: a smear is enough',
            self::Unknown => 'find the leak before anything new goes in; smell and colour tell engine oil from gear oil',
        };
    }
}
