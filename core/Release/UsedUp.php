<?php

declare(strict_types=1);

namespace Spindle\Release;

/** What happens when the travel in hand is used up by wear. */
enum UsedUp: string
{
    case PistonBottoms = 'piston_bottoms';
    case SlaveBottoms = 'slave_bottoms';
    case FreePlayGone = 'free_play_gone';
    case ForkPlayGone = 'fork_play_gone';
}
