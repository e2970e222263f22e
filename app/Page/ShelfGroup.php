<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Kit\Ranking\Standing;

/** Rows of the shelf that stand in one group. */
final readonly class ShelfGroup
{
    /** @param  list<KitLine>  $rows */
    public function __construct(public Standing $standing, public array $rows)
    {
    }

    /** What a technician may make of it. */
    public function means(): string
    {
        return match ($this->standing) {
            Standing::Known => 'every check was made and holds, run in, worn and hot',
            Standing::Asked => 'nothing speaks against them; what is missing decides',
            Standing::Beyond => 'they can be put in and are not right for this work, the least short first',
            Standing::Unfit => 'something known keeps them out',
        };
    }
}
