<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Demand\Duty;
use Spindle\Quantity\Display;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** What is worth saying of a kit on this vehicle that no limit decides. Common practice, no source, unless marked. */
final class Advice
{
    /** A clamp load raised by more asks more of fork and pivot than they were made for. From memory [M]. */
    private const FORK_RISE = 0.30;

    /** A flywheel lighter by more than this is felt. From memory [M]. */
    private const LIGHTER = 0.10;

    /** @return list<string> */
    public static function of(JobSheet $sheet, FieldValues $kit, Display $display): array
    {
        return array_values(array_filter([
            self::stock($sheet),
            self::fork($sheet, $kit, $display),
            self::effort($sheet, $kit, $display),
            self::flywheel($sheet, $kit, $display),
            self::disc($sheet, $kit, $display),
        ], static fn (string $said): bool => $said !== ''));
    }

    /** A stock vehicle on stock duty keeps a stock clutch. */
    public static function stock(JobSheet $sheet): string
    {
        $modified = trim($sheet->values->word('vehicle.modifications') ?? '');
        $isStock = in_array(strtolower($modified), ['', 'none', 'no', '-', '–'], true)
            && ($sheet->values->one(Ratio::class, 'engine.uplift')->value ?? 0.0) === 0.0
            && ! $sheet->values->has('engine.curve_before');

        return $isStock && in_array($sheet->values->word('duty'), [Duty::Town->value, Duty::Delivery->value], true)
            ? 'A stock vehicle on stock duty keeps a stock clutch: more clamp load buys a heavier pedal and nothing else.' : '';
    }

    private static function fork(JobSheet $sheet, FieldValues $kit, Display $display): string
    {
        $old = $sheet->values->one(Force::class, 'cover.clamp_load_new');
        $new = $kit->one(Force::class, 'kit.clamp_load');
        $rise = $old === null || $new === null || $old->value <= 0.0 ? 0.0 : $new->value / $old->value - 1;

        return $rise > self::FORK_RISE
            ? 'Clamp load '.$display->percent($rise).' above the old cover: check fork and pivot, or uprate them.' : '';
    }

    /** Pedal effort follows the release load; the old cover's has to be known. */
    public static function effortRise(JobSheet $sheet, FieldValues $kit): ?float
    {
        $old = $sheet->values->one(Force::class, 'match.release_load');
        $new = $kit->one(Force::class, 'kit.release_load');

        return $old === null || $new === null || $old->value <= 0.0 ? null : $new->value / $old->value - 1;
    }

    private static function effort(JobSheet $sheet, FieldValues $kit, Display $display): string
    {
        $rise = self::effortRise($sheet, $kit);

        return $rise === null ? '' : 'Pedal effort '.($rise < 0 ? '−' : '+').$display->percent(abs($rise)).' against the old kit.';
    }

    private static function flywheel(JobSheet $sheet, FieldValues $kit, Display $display): string
    {
        $old = $sheet->values->one(Mass::class, 'match.flywheel_mass');
        $new = $kit->one(Mass::class, 'kit.flywheel_mass');
        $less = $old === null || $new === null || $old->value <= 0.0 ? 0.0 : 1 - $new->value / $old->value;

        return $less > self::LIGHTER
            ? 'Flywheel '.$display->percent($less).' lighter: revs fall faster for shifting, it stalls easier, and with few cylinders '
                .'the gearbox may rattle at idle, since the damper springs unload between firings.'
            : '';
    }

    /** Moment of inertia of an annular disc, ½ m (Ro² + Ri²). Source: mechanics of rigid bodies. */
    private static function disc(JobSheet $sheet, FieldValues $kit, Display $display): string
    {
        [$mass, $oldMass] = [$kit->one(Mass::class, 'kit.disc_mass'), $sheet->values->one(Mass::class, 'match.disc_mass')];
        [$outer, $inner] = [$kit->one(Length::class, 'kit.lining_outer'), $kit->one(Length::class, 'kit.lining_inner')];
        if ($mass === null || $outer === null || $inner === null) {
            return '';
        }
        $inertia = self::inertia($mass, $outer, $inner);
        $share = $oldMass === null ? null : $mass->value / $oldMass->value - 1;

        return 'Disc of '.$display->number($inertia * 1000, 1).' g·m²'.match (true) {
            $share === null, abs($share) < 0.02 => '.',
            $share > 0 => ', '.$display->percent($share).' heavier than the old one: it shifts slower.',
            default => ', '.$display->percent(-$share).' lighter than the old one.',
        };
    }

    /** In kg·m². */
    public static function inertia(Mass $mass, Length $outer, Length $inner): float
    {
        return 0.5 * $mass->value * (($outer->value / 2000) ** 2 + ($inner->value / 2000) ** 2);
    }
}
