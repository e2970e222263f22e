<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Ratio;

/**
 * What the vehicle is used for, and so how much more than the engine's torque its clutch must carry.
 *
 * The range 1.2 to 2.5 is common practice without a source; the single figures are defaults from memory.
 */
enum Duty: string
{
    case Town = 'town';
    case Delivery = 'delivery';
    case Towing = 'towing';
    case Haulage = 'haulage';
    case Offroad = 'offroad';
    case Field = 'field';
    case Sport = 'sport';
    case Competition = 'competition';

    public function label(): string
    {
        return match ($this) {
            self::Town => 'Town and family',
            self::Delivery => 'Delivery, taxi',
            self::Towing => 'Towing, light haulage',
            self::Haulage => 'Road haulage',
            self::Offroad => 'Off-road, tipper, forestry',
            self::Field => 'Field and loader work',
            self::Sport => 'Fast road, track days',
            self::Competition => 'Drag, pulling, drift',
        };
    }

    public function starts(): string
    {
        return match ($this) {
            self::Town => 'frequent, gentle',
            self::Delivery => 'very frequent',
            self::Towing => 'loaded, on grades',
            self::Haulage => 'loaded',
            self::Offroad => 'loaded, slow',
            self::Field => 'shuttle, shock',
            self::Sport => 'hard',
            self::Competition => 'shock',
        };
    }

    /** Required clutch torque over engine torque. */
    public function reserve(): Ratio
    {
        return Ratio::of(match ($this) {
            self::Town => 1.25,
            self::Delivery => 1.35,
            self::Haulage => 1.4,
            self::Towing, self::Sport => 1.5,
            self::Offroad => 1.7,
            self::Field, self::Competition => 2.0,
        });
    }

    /** Above this the clutch is more than the job needs: heavier pedal, harsher take-up. */
    public function harshAbove(): Ratio
    {
        return Ratio::of(match ($this) {
            self::Town, self::Delivery => 2.0,
            self::Towing, self::Haulage => 2.2,
            self::Sport => 2.4,
            self::Offroad => 2.6,
            self::Field => 3.0,
            self::Competition => 4.0,
        });
    }
}
