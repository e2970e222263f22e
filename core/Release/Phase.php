<?php

declare(strict_types=1);

namespace Spindle\Release;

/** What happens in the chain while the pedal goes down, in the order in which it does. */
enum Phase: string
{
    case FreePlay = 'free_play';
    case Slack = 'slack';
    case TakeUp = 'take_up';
    case Free = 'free';
    case OverTravel = 'over_travel';

    public function label(): string
    {
        return match ($this) {
            self::FreePlay => 'Free play',
            self::Slack => 'Slack',
            self::TakeUp => 'Take-up',
            self::Free => 'Free',
            self::OverTravel => 'Over-travel',
        };
    }

    /** Said to whoever has not seen it before. */
    public function caption(): string
    {
        return match ($this) {
            self::FreePlay => 'The pedal moves and nothing else does. This play keeps the clutch fully closed as the lining wears.',
            self::Slack => 'The rod moves, the bearing comes up to the fingers. The disc is still clamped in full.',
            self::TakeUp => 'The fingers give and the plate lifts, but the springs in the disc still hold it: it slips, and takes up.',
            self::Free => 'There is air on both sides of the disc. It stops, and a gear goes in.',
            self::OverTravel => 'Further than the cover is made for: fingers and straps are overworked. The stop belongs before this.',
        };
    }
}
