<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Capacity\Material;
use Spindle\Kit\Price;

/**
 * What a kit is ranked by before its data are opened: the few plain values that a shelf of thousands can hold ready. What is not known is
 * nothing.
 */
final readonly class KitOutline
{
    /**
     * @param  float|null  $torqueOfOneDisc  run in, in N·m
     * @param  float|null  $liningArea  of one face, pads by their coverage, in mm²
     * @param  float|null  $claimed  by its maker, in N·m
     * @param  int|null  $pads  a face
     * @param  float|null  $releaseLoad  in N
     * @param  int  $gaps  data that every vehicle asks of a kit and this one leaves out, at least so many
     * @param  float|null  $torqueOfTakeOff  of the second disc of two stages, run in, in N·m
     */
    public function __construct(
        public ?float $torqueOfOneDisc = null,
        public ?float $liningArea = null,
        public ?float $claimed = null,
        public ?int $discs = null,
        public ?Material $material = null,
        public ?int $pads = null,
        public ?float $releaseLoad = null,
        public ?Price $price = null,
        public ?float $leadDays = null,
        public ?float $torqueOfTakeOff = null,
        public int $gaps = 0,
    ) {
    }
}
