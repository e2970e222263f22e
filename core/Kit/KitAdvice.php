<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Demand\Duty;
use Spindle\Limit\Said;
use Spindle\Quantity\Force;
use Spindle\Quantity\Inertia;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** What is worth saying of a kit on this vehicle that no limit decides. Common practice, no source, unless marked. */
final class KitAdvice
{
    /** A clamp load raised by more asks more of fork and pivot than they were made for. From memory [M]. */
    private const FORK_RISE = 0.30;

    /** A flywheel lighter by more than this is felt. From memory [M]. */
    private const LIGHTER = 0.10;

    /** A disc that differs by less is as heavy. From memory [M]. */
    private const AS_HEAVY = 0.02;

    /** @return list<Said> */
    public static function of(JobSheet $sheet, FieldValues $kit): array
    {
        return array_values(array_filter([
            self::stock($sheet),
            self::fork($sheet, $kit),
            self::effort($sheet, $kit),
            self::flywheel($sheet, $kit),
            self::disc($sheet, $kit),
        ]));
    }

    /** A stock vehicle on stock duty keeps a stock clutch. */
    public static function stock(JobSheet $sheet): ?Said
    {
        $modified = trim($sheet->values->word('vehicle.modifications') ?? '');
        $isStock = in_array(strtolower($modified), ['', 'none', 'no', '-', '–'], true)
            && ($sheet->values->one(Ratio::class, 'engine.uplift')->value ?? 0.0) === 0.0
            && ! $sheet->values->has('engine.curve_before');

        return $isStock && in_array($sheet->values->word('duty'), [Duty::Town->value, Duty::Delivery->value], true)
            ? KitSentences::stockStaysStock() : null;
    }

    private static function fork(JobSheet $sheet, FieldValues $kit): ?Said
    {
        $old = $sheet->values->one(Force::class, 'cover.clamp_load_new');
        $new = $kit->one(Force::class, 'kit.clamp_load');
        $rise = $old === null || $new === null || $old->value <= 0.0 ? 0.0 : $new->value / $old->value - 1;

        return $rise > self::FORK_RISE ? KitSentences::clampAboveOld(Ratio::of($rise)) : null;
    }

    /** Pedal effort follows the release load; the old cover's has to be known. */
    public static function effortRise(JobSheet $sheet, FieldValues $kit): ?float
    {
        $old = $sheet->values->one(Force::class, 'match.release_load');
        $new = $kit->one(Force::class, 'kit.release_load');

        return $old === null || $new === null || $old->value <= 0.0 ? null : $new->value / $old->value - 1;
    }

    private static function effort(JobSheet $sheet, FieldValues $kit): ?Said
    {
        $rise = self::effortRise($sheet, $kit);

        return $rise === null ? null : KitSentences::effort(Ratio::of($rise));
    }

    private static function flywheel(JobSheet $sheet, FieldValues $kit): ?Said
    {
        $old = $sheet->values->one(Mass::class, 'match.flywheel_mass');
        $new = $kit->one(Mass::class, 'kit.flywheel_mass');
        $less = $old === null || $new === null || $old->value <= 0.0 ? 0.0 : 1 - $new->value / $old->value;

        return $less > self::LIGHTER ? KitSentences::flywheelLighter(Ratio::of($less)) : null;
    }

    /** Moment of inertia of an annular disc, ½ m (Ro² + Ri²). Source: mechanics of rigid bodies. */
    private static function disc(JobSheet $sheet, FieldValues $kit): ?Said
    {
        [$mass, $oldMass] = [$kit->one(Mass::class, 'kit.disc_mass'), $sheet->values->one(Mass::class, 'match.disc_mass')];
        [$outer, $inner] = [$kit->one(Length::class, 'kit.lining_outer'), $kit->one(Length::class, 'kit.lining_inner')];
        if ($mass === null || $outer === null || $inner === null) {
            return null;
        }
        $share = $oldMass === null ? null : $mass->value / $oldMass->value - 1;

        return KitSentences::discInertia(
            self::inertia($mass, $outer, $inner), $share === null || abs($share) < self::AS_HEAVY ? null : Ratio::of($share),
        );
    }

    public static function inertia(Mass $mass, Length $outer, Length $inner): Inertia
    {
        return Inertia::of(0.5 * $mass->value * (($outer->value / 2000) ** 2 + ($inner->value / 2000) ** 2));
    }
}
