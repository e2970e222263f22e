<?php

declare(strict_types=1);

namespace Spindle\Kit;

/** What the next job on a vehicle says of the kit that was fitted before. Common practice, no source. */
enum CameBack: string
{
    case Judder = 'judder';
    case EarlyWear = 'early wear';

    /** Sooner than this after it was fitted, slip is early wear. */
    private const EARLY_DAYS = 365;

    private const SLIP = ['slip_load', 'slip_hot', 'slip_high_gear'];

    /**
     * Nothing where the vehicle came back with something else.
     *
     * @param  list<string>  $signs  that were complained of
     * @param  float|null  $days  since the kit was fitted; nothing where that is not known
     */
    public static function with(array $signs, ?float $days): ?self
    {
        return match (true) {
            in_array('judder', $signs, true) => self::Judder,
            $days !== null && $days <= self::EARLY_DAYS && array_intersect(self::SLIP, $signs) !== [] => self::EarlyWear,
            default => null,
        };
    }
}
