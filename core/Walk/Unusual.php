<?php

declare(strict_types=1);

namespace Spindle\Walk;

use Spindle\Limit\Said;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Quantity;
use Spindle\Sheet\Field;

/**
 * A reading that is possible and yet far from where such readings lie: taken once more before it counts. Neither is a verdict, and a
 * reading that comes out so twice stands.
 */
final class Unusual
{
    /** Share of the others' middle that a reading may lie beside it. From memory [M]. */
    private const SHARE = 0.25;

    /** Share by which a second reading may differ where nobody knows the doubt. From memory [M]. */
    private const SAME = 0.1;

    /** Times the doubt of the instrument; small readings differ by much of themselves. From memory [M]. */
    private const DOUBTS = 10.0;

    /** Fewer vehicles say nothing of a model. From memory [M]. */
    private const FEWEST = 3;

    /**
     * @param  AsRead  $read  what was just read
     * @param  Quantity|null  $doubt  how far the instrument can be trusted
     * @param  list<Quantity>  $beside  what was read at the other places of the same
     * @param  list<Quantity>  $onModel  what was read of it on other vehicles of the model
     * @return Said|null why it is asked for once more; nothing where it is as usual
     */
    public static function of(AsRead $read, ?Quantity $doubt, array $beside, array $onModel): ?Said
    {
        $value = $read->value->value;
        $least = self::DOUBTS * ($doubt->value ?? 0.0);
        if ($beside !== []) {
            $middle = self::middle($beside);
            if (abs($value - $middle) > max(self::SHARE * abs($middle), $least)) {
                return WalkSentences::farFromItsNeighbours($read, new AsRead($read->value::of($middle), $read->step));
            }
        }
        if (count($onModel) < self::FEWEST) {
            return null;
        }
        $all = array_map(static fn (Quantity $q): float => $q->value, $onModel);
        [$low, $high] = [min($all), max($all)];
        $room = max(($high - $low) / 2, self::SHARE * abs(self::middle($onModel)), $least);

        return $value < $low - $room || $value > $high + $room
            ? WalkSentences::notLikeTheModel(
                $read, new AsRead($read->value::of($low), $read->step), new AsRead($read->value::of($high), $read->step), count($all),
            ) : null;
    }

    /** Whether other vehicles of the model tell of it: what was worn, set or run differs from one to the next. */
    public static function isAlikeOnModel(Field $field): bool
    {
        return $field->nature()->isOfModel;
    }

    /** Whether a reading taken once more says the same, by what the instrument can tell apart; without one, by a tenth of it. */
    public static function isSame(Quantity $first, Quantity $second, ?Quantity $doubt): bool
    {
        return abs($first->value - $second->value) <= max(2 * ($doubt->value ?? 0.0), self::SAME * abs($first->value));
    }

    /** @param  non-empty-list<Quantity>  $of */
    private static function middle(array $of): float
    {
        $values = array_map(static fn (Quantity $q): float => $q->value, $of);
        sort($values);
        $half = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$half] : ($values[$half - 1] + $values[$half]) / 2;
    }
}
