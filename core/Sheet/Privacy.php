<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** What an entry can tell of somebody, for when a customer wants to be forgotten. */
enum Privacy: string
{
    /** A figure, a word of a list, the name of a thing. */
    case OfThings = 'of_things';

    /** Free words: they may name somebody. */
    case MayName = 'may_name';

    /** Whose vehicle it is can be found out with it. */
    case Identity = 'identity';
}
