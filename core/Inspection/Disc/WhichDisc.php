<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

/** Which of the discs a sentence is about. */
enum WhichDisc: string
{
    case Only = 'only';
    case Second = 'second';
    case TakeOff = 'take_off';
}
