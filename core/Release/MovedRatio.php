<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;

/** A ratio of the chain as it is entered, or found by moving one end a known amount and reading the other. Common practice, no source. */
final class MovedRatio
{
    public const PEDAL = 'release.pedal_ratio';

    public const LINKAGE = 'release.linkage_ratio';

    public const FORK = 'release.fork_ratio';

    public const FINGER = 'release.finger_ratio';

    /** By ratio: the end that moves more, and the one that moves less, by the same press of the pedal. */
    private const ENDS = [
        self::PEDAL => ['release.pad_moved', 'release.rod_moved'],
        self::LINKAGE => ['release.rod_moved', 'release.fork_end_moved'],
        self::FORK => ['release.fork_end_moved', 'release.bearing_moved'],
        self::FINGER => ['release.bearing_moved', 'release.plate_moved'],
    ];

    /** Nothing where it is neither entered nor both its ends were measured. */
    public static function of(FieldValues $values, string $ratio): ?Ratio
    {
        return $values->one(Ratio::class, $ratio) ?? self::moved($values, $ratio);
    }

    /** What the two ends that were measured come to; nothing where one of them was not, or did not move. */
    public static function moved(FieldValues $values, string $ratio): ?Ratio
    {
        [$more, $less] = array_map(static fn (string $key): ?Length => $values->one(Length::class, $key), self::ENDS[$ratio]);

        return $more === null || $less === null || $more->value <= 0.0 || $less->value <= 0.0 ? null : $more->ratioTo($less);
    }

    /** @return array<string, Ratio> by the name of the ratio, those that were measured so */
    public static function all(FieldValues $values): array
    {
        $found = [];
        foreach (array_keys(self::ENDS) as $ratio) {
            $moved = self::moved($values, $ratio);
            if ($moved !== null) {
                $found[$ratio] = $moved;
            }
        }

        return $found;
    }
}
