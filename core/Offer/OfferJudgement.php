<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Whether what is done was agreed, and what it came to beside it. Nothing is asked of a job that was never offered. */
final readonly class OfferJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('offer.answer', 'What was offered');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $offer = Accepted::of($sheet->values);
        if ($offer === null) {
            return;
        }
        $results->finding(self::answer($offer, $sheet));
        $cameTo = $sheet->values->one(Ratio::class, OfferFields::CAME_TO);
        if ($cameTo !== null) {
            $isBeyond = $offer->isExceededBy($cameTo->value, $sheet);
            $verdict = $isBeyond || ! $offer->isAccepted() ? Verdict::Near : Verdict::Within;
            $results->finding(Finding::of('offer.came_to', $verdict, match (true) {
                ! $offer->isAccepted() => OfferSentences::cameToWithoutYes($cameTo->value, $offer->currency),
                $isBeyond => OfferSentences::cameToMore(
                    $cameTo->value, $offer->total, $offer->currency, OfferRules::of($sheet)->tolerance,
                ),
                default => OfferSentences::cameTo($cameTo->value, $offer->total, $offer->currency),
            })->from(OfferFields::CAME_TO, OfferFields::TOTAL, OfferFields::ANSWER));
        }
    }

    private static function answer(Accepted $offer, JobSheet $sheet): Finding
    {
        $of = static fn (Finding $finding): Finding => $finding->from(
            OfferFields::ANSWER, OfferFields::ANSWERED_BY, OfferFields::ANSWERED_ON, OfferFields::NUMBER,
        );
        $answer = $offer->answer();
        if ($answer === null) {
            return $of(Finding::of('offer.answer', Verdict::Near, $offer->answered === null || $offer->answered === $offer->number
                ? OfferSentences::notAnswered($offer->number) : OfferSentences::earlierAnswered($offer->number, $offer->answered)));
        }
        if ($answer === OfferAnswer::Declined) {
            return $of(Finding::of('offer.answer', Verdict::Near, OfferSentences::declined($offer->total, $offer->currency)));
        }
        $by = $sheet->values->word(OfferFields::ANSWERED_BY);
        $on = $sheet->values->word(OfferFields::ANSWERED_ON);

        return $by === null || $on === null
            ? Finding::unmeasured('offer.answer', OfferSentences::acceptedByNobody(), OfferFields::ANSWERED_BY, OfferFields::ANSWERED_ON)
            : $of(Finding::of('offer.answer', Verdict::Within, OfferSentences::accepted($offer->total, $offer->currency, $by, $on)));
    }
}
