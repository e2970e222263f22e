<?php

declare(strict_types=1);

namespace Spindle\Fastening;

/** How far a round of tightening has come. */
final readonly class RoundSoFar
{
    /** @param  int|null  $next  the bolt that comes next */
    public function __construct(public int $done, public int $bolts, public ?int $next)
    {
    }
}
