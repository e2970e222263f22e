<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Verdict;

/** What has to be said of the worn and the hot clutch besides the figures. */
final readonly class FloorCase
{
    /**
     * @param  bool  $isEngineFloor  the engine gives at least what is known of it
     * @param  string  $assumption  where an assumed clamp load comes from; empty where none is
     */
    public function __construct(
        public Verdict $verdict,
        public bool $isEngineFloor,
        public string $assumption,
        public bool $assumptionDecides,
    ) {
    }
}
