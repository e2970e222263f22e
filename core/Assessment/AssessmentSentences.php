<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Kit\KitPart;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Triage\Cause;

/** What is said of a job as a whole: its parts, how far it goes, and why the old clutch failed. */
final class AssessmentSentences implements Sentences
{
    public static function partsSettled(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Everything the job needs is in the kit, on the shelf, ordered or used '
            .'again.');
    }

    /**
     * @param  list<KitPart>  $parts  nobody has said where they come from
     * @param  list<KitPart>  $onlySaid  to be ordered, with no order that shows it
     */
    public static function partsOpen(array $parts, array $onlySaid): Said
    {
        return Said::as(__METHOD__, compact('parts', 'onlySaid'), static fn (): string => trim(
            ($parts === [] ? '' : 'Not settled where it comes from: '.self::names($parts).'. ')
            .($onlySaid === [] ? '' : 'Said to be ordered, and no order shows it: '.self::names($onlySaid)
                .'. Order it, or note where it was ordered.'),
        ));
    }

    /** @param  list<KitPart>  $parts */
    private static function names(array $parts): string
    {
        return implode(', ', array_map(static fn (KitPart $part): string => lcfirst($part->label()), $parts));
    }

    /** @param  Said  $rejected  what inspection says of it */
    public static function rejectedPartReused(KitPart $part, Said $rejected): Said
    {
        return Said::as(__METHOD__, compact('part', 'rejected'), static fn (Display $d): string => "{$part->label()} used again, and "
            ."inspection rejects it: {$rejected->in($d)}. Replace it, or say why it may stay.");
    }

    public static function unseenPartReused(KitPart $part): Said
    {
        return Said::as(__METHOD__, compact('part'), static fn (): string => "{$part->label()} used again, and nobody has looked at it.");
    }

    public static function concentricReplaced(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Replaced complete whenever the box is out: the next leak costs the '
            .'whole job');
    }

    public static function notLookedAt(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Not looked at');
    }

    public static function leaks(bool $isWet): Said
    {
        return Said::as(__METHOD__, compact('isWet'), static fn (): string => $isWet ? 'It leaks' : 'Dry');
    }

    public static function nothingAgainstIt(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Looked at, nothing against it');
    }

    /** A finding within another sentence: without its full stop. */
    public static function withoutStop(Finding $finding): Said
    {
        return Said::as(__METHOD__, compact('finding'), static fn (Display $d): string => rtrim($finding->say($d), '.'));
    }

    public static function settledBy(Cause $cause): Said
    {
        return Said::as(__METHOD__, compact('cause'), static fn (): string => "Settled by {$cause->settles}.");
    }

    /** @param  list<string>  $parts  what they are called */
    public static function stillToLookAt(array $parts): Said
    {
        return Said::as(__METHOD__, compact('parts'), static fn (): string => 'Still to look at: '.implode(', ', $parts).'.');
    }

    public static function brakeSeen(string $state): Said
    {
        return Said::as(__METHOD__, compact('state'), static fn (): string => 'Clutch brake: '.lcfirst($state).'.');
    }

    public static function found(Finding $finding): Said
    {
        return Said::as(__METHOD__, compact('finding'), static fn (Display $d): string => $finding->say($d));
    }

    /** @param  string  $condition  as it is ticked */
    public static function seen(StripPart $part, string $condition): Said
    {
        return Said::as(__METHOD__, compact('part', 'condition'), static fn (): string => ucfirst($part->name()).": {$condition}.");
    }
}
