<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Where an entry comes from. */
enum Origin: string
{
    /** Read off the vehicle or a part: measured, counted, tried or seen. */
    case Measured = 'measured';

    /** A figure of the maker of the vehicle or the part. */
    case Makers = 'makers';

    /** Said or decided by somebody. */
    case Chosen = 'chosen';
}
