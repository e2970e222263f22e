<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

/** What runs in the line. The type that the maker names, and no other. Common practice, no source. */
enum Fluid: string
{
    case Dot3 = 'dot3';
    case Dot4 = 'dot4';
    case Dot51 = 'dot51';
    case Dot5 = 'dot5';
    case Mineral = 'mineral';

    public function label(): string
    {
        return match ($this) {
            self::Dot3 => 'DOT 3',
            self::Dot4 => 'DOT 4',
            self::Dot51 => 'DOT 5.1',
            self::Dot5 => 'DOT 5 (silicone)',
            self::Mineral => 'Mineral oil',
        };
    }

    /** What it is made of; only fluids of one kind can meet. */
    public function base(): string
    {
        return match ($this) {
            self::Dot3, self::Dot4, self::Dot51 => 'glycol',
            self::Dot5 => 'silicone',
            self::Mineral => 'mineral',
        };
    }

    public function mixesWith(self $other): bool
    {
        return $this->base() === $other->base();
    }
}
