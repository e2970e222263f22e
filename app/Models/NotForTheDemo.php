<?php

declare(strict_types=1);

namespace App\Models;

/** The invented workshop was about to be put where it does not belong. */
final class NotForTheDemo extends \RuntimeException
{
    public static function bySettings(): self
    {
        return new self('The demonstration fills only a database of its own: SPINDLE_DEMO is not set for this one. Nothing was stored.');
    }

    public static function inUse(): self
    {
        return new self('This database is in use already; the demonstration fills only an empty one. Nothing was stored.');
    }
}
