<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Quantity\AsRead;

/** How long the rest of a lining would last at the rate of before. */
final readonly class LifeLeft
{
    /**
     * @param  bool  $isMeasurable  the wear is more than what can hardly be told from none
     * @param  list<array{AsRead, AsRead}>  $ranges  distance or time, from and to
     * @param  bool  $isAllButGone  less is left than is worth a figure
     */
    public function __construct(public bool $isMeasurable, public array $ranges, public bool $isAllButGone)
    {
    }
}
