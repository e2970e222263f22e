<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;

/** What is said of the new parts on the bench. */
final class BenchSentences implements Sentences
{
    /** What must be so before anything is fitted: what is said when it is not, and when it is. */
    private const MUST = [
        'bench.slides' => ['The disc does not slide on the shaft: not this disc, or the splines are rough.', 'It slides on the real '
            .'shaft.'],
        'bench.clears' => ['The disc stands on the crank bolts: it is the wrong way round, or the wrong disc. It will not release.',
            'It clears the crank bolts on the bare flywheel.'],
        'bench.tool' => ['The alignment tool does not fit pilot and hub.', 'The alignment tool fits.'],
        'bench.sits' => ['The cover does not sit on all dowels with its holes in line.', 'The cover sits on its dowels.'],
        'bench.release_test' => ['The disc drags with the pedal down: find out why before the gearbox goes on.', 'It releases.'],
    ];

    private const COUNTED = [
        'splines' => ['splines', 'it does not go on the shaft'], 'bolts' => ['cover bolts', 'it does not meet the flywheel'],
    ];

    /** @param  string  $trial  one of those that must be so before anything is fitted */
    public static function trial(string $trial, bool $isRight): Said
    {
        return Said::as(__METHOD__, compact('trial', 'isRight'), static fn (): string => self::MUST[$trial][$isRight ? 1 : 0]);
    }

    public static function newAgainstOldNotDone(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'New against old is not done');
    }

    public static function orientationNotWritten(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Which side of the disc faces the flywheel is not written down. Read the '
            .'old disc before it is thrown away.');
    }

    public static function orientationAgainstTheRule(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The longer hub towards the flywheel goes against the usual rule: read '
            .'the old disc, or try it on the bare flywheel.');
    }

    public static function orientationByRule(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Orientation by the usual rule alone; a trial on the bare flywheel '
            .'decides.');
    }

    /** @param  string  $by  how it was made sure of: old_disc, trial, mark */
    public static function orientation(string $by): Said
    {
        return Said::as(__METHOD__, compact('by'), static fn (): string => match ($by) {
            'old_disc' => 'Orientation as the old disc was.',
            'trial' => 'Orientation tried on the bare flywheel.',
            default => "Orientation by the maker's mark.",
        });
    }

    public static function nothingWrong(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Out of the box nothing is wrong.');
    }

    /** @param  list<string>  $seen  what is wrong, in words */
    public static function damaged(array $seen): Said
    {
        return Said::as(__METHOD__, compact('seen'), static fn (): string => implode('; ', $seen)
            .'. Refuse it, with a photo and a word to the supplier.');
    }

    public static function nobodyAccepted(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Nobody has accepted the new parts, or sent them back.');
    }

    public static function accepted(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The parts are accepted.');
    }

    public static function sentBackWithoutWhy(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Sent back: say why, for the supplier.');
    }

    public static function sentBack(string $why): Said
    {
        return Said::as(__METHOD__, compact('why'), static fn (): string => "Sent back: {$why}. The job waits for the right parts.");
    }

    /** @param  list<array{Pair, Length, Length}>  $differing  each as listed and as measured */
    public static function notAsListed(array $differing): Said
    {
        return Said::as(__METHOD__, compact('differing'), static fn (Display $d): string => 'The part is not what the list says: '.implode(
            '; ', array_map(static fn (array $one): string => lcfirst($one[0]->label())." {$d->quantity($one[1], 0.1)} in the list, "
                ."{$d->quantity($one[2], 0.1)} measured", $differing),
        ).'. Every figure here is made of what was measured. A part other than ordered goes back.');
    }

    /** @param  string  $counted  splines or bolts */
    public static function notCountedAsListed(string $counted, int $listed, int $found): Said
    {
        return Said::as(__METHOD__, compact('counted', 'listed', 'found'), static fn (): string => "{$found} ".self::COUNTED[$counted][0]
            ." counted, {$listed} in the list. Every figure here is made of what was counted.");
    }

    /** @param  string  $counted  splines or bolts */
    public static function counted(string $counted, int $old, int $new): Said
    {
        return Said::as(__METHOD__, compact('counted', 'old', 'new'), static function () use ($counted, $old, $new): string {
            [$what, $wrong] = self::COUNTED[$counted];

            return $old === $new ? "{$new} {$what}, as before." : "{$new} {$what}, {$old} before: {$wrong}.";
        });
    }

    /** @param  string  $counted  splines or bolts */
    public static function oneCounted(string $counted): Said
    {
        return Said::as(__METHOD__, compact('counted'), static fn (): string => ucfirst(self::COUNTED[$counted][0])
            .': of new and old only one is read.');
    }

    public static function oneRead(Pair $pair): Said
    {
        return Said::as(__METHOD__, compact('pair'), static fn (): string => "{$pair->label()}: of new and old only one is read.");
    }

    public static function asBefore(Pair $pair): Said
    {
        return Said::as(__METHOD__, compact('pair'), static fn (): string => "{$pair->label()}: as before, as far as it can be measured.");
    }

    /** @param  Length  $by  more than before; less where below nought */
    public static function hardlyDiffers(Pair $pair, Length $by): Said
    {
        return Said::as(__METHOD__, compact('pair', 'by'), static fn (Display $d): string => "{$pair->label()}: "
            .self::byHowMuch($by, $d).', no more than between two new ones.');
    }

    /** @param  Length  $by  more than before; less where below nought */
    public static function differs(Pair $pair, Length $by): Said
    {
        return Said::as(__METHOD__, compact('pair', 'by'), static fn (Display $d): string => "{$pair->label()}: "
            .self::byHowMuch($by, $d).': '.self::consequence($pair, $by->value > 0.0).'.');
    }

    private static function byHowMuch(Length $by, Display $d): string
    {
        return $d->quantity(Length::mm(abs($by->value)), 0.01).($by->value > 0.0 ? ' more' : ' less').' than before';
    }

    /** What a difference means for the work. Common practice, no source. */
    public static function consequence(Pair $pair, bool $isMore): string
    {
        return match ($pair) {
            Pair::Outer => $isMore ? 'see that it lies on the friction face and goes into the cover' : 'it carries less at the same load',
            Pair::Thickness => 'an old disc is worn; against the new one of before it moves the fingers',
            Pair::HubFlywheel => $isMore ? 'try it on the bare flywheel: it may stand on the crank bolts' : 'more room to the crank bolts',
            Pair::HubGearbox => $isMore ? 'see that the fingers do not meet it with the pedal down' : 'more room to the fingers',
            Pair::Fingers => $isMore ? 'the bearing clearance shrinks by as much' : 'the bearing clearance grows by as much',
            Pair::BoltCircle => 'the cover does not meet the flywheel',
        };
    }
}
