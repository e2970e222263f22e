<?php

declare(strict_types=1);

namespace Spindle\Inspection\Bearing;

use Spindle\Inspection\Conditions;
use Spindle\Inspection\ConditionsJudgement;
use Spindle\Inspection\InspectionSentences;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Comparison;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\Actuation;

/** The release bearing with its fork and guide sleeve. */
final readonly class BearingSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->parts(Station::Strip, 'bearing', 'fork', 'sleeve');
        $dictionary->fieldsUnless(self::whyNotAsked(...), BearingFields::all(...));
        $dictionary->comparisons(Comparison::onlyGiven('bearing.play'));
        $dictionary->judgements(
            new ConditionsJudgement(
                self::bearing(),
                also: static fn (JobSheet $s): ?Said => $s->actuation() === Actuation::Concentric
                    ? InspectionSentences::concentricIsReplaced() : null,
            ),
            new ConditionsJudgement(self::fork()),
            new ConditionsJudgement(self::sleeve()),
        );
    }

    public static function bearing(): Conditions
    {
        $out = Verdict::Out;
        $near = Verdict::Near;

        return Conditions::of('bearing', 'Release bearing', [
            ['rough', 'rough', $out, 'replace'],
            ['dry', 'dry, grease lost', $out, 'replace'],
            ['noisy', 'noisy', $out, 'replace'],
            ['loose', 'looser than a new one', $out, 'replace'],
            ['wet', 'wet (concentric slave)', $out, 'replace complete; the next leak costs the whole job'],
            ['clip', 'clip broken or missing', $out, 'new clip, and find the old one'],
            ['overgreased', 'greased too much', $near, 'a pump or two a year; more ends up on the disc'],
            ['face_track', 'track worn into the face', $near, 'replace with the kit'],
        ]);
    }

    public static function fork(): Conditions
    {
        $out = Verdict::Out;

        return Conditions::of('fork', 'Fork and pivot', [
            ['bent', 'bent', $out, 'replace the fork; look for what overloaded it'],
            ['cracked', 'cracked at the ball or pivot', $out, 'replace the fork'],
            ['worn_pads', 'pads worn', $out, 'replace; worn pads eat the stroke'],
            ['worn_pivot', 'pivot or ball worn', $out, 'replace the pivot with the fork'],
        ]);
    }

    public static function sleeve(): Conditions
    {
        $out = Verdict::Out;

        return Conditions::of('sleeve', 'Guide sleeve', [
            ['stepped', 'steps worn into it', $out, 'replace: the bearing cocks on it and judders'],
            ['catches', 'the bearing catches on it', $out, 'replace, or find the burr'],
            ['loose', 'loose in its seat', $out, 'replace, or mend the seat'],
        ]);
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $part = explode('.', $key)[0];

        return $sheet->actuation() === Actuation::Concentric && ($part === 'fork' || $part === 'sleeve')
            ? 'a concentric bearing has neither fork nor sleeve' : '';
    }
}
