<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Inspection\Disc\WearJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
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
        $usable = self::usableOfNewDisc($sheet);
        if ($usable === null && $known->against($limit) !== Verdict::Out) {
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
            $known->against($limit) === Verdict::Out => Verdict::Out,
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
                    default => ReleaseSentences::budgetLasts($budget),
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
        $clearance = ClearanceJudgement::shimmed($sheet) ?? $values->one(Length::class, 'release.clearance');
        $stroke = $values->one(Length::class, 'release.slave_stroke_left');
        $fork = MovedRatio::of($values, MovedRatio::FORK);
        $play = $values->one(Length::class, 'truck.fork_play');

        return match ($sheet->actuation()) {
            Actuation::Concentric => $clearance === null ? null : TravelInHand::ofConcentric($clearance),
            Actuation::Slave => $values->flag('release.rod_adjustable')
                ? self::fromPlay($sheet)
                : ($stroke === null || $fork === null
                    ? null
                    : TravelInHand::ofSlave($stroke, $fork)),
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
