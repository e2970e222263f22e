<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;

/** What is said of what is done now so that nothing waits later. */
final class PlanningSentences implements Sentences
{
    public static function bookTheMachinist(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Heat or scoring was found on the flywheel: book the machinist now, and '
            .'enter how many days that takes.');
    }

    public static function orderBeforeOpening(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Nothing is apart yet: look whether triage is sure enough to order '
            .'before the gearbox comes out; the two sums stand at Kit.');
    }

    public static function helper(Task $task, DateTimeImmutable $at): Said
    {
        return Said::as(__METHOD__, compact('task', 'at'), static fn (): string => "A helper for {$task->helperMinutes()} minutes at the "
            .($task->isHelpedAtEnd() ? 'end' : 'start').' of '.lcfirst($task->label()).", about {$at->format('D H:i')}.");
    }

    /** @param  string  $waitsFor  what the end of the job waits for */
    public static function decidesTheEnd(string $waitsFor): Said
    {
        return Said::as(__METHOD__, compact('waitsFor'), static fn (): string => ucfirst($waitsFor).' decides the end: a day sooner '
            .'there is a day sooner for the customer.');
    }
}
