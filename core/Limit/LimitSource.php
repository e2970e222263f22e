<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** Where a limit comes from, weightiest first. */
enum LimitSource: string
{
    /** The vehicle or clutch maker's figure for this job. */
    case Maker = 'maker';
    /** A figure the workshop has decided on. */
    case Shop = 'shop';
    /** Built-in common practice. */
    case Practice = 'practice';
}
