<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** What the fields are sorted by, once for all who ask: what they say of another, of a drawing or a file, and two things true of many. */
enum Sorting: string
{
    case PlaceOf = 'place of';
    case DrawnOn = 'drawn on';
    case InsteadOf = 'instead of';
    case SameAs = 'same as';
    case Leaves = 'leaves';
    case Step = 'step';
    case Set = 'set';
    case SeenOpen = 'seen open';

    /** What a nature says to it, empty where nothing; what is true or not says the sorting itself. */
    public function of(Nature $nature): string
    {
        return match ($this) {
            self::PlaceOf => $nature->partOf,
            self::DrawnOn => $nature->drawing->value ?? '',
            self::InsteadOf => $nature->insteadOf,
            self::SameAs => $nature->sameAs,
            self::Leaves => $nature->leaves,
            self::Step => $nature->step,
            self::Set => $nature->isSet ? $this->value : '',
            self::SeenOpen => $nature->isOnlyOpen && $nature->origin === Origin::Measured ? $this->value : '',
        };
    }
}
