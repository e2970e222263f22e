<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** How a field may be tied to another, or to a drawing or a file, by what its nature says. */
enum Tie: string
{
    case PlaceOf = 'place of';
    case DrawnOn = 'drawn on';
    case InsteadOf = 'instead of';
    case SameAs = 'same as';
    case Leaves = 'leaves';
    case Step = 'step';

    /** What the nature says of it; empty where it says nothing. */
    public function of(Nature $nature): string
    {
        return match ($this) {
            self::PlaceOf => $nature->partOf,
            self::DrawnOn => $nature->drawing->value ?? '',
            self::InsteadOf => $nature->insteadOf,
            self::SameAs => $nature->sameAs,
            self::Leaves => $nature->leaves,
            self::Step => $nature->step,
        };
    }
}
