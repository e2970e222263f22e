<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Limit\Instrument;

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

    /** What a difference means for the work. Common practice, no source. */
    public function consequence(bool $isMore): string
    {
        return match ($this) {
            self::Outer => $isMore ? 'see that it lies on the friction face and goes into the cover' : 'it carries less at the same load',
            self::Thickness => 'an old disc is worn; against the new one of before it moves the fingers',
            self::HubFlywheel => $isMore ? 'try it on the bare flywheel: it may stand on the crank bolts' : 'more room to the crank bolts',
            self::HubGearbox => $isMore ? 'see that the fingers do not meet it with the pedal down' : 'more room to the fingers',
            self::Fingers => $isMore ? 'the bearing clearance shrinks by as much' : 'the bearing clearance grows by as much',
            self::BoltCircle => 'the cover does not meet the flywheel',
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
