<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Limit\Said;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** How an offer stands: its number, what it is for, and whether it, and not an earlier one, was answered. */
final readonly class Accepted
{
    private function __construct(
        public int $number,
        public float $total,
        public string $currency,
        public ?OfferAnswer $answer,
        public ?int $answered,
    ) {
    }

    /** Nothing where no offer was made. */
    public static function of(FieldValues $values): ?self
    {
        $number = $values->count(OfferFields::NUMBER);
        $total = $values->one(Ratio::class, OfferFields::TOTAL);

        return $number === null || $total === null ? null : new self(
            $number, $total->value, $values->word(OfferFields::CURRENCY) ?? '',
            OfferAnswer::tryFrom($values->word(OfferFields::ANSWER) ?? ''), $values->count(OfferFields::ANSWERED_NUMBER),
        );
    }

    /** The answer to this offer; one to an earlier offer is none. */
    public function answer(): ?OfferAnswer
    {
        return $this->answered === $this->number ? $this->answer : null;
    }

    public function isAccepted(): bool
    {
        return $this->answer() === OfferAnswer::Accepted;
    }

    /** Whether a sum is further beyond it than the shop lets pass without asking. */
    public function isExceededBy(float $sum, JobSheet $sheet): bool
    {
        return $sum > $this->total * (1 + OfferRules::of($sheet)->tolerance / 100) + 0.005;
    }

    /** Where what is known now is beyond what was accepted: that it is; nothing where it is not. */
    public function beyond(Offer $now, JobSheet $sheet): ?Said
    {
        return $this->isAccepted() && $now->currency === $this->currency && $this->isExceededBy($now->total, $sheet)
            ? OfferSentences::wouldComeTo($now->total, $this->total, $this->currency) : null;
    }
}
