<?php

declare(strict_types=1);

namespace Spindle\Walk;

use Spindle\Limit\Instrument;
use Spindle\Sheet\Place;

/**
 * Steps in the order a person goes: one phase of the work after the other, in each of them with few changes of place and few of what is in
 * the hand. A step that wants no instrument leaves the one in hand there; one that can be said anywhere moves nobody.
 *
 * Method: nearest neighbour over (place, instrument), with a look at where the next phase goes on. It is not the best order in every case;
 * held against a search of all orders it is within two changes of it.
 */
final class Order
{
    /**
     * @param  list<Step>  $steps  in the order of the work
     * @param  Place|null  $place  where the person stands now
     * @return list<Step>
     */
    public static function of(array $steps, ?Place $place = null, ?Instrument $inHand = null): array
    {
        $byPhase = [];
        foreach ($steps as $step) {
            $byPhase[$step->phase->value][] = $step;
        }
        ksort($byPhase);
        $phases = array_values($byPhase);
        $ordered = [];
        foreach ($phases as $i => $phase) {
            $last = array_values(array_filter($phase, static fn (Step $s): bool => $s->isLast));
            $rest = array_values(array_filter($phase, static fn (Step $s): bool => ! $s->isLast));
            foreach ([...self::within($rest, self::places($phases[$i + 1] ?? []), $place, $inHand), ...$last] as $step) {
                $ordered[] = $step;
                [$place, $inHand] = [$step->place ?? $place, $step->instrument ?? $inHand];
            }
        }

        return $ordered;
    }

    /** How often whoever takes them in this order goes elsewhere, or takes up another instrument. */
    public static function changes(Step ...$steps): int
    {
        [$place, $inHand, $changes] = [null, null, 0];
        foreach ($steps as $step) {
            $changes += (int) ($step->place !== null && $place !== null && $step->place !== $place);
            $changes += (int) ($step->instrument !== null && $inHand !== null && $step->instrument !== $inHand);
            [$place, $inHand] = [$step->place ?? $place, $step->instrument ?? $inHand];
        }

        return $changes;
    }

    /**
     * @param  list<Step>  $steps  of one phase
     * @param  list<Place>  $next  where the phase after it goes on
     * @return list<Step>
     */
    private static function within(array $steps, array $next, ?Place $place, ?Instrument $inHand): array
    {
        /** @var array<string, non-empty-list<Step>> $groups */
        $groups = [];
        foreach ($steps as $step) {
            $groups[($step->place->value ?? '').'|'.($step->instrument->value ?? '')][] = $step;
        }
        $ordered = [];
        while ($groups !== []) {
            $costs = array_map(
                static fn (array $group): array => self::cost($group[0], array_merge(...array_values($groups)), $next, $place, $inHand),
                $groups,
            );
            asort($costs);
            $nearest = array_key_first($costs);
            $group = $groups[$nearest];
            $first = $group[0];
            $ordered = [...$ordered, ...$group];
            [$place, $inHand] = [$first->place ?? $place, $first->instrument ?? $inHand];
            unset($groups[$nearest]);
        }

        return $ordered;
    }

    /**
     * What going on with a step costs, to be compared: changes first, then whether the place is wanted again by the phase after this one,
     * then whether the instrument is wanted elsewhere too.
     *
     * @param  list<Step>  $open  of the phase
     * @param  list<Place>  $next
     * @return array{int, int, int}
     */
    private static function cost(Step $step, array $open, array $next, ?Place $place, ?Instrument $inHand): array
    {
        $isElsewhere = $step->place !== null && $place !== null && $step->place !== $place;
        $takesUp = $step->instrument !== null && $inHand !== null && $step->instrument !== $inHand;
        $isWantedElsewhere = array_filter(
            $open,
            static fn (Step $s): bool => $s->instrument !== null && $s->instrument === $step->instrument && $s->place !== $step->place,
        ) !== [];

        return [
            // Leaving a place costs more than the way: whoever leaves it with something open comes back.
            2 * (int) $isElsewhere + (int) $takesUp,
            (int) ($step->place !== null && in_array($step->place, $next, true)),
            (int) ($isWantedElsewhere && $step->instrument !== $inHand),
        ];
    }

    /**
     * @param  list<Step>  $steps
     * @return list<Place>
     */
    private static function places(array $steps): array
    {
        return array_values(array_filter(array_map(static fn (Step $s): ?Place => $s->place, $steps)));
    }
}
