<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Quantity\Quantity;
use Spindle\Vehicle\VehicleClass;

/** What is said of a figure that is held against one limit. */
final class ComparisonSentences implements Sentences
{
    /** @param  string  $label  of the reading */
    public static function reading(string $label, Counts $counts, AsRead $value, Held $held): Said
    {
        return Said::as(__METHOD__, compact('label', 'counts', 'value', 'held'), static fn (Display $d): string => $label
            .($counts === Counts::Spread ? ', spread' : '').(str_contains($label, ',') ? ': ' : ' ').$d->read($value)
            .self::held($value->value, $held, $d));
    }

    /** @param  Said  $said  the beginning of the sentence, with the figure in it */
    public static function figure(Said $said, Quantity $value, Held $held): Said
    {
        return Said::as(__METHOD__, compact('said', 'value', 'held'), static fn (Display $d): string => $said->in($d)
            .self::held($value, $held, $d));
    }

    private static function held(Quantity $value, Held $held, Display $d): string
    {
        return ", {$held->limit->wording($d)}".match ($held->verdict) {
            Verdict::Out => ": {$held->remedy->said->in($d)}.",
            Verdict::Near => self::near($value, $held, $d),
            default => '.',
        };
    }

    /** Why a figure is near, and what follows: it stands in the watch band, or only its doubt keeps it from being plain. */
    private static function near(Quantity $value, Held $held, Display $d): string
    {
        $watching = $held->limit->watching($value, $d);
        $isReplaced = $held->remedy->isReplacement;

        return match (true) {
            $watching !== '' => ", {$watching}; ".($isReplaced ? 'replace' : 'set it').' while it is open.',
            $held->doubt !== null => '.'.Doubt::said($held->doubt, $d),
            default => $isReplaced ? '; measure again or replace.' : '; measure again.',
        };
    }

    /**
     * @param  string  $label  of the reading
     * @param  AsRead|null  $soFar  nothing where one place alone lies apart from no other
     * @param  int  $short  so many more places are wanted
     */
    public static function tooFewPlaces(string $label, ?AsRead $soFar, int $short, bool $isOver): Said
    {
        return Said::as(__METHOD__, compact('label', 'soFar', 'short', 'isOver'), static fn (Display $d): string => "{$label}: "
            .($short === 1 ? 'one more place' : 'two more places').' to measure before it says how even the part is'
            .($soFar === null ? '' : '; so far '.$d->read($soFar)).($isOver ? ', which is over the limit already.' : '.'));
    }

    public static function limitFollowsTheClass(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Measured, but its limit follows the class of the vehicle.');
    }

    public static function noLimitFor(VehicleClass $class): Said
    {
        return Said::as(__METHOD__, compact('class'), static fn (): string => "Recorded; no limit is known for a {$class->value}. Enter "
            ."the maker's figure where there is one.");
    }

    /**
     * @param  string  $label  of the reading
     * @param  list<AsRead>  $values
     */
    public static function onlyRecorded(string $label, array $values): Said
    {
        return Said::as(__METHOD__, compact('label', 'values'), static fn (Display $d): string => "{$label} "
            .implode(', ', array_map($d->read(...), $values)).": recorded, and judged by nothing without the maker's figure.");
    }

    /** @param  string  $label  of the reading */
    public static function placesApart(string $label, AsRead $by): Said
    {
        return Said::as(__METHOD__, compact('label', 'by'), static fn (Display $d): string => "{$label}: the places differ by "
            ."{$d->read($by)}; measure again. If it stays, the part is worn askew.");
    }

    public static function outsideTheGiven(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'outside the limit given for this job');
    }

    public static function givenAndNotJudged(string $limit): Said
    {
        return Said::as(__METHOD__, compact('limit'), static fn (): string => "A limit is given for “{$limit}”, which is worked out and "
            .'not judged; it is not used.');
    }

    public static function givenAndUnknown(string $limit): Said
    {
        return Said::as(__METHOD__, compact('limit'), static fn (): string => "A limit is given for “{$limit}”, which no check uses; "
            .'look at its name.');
    }

    /**
     * @param  list<string>  $limits  their names, as people say them
     * @param  int  $others  figures and rules beside them
     */
    public static function statedElsewhere(array $limits, int $others): Said
    {
        return Said::as(__METHOD__, compact('limits', 'others'), static fn (): string => ($limits === []
            ? '' : 'Stated by the file and not used: the limits of '.implode(', ', $limits).'. ')
            .($others === 0 ? '' : "{$others} makers’ figures or rules of the file are not used. ")
            .'The lead takes over what is right for this job.');
    }
}
