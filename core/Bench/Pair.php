<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Kit\Fit\CoverBoltsCheck;
use Spindle\Limit\Instrument;
use Spindle\Quantity\Length;

/** One measure of the new part held against the same of the old. */
enum Pair: string
{
    case Outer = 'outer';
    case Thickness = 'thickness';
    case HubFlywheel = 'hub_flywheel';
    case HubGearbox = 'hub_gearbox';
    case Fingers = 'fingers';
    case BoltCircle = 'bolt_circle';

    public function label(): string
    {
        return match ($this) {
            self::Outer => 'Outer diameter of the disc',
            self::Thickness => 'Thickness of the disc',
            self::HubFlywheel => 'Hub, flywheel side',
            self::HubGearbox => 'Hub, gearbox side',
            self::Fingers => 'Finger height',
            self::BoltCircle => 'Circle of the cover bolts',
        };
    }

    public function instrument(): Instrument
    {
        return in_array($this, [self::HubFlywheel, self::HubGearbox, self::Fingers], true) ? Instrument::DepthGauge : Instrument::Calliper;
    }

    /** Up to where a difference between old and new is no more than that between two new ones, and asks for nothing. From memory [M]. */
    public function matters(): Length
    {
        return Length::mm(match ($this) {
            self::Outer => 0.5,
            self::Thickness => 0.1,
            self::HubFlywheel, self::HubGearbox, self::Fingers => 0.2,
            self::BoltCircle => CoverBoltsCheck::TOLERANCE,
        });
    }

    /** The datum of the kit that says the same of the new part; empty where none does. */
    public function ofKit(): string
    {
        return match ($this) {
            self::Outer => 'kit.lining_outer',
            self::Thickness => 'kit.thickness_new',
            self::HubFlywheel => 'kit.hub_flywheel',
            self::HubGearbox => 'kit.hub_gearbox',
            self::Fingers => 'kit.finger_height',
            self::BoltCircle => 'kit.bolt_circle',
        };
    }

    /** Where the same of the old part is asked before the bench; empty where it is not. */
    public function elsewhere(): string
    {
        return match ($this) {
            self::Outer => 'disc.lining_outer',
            self::Fingers => 'match.stack_height',
            default => '',
        };
    }

    public function old(): string
    {
        return "bench.{$this->value}_old";
    }

    public function new(): string
    {
        return "bench.{$this->value}_new";
    }
}
