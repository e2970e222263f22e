<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;

/** A figure held against a limit: what that comes to, and what is to be done. */
final readonly class Held
{
    public function __construct(public Limit $limit, public Verdict $verdict, public Remedy $remedy, public ?Doubt $doubt)
    {
    }
}
