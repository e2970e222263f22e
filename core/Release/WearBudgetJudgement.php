<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Inspection\Disc\WearJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\Actuation;

/** After how much lining wear the release has to be measured or adjusted again. An interval, not a fault of the fitting. */
final readonly class WearBudgetJudgement implements Judgement
{
    private const MEASURED = [
        'release.depth_to_fingers',
        'release.bearing_height',
        'release.clearance',
        'release.free_play',
        'release.play_after',
        'release.slave_stroke_left',
        'truck.fork_play',
    ];

    /** Less is none, mm. */
    private const USED_UP_MM = 1e-9;

    /** By then somebody looks again, at the latest: km, of a tractor h. From memory [M]. */
    private const LOOK_KM = 10_000.0;

    private const LOOK_H = 250.0;

    public function topic(): Topic
    {
        return new Topic('release.budget', 'The wear that the release follows');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $fromPlay = self::fromPlay($sheet);
        if ($fromPlay !== null && in_array($sheet->actuation(), [Actuation::Cable, Actuation::Rod], true)) {
            $results->figure('release.clearance_from_play', $fromPlay->atFingers);
        }
        if ($values->flag('release.self_adjusting') || $values->word('kit.spring') === 'self_adjusting') {
            $results->finding(
                Finding::notApplicable('release.wear_budget', ReleaseSentences::nothingUsedUp()),
            );

            return;
        }
        $inHand = self::inHand($sheet);
        if ($inHand === null) {
            return;
        }
        $ratio = MovedRatio::of($values, MovedRatio::FINGER);
        if ($ratio === null && $sheet->actuation() === Actuation::Pull) {
            // The fork play itself is judged with the truck's other clearances; the ratio of its levers is seldom known.
            return;
        }
        if ($ratio === null) {
            $results->finding(
                Finding::unmeasured(
                    'release.wear_budget',
                    ReleaseSentences::budgetNeedsFingerRatio(),
                    'release.finger_ratio',
                ),
            );

            return;
        }
        $known = Estimate::of($sheet, static fn (JobSheet $s): ?Length => self::inHand($s)?->wearBudget($ratio), ...self::MEASURED);
        if ($known !== null) {
            $results->estimate('release.wear_budget', $known);
            $this->judge($inHand, $known, $sheet, $results);
        }
    }

    /** @param  Estimate<Length>  $known */
    private function judge(TravelInHand $inHand, Estimate $known, JobSheet $sheet, Results $results): void
    {
        $budget = $known->value;
        $limit = $sheet->limitBook()->get('release.wear_budget');
        $isSetAgain = in_array($inHand->then, [UsedUp::FreePlayGone, UsedUp::ForkPlayGone], true);
        // What is set again has no least but the shop's or the maker's own.
        $isUsedUp = $budget->value <= self::USED_UP_MM
            || ($known->against($limit) === Verdict::Out && (! $isSetAgain || $limit->source !== LimitSource::Practice));
        $usable = self::usableOfNewDisc($sheet);
        if ($usable === null && ! $isUsedUp && ! $isSetAgain) {
            $results->finding(
                Finding::unmeasured(
                    'release.wear_budget',
                    ReleaseSentences::budgetLiningUnknown($budget),
                    'disc.usable_per_side',
                )->against($limit),
            );

            return;
        }
        $replaceAt = $sheet->limitBook()->get('wear.percent')->max->value ?? 1.0;
        $verdict = match (true) {
            $isUsedUp => Verdict::Out,
            // An interval, not a fault: usual play gives a few tenths, and near is only what ends before anybody looks again.
            $isSetAgain => self::endsBeforeTheNextLook($budget, $sheet) ? Verdict::Near : Verdict::Within,
            // What it covers is judged with the doubt of what was measured: by as much it may cover less.
            $usable !== null &&
                $known->against(Limit::atLeast('release.wear_budget', $usable->times($replaceAt), LimitSource::Practice)) !==
                    Verdict::Within => Verdict::Near,
            default => $known->against($limit),
        };
        $results->finding(
            Finding::of(
                'release.wear_budget',
                $verdict,
                match ($verdict) {
                    Verdict::Out => ReleaseSentences::budgetTooSmall($budget, $inHand->then),
                    Verdict::Near => ReleaseSentences::budgetEndsBefore($budget, $inHand->then, self::when($budget, $sheet)),
                    default => $isSetAgain ? ReleaseSentences::setAgainThen($budget, $inHand->then, self::when($budget, $sheet))
                        : ReleaseSentences::budgetLasts($budget),
                },
            )
                ->against($limit)
                ->from(
                    'release.finger_ratio',
                    'disc.usable_per_side',
                    SettingSteps::of($sheet)->key(),
                    'release.slave_stroke_left',
                    'truck.fork_play',
                    'release.depth_to_fingers',
                    'release.bearing_height',
                )
                ->by(
                    "travel in hand ({$inHand->origin}) ÷ {finger ratio|release.finger_ratio}{=}, against the usable lining",
                    'release.wear_budget',
                ),
        );
    }

    /** Whether the wear at the rate of the last lining uses it up before the latest usual look. */
    private static function endsBeforeTheNextLook(Length $budget, JobSheet $sheet): bool
    {
        $when = self::when($budget, $sheet);

        return $when !== null && $when->value < ($when instanceof Distance ? self::LOOK_KM : self::LOOK_H);
    }

    /** After how far or how long, at the rate the last lining wore; nothing where no rate is known. */
    private static function when(Length $budget, JobSheet $sheet): ?Quantity
    {
        $used = WearJudgement::used($sheet);
        $since = $sheet->distanceSinceFitted() ?? $sheet->timeSinceFitted();

        return $used === null || $since === null ? null : $since->times($budget->value / $used->value);
    }

    /** Lining wear after which the release has to be adjusted again; nothing where nothing is used up, or it is not known. */
    public static function budget(JobSheet $sheet): ?Length
    {
        $ratio = MovedRatio::of($sheet->values, MovedRatio::FINGER);

        return $ratio === null || $sheet->values->flag('release.self_adjusting') || $sheet->values->word('kit.spring') === 'self_adjusting'
            ? null : self::inHand($sheet)?->wearBudget($ratio);
    }

    /** By the actuation; nothing where what it takes is not known. */
    private static function inHand(JobSheet $sheet): ?TravelInHand
    {
        $values = $sheet->values;
        $clearance = ClearanceJudgement::shimmed($sheet) ?? ClearanceJudgement::direct($sheet);
        $stroke = $values->one(Length::class, 'release.slave_stroke_left');
        $fork = MovedRatio::of($values, MovedRatio::FORK);
        $play = $values->one(Length::class, 'truck.fork_play');

        return match ($sheet->actuation()) {
            Actuation::Concentric => $stroke === null && $clearance === null ? null : TravelInHand::ofConcentric($stroke ?? $clearance),
            Actuation::Slave => match (true) {
                $stroke !== null && $fork !== null => TravelInHand::ofSlave($stroke, $fork, $values->flag('release.rod_adjustable')),
                // Of a rod that is set the clearance at the bearing, never the play at the master.
                $values->flag('release.rod_adjustable') && $clearance !== null => TravelInHand::ofClearance($clearance),
                default => null,
            },
            Actuation::Cable, Actuation::Rod => self::fromPlay($sheet),
            Actuation::Pull => $play === null ? null : TravelInHand::ofForkPlay($play),
            null => null,
        };
    }

    /** What the free play at the pad comes to at the fingers. */
    private static function fromPlay(JobSheet $sheet): ?TravelInHand
    {
        $play = SettingSteps::of($sheet)->freePlay();
        $pedal = MovedRatio::of($sheet->values, MovedRatio::PEDAL);
        $fork = MovedRatio::of($sheet->values, MovedRatio::FORK);
        $between = ChainOfSheet::between($sheet);

        return $play === null || $pedal === null || $fork === null || $between === null
            ? null
            : TravelInHand::ofFreePlay($play, $pedal, $between, $fork);
    }

    /** What the clutch that goes in can wear: by the kit where it says, else like the disc that came out. */
    private static function usableOfNewDisc(JobSheet $sheet): ?Length
    {
        return $sheet->values->one(Length::class, 'kit.usable_per_side')?->times(2) ?? WearJudgement::usable($sheet->values);
    }
}
