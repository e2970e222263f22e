<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Release\ChainOfSheet;
use Spindle\Release\ReleaseChain;
use Spindle\Release\SettingJudgement;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Where the clutch takes up on the vehicle, against the band or the driver's wish, and against what the chain foretold. */
final readonly class TakeUpJudgement implements Judgement
{
    /** Further from what was foretold than this share of the travel, and something in the chain is not as entered. From memory [M]. */
    private const FORETOLD = 0.08;

    public function topic(): Topic
    {
        return new Topic('prove.take_up_point', 'The take-up on the vehicle');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $height = $sheet->values->one(Length::class, ProvingFields::HEIGHT);
        if ($height === null) {
            return;
        }
        $travel = $sheet->values->one(Length::class, 'release.pedal_travel');
        if ($travel === null) {
            $results->missing($sheet, 'prove.take_up_height', ProvingSentences::takeUpPlaceUnknown(),
                ['release.pedal_travel']);

            return;
        }
        $at = $height->ratioTo($travel);
        $results->figure('prove.take_up_percent', $at);
        $wish = self::wish($sheet);
        $limit = self::wanted($sheet);
        $verdict = $limit->judge($at, $sheet->uncertainty(ProvingFields::HEIGHT)->ratioTo($travel));
        $cure = $verdict === Verdict::Within ? null : Cure::of(Test::TakeUp, $sheet)->said;
        $results->finding(Finding::of('prove.take_up_height', $verdict, ProvingSentences::takeUp($height, $at, $wish, $limit, $cure))
            ->against($limit)->from(ProvingFields::HEIGHT, 'release.pedal_travel', 'release.take_up_wanted')
            ->by('{take-up from the floor|prove.take_up.height} ÷ {pedal travel|release.pedal_travel}', 'prove.take_up_percent'));
        $this->foretold($at, $sheet, $results);
    }

    /** Where it takes up, above the floor; nothing where height or travel is not measured. */
    public static function share(JobSheet $sheet): ?Ratio
    {
        $height = $sheet->values->one(Length::class, ProvingFields::HEIGHT);
        $travel = $sheet->values->one(Length::class, 'release.pedal_travel');

        return $height === null || $travel === null ? null : $height->ratioTo($travel);
    }

    /** Where it is to take up: about where the driver wants it, else in the usual band. */
    public static function wanted(JobSheet $sheet): Limit
    {
        $wish = self::wish($sheet);

        return $wish === null ? $sheet->limitBook()->get('release.take_up_percent') : Limit::between('prove.take_up_height',
            Ratio::of(max(0.0, $wish->value - SettingJudgement::NEAR_ENOUGH)), Ratio::of($wish->value + SettingJudgement::NEAR_ENOUGH),
            LimitSource::Practice);
    }

    private static function wish(JobSheet $sheet): ?Ratio
    {
        return $sheet->values->one(Ratio::class, 'release.take_up_wanted');
    }

    private function foretold(Ratio $at, JobSheet $sheet, Results $results): void
    {
        $chain = ChainOfSheet::chain($sheet);
        $foretold = $chain instanceof ReleaseChain ? $chain->takeUpFromFloor() : null;
        if ($foretold === null) {
            return;
        }
        $isAs = abs($at->value - $foretold->value) <= self::FORETOLD;
        $results->finding(Finding::of('prove.as_foretold', $isAs ? Verdict::Within : Verdict::Near,
            ProvingSentences::asForetold($foretold, $at, $isAs))
            ->from(ProvingFields::HEIGHT, 'release.pedal_travel'));
    }
}
