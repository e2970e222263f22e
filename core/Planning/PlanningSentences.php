<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Vehicle\VehicleClass;

/** What is said of what is done now so that nothing waits later. */
final class PlanningSentences implements Sentences
{
    public static function bookTheMachinist(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Heat or scoring was found on the flywheel: book the machinist now, and '
            .'enter how many days that takes.');
    }

    /** @param  DateTimeImmutable  $on  the day it was to be back */
    public static function flywheelIsLate(DateTimeImmutable $on): Said
    {
        return Said::as(__METHOD__, compact('on'), static fn (): string => 'The flywheel was to be back from the machinist on '
            ."{$on->format('D j M')}: ask, and enter the day he says now. The plan has it back at once.");
    }

    public static function orderBeforeOpening(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Nothing is apart yet: look whether triage is sure enough to order '
            .'before the gearbox comes out; the two sums stand at Kit.');
    }

    public static function helper(Task $task, DateTimeImmutable $at, ?VehicleClass $class = null): Said
    {
        return Said::as(__METHOD__, compact('task', 'at', 'class'), static fn (): string => "A helper for {$task->helperMinutes()} minutes "
            .'at the '.($task->isHelpedAtEnd() ? 'end' : 'start').' of '.lcfirst($task->label($class)).", about {$at->format('D H:i')}.");
    }

    /** @param  float  $share  of all runs that are done by the promised day, from nought to one */
    public static function promised(float $share): Said
    {
        return Said::as(__METHOD__, compact('share'), static fn (Display $d): string => match (true) {
            $share >= Promise::SAFE => 'safe',
            $share >= Promise::LIKELY => 'likely, not safe',
            default => 'no longer likely',
        }.', kept in '.$d->number(floor(100 * $share), 0).' of 100 such jobs.');
    }

    public static function hoursLeft(float $hours): Said
    {
        return Said::as(__METHOD__, compact('hours'), static fn (Display $d): string => "{$d->number($hours, 1)} hours of work are left.");
    }

    public static function partsSave(DateTimeImmutable $on): Said
    {
        return Said::as(__METHOD__, compact('on'), static fn (): string => 'Parts by '.$on->format('D j M').' would make it likely: '
            .'another supplier’s kit, or an express delivery.');
    }

    /**
     * @param  int  $days  until it is there, ordered now
     * @param  int  $asked  so many data of it or of the vehicle are to be asked first; none where it is known to fit and carry
     */
    public static function otherKitSaves(string $number, string $supplier, int $days, int $asked, bool $isOrdered): Said
    {
        $filled = compact('number', 'supplier', 'days', 'asked', 'isOrdered');

        return Said::as(__METHOD__, $filled, static fn (): string => "Kit {$number} of {$supplier}, "
            .match ($days) {
                0 => 'there today',
                1 => 'there in a day',
                default => "there in {$days} days",
            }.', would make it likely'
            .($asked === 0 ? ': it is known to fit and to carry.' : '. Nothing that is known speaks against it, and '
                .($asked === 1 ? 'one datum is' : "{$asked} data are").' to be asked before it can be promised.')
            .($isOrdered ? ' The one that is on its way would have to be cancelled or sent back.' : ''));
    }

    public static function overtimeSaves(int $hours): Said
    {
        return Said::as(__METHOD__, compact('hours'), static fn (): string => "{$hours} hours longer a day until "
            .'then would make it likely.');
    }

    /** @param  float  $left  of the hours, where two are at it */
    public static function handsSave(float $left): Said
    {
        return Said::as(__METHOD__, compact('left'), static fn (Display $d): string => 'A second pair of hands while the '
            ."gearbox comes out and goes back would make it likely; taken as {$d->percent($left)} of those hours, from memory.");
    }

    public static function deliveryOpen(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Parts are ordered, and on which day they come is not said: their days '
            .'are counted from now. Enter the day.');
    }

    /** @param  string  $waitsFor  what the end of the job waits for */
    public static function decidesTheEnd(string $waitsFor): Said
    {
        return Said::as(__METHOD__, compact('waitsFor'), static fn (): string => ucfirst($waitsFor).' decides the end: a day sooner '
            .'there is a day sooner for the customer.');
    }
}
