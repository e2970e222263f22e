<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Support\Carbon;

/** The time as the database holds it, in universal time. A file of a thousand entries asks a thousand times. */
final class Clock
{
    public const FORM = 'Y-m-d H:i:s';

    /** @param  int  $later  seconds from now */
    public static function stored(int $later = 0): string
    {
        return gmdate(self::FORM, (Carbon::hasTestNow() ? Carbon::now()->getTimestamp() : time()) + $later);
    }
}
