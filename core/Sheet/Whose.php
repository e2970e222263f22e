<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** What an entry belongs to, and so how long it can stand. */
enum Whose: string
{
    case Vehicle = 'vehicle';

    /** The clutch that is on the vehicle when it comes in. */
    case OldClutch = 'old_clutch';

    /** The clutch that this job puts in. */
    case FittedClutch = 'fitted_clutch';

    /** Pedal, linkage or hydraulics, up to the release bearing. */
    case Actuation = 'actuation';

    case Job = 'job';

    case Person = 'person';
}
