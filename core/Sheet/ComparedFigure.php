<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Said;
use Spindle\Quantity\Quantity;

/** A figure made of several readings, to be held against a limit. */
final readonly class ComparedFigure
{
    /**
     * @param  string  $id  of the finding
     * @param  Said  $said  the beginning of the sentence, with the figure in it
     * @param  Estimate<Quantity>  $figure
     * @param  list<string>  $readings
     */
    public function __construct(
        public string $id,
        public Said $said,
        public Estimate $figure,
        public string $limit,
        public Remedy $remedy,
        public array $readings,
        public string $formula,
    ) {
    }
}
