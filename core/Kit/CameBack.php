<?php

declare(strict_types=1);

namespace Spindle\Kit;

/** What the next job on a vehicle says of the kit that was fitted before. Common practice, no source. */
enum CameBack: string
{
    case Judder = 'judder';
    case EarlyWear = 'early wear';

    /** Sooner than this after it was fitted, slip is early wear and judder may be the kit's; later, neither is its supplier's. */
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
            $days === null || $days > self::EARLY_DAYS => null,
            in_array('judder', $signs, true) => self::Judder,
            array_intersect(self::SLIP, $signs) !== [] => self::EarlyWear,
            default => null,
        };
    }
}
