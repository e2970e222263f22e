<?php

declare(strict_types=1);

namespace Spindle\Fastening;

/** The rounds in which a group is tightened, in their order. */
enum TighteningStage: string
{
    case Hand = 'hand';
    case Seat = 'seat';
    case Half = 'half';
    case Full = 'full';
    case Angle = 'angle';

    public function label(): string
    {
        return match ($this) {
            self::Hand => 'By hand',
            self::Seat => 'Half turns until seated',
            self::Half => 'Half torque',
            self::Full => 'Full torque',
            self::Angle => 'Angle',
        };
    }

    /** What is looked at in this round. */
    public function watch(): string
    {
        return match ($this) {
            self::Hand => 'Every bolt in its own hole, washers the right way.',
            self::Seat => 'The gap even at four places; the alignment tool still slides.',
            self::Half => 'The alignment tool still slides.',
            self::Full => 'The tool out last, and only now.',
            self::Angle => 'Mark the heads first.',
        };
    }

    /** Share of the torque, where this round has one. */
    public function share(): ?float
    {
        return match ($this) {
            self::Half => 0.5,
            self::Full, self::Angle => 1.0,
            default => null,
        };
    }
}
