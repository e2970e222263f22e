<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** What is left between the hub and the crank bolts. */
enum CrankBoltRoom: string
{
    case None = 'none';
    case TooLittle = 'too_little';
    case GoneWhenWorn = 'gone_when_worn';
    case Enough = 'enough';
}
