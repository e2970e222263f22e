<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** How strongly a sign or a test result speaks for a cause. Directions are common practice; the numbers are from memory. */
enum Strength: string
{
    case Strong = 'strong';
    case Some = 'some';
    case None = 'none';
    case Against = 'against';

    public function label(): string
    {
        return match ($this) {
            self::Strong => 'speaks strongly for it',
            self::Some => 'speaks somewhat for it',
            self::None => 'says nothing',
            self::Against => 'speaks against it',
        };
    }

    /** How often a vehicle with this cause shows the sign. */
    public function ofSign(): float
    {
        return match ($this) {
            self::Strong => 0.70,
            self::Some => 0.30,
            self::None => 0.02,
            self::Against => 0.003,
        };
    }

    /** How often a vehicle with this cause shows a circumstance, which a third of sound ones have too. */
    public function ofCircumstance(): float
    {
        return match ($this) {
            self::Strong => 0.75,
            self::Some => 0.50,
            self::None => 0.30,
            self::Against => 0.10,
        };
    }

    /** How often a look finds it, where it is to be seen. One that found nothing speaks strongly against it. */
    public function ofLook(): float
    {
        return $this === self::Strong ? 0.97 : $this->ofTest();
    }

    /** How often the test turns out positive with this cause. */
    public function ofTest(): float
    {
        return match ($this) {
            self::Strong => 0.90,
            self::Some => 0.50,
            self::None => 0.05,
            self::Against => 0.02,
        };
    }
}
