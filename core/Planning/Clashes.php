<?php

declare(strict_types=1);

namespace Spindle\Planning;

/**
 * What of a board cannot be: two tasks in one person's hands, two vehicles on one place (one of them in pieces there, though nobody works
 * on it), a task before the one it follows.
 */
final class Clashes
{
    /**
     * @param  list<Slot>  $slots
     * @param  list<Hold>  $holds  places that vehicles take up, laid on these days or before
     * @return list<array{0: Slot, 1: Slot, 2: string}> both, and what clashes
     */
    public static function of(array $slots, array $holds = []): array
    {
        $clashes = [];
        foreach ($holds as $hold) {
            foreach ($slots as $slot) {
                if ($hold->isApart && $hold->bars($slot)) {
                    $clashes[] = [$slot, $hold->by, 'where another stands in pieces'];
                } elseif ($hold->isLeftBy($slot)) {
                    $clashes[] = [$slot, $hold->by, "in pieces, and it stands on {$hold->place}"];
                }
            }
        }
        foreach ($slots as $i => $one) {
            foreach (array_slice($slots, $i + 1) as $other) {
                $why = self::why($one, $other);
                if ($why !== '') {
                    $clashes[] = [$one, $other, $why];
                }
            }
        }

        return $clashes;
    }

    private static function why(Slot $one, Slot $other): string
    {
        $order = array_flip(array_column(Task::cases(), 'value'));
        [$first, $second] = $order[$one->task->value] <= $order[$other->task->value] ? [$one, $other] : [$other, $one];

        return match (true) {
            $one->job === $other->job && $second->start < $first->end => 'of one job, and not in order',
            ! $one->overlaps($other) => '',
            $one->person !== null && $one->person === $other->person => 'in the same hands',
            $one->place !== '' && $one->place === $other->place && $one->job !== $other->job
                && $one->task->needsPlace() && $other->task->needsPlace() => 'on the same place',
            default => '',
        };
    }
}
