<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

/** One step of a way to bleed: who does it, how often, and whether air can get back in there. */
final readonly class BleedStep
{
    /**
     * @param  string  $who  you, helper or both
     * @param  string  $counted  what is counted, "rounds"; empty where it is done once
     * @param  int  $times  so often at least
     */
    private function __construct(
        public string $who,
        public string $text,
        public string $counted,
        public int $times,
        public bool $airGetsIn,
    ) {
    }

    public static function of(string $who, string $text, string $counted = '', int $times = 1, bool $airGetsIn = false): self
    {
        return new self($who, $text, $counted, $times, $airGetsIn);
    }
}
