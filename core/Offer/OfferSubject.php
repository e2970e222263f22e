<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** What the customer was told it would cost, what was answered, and what it came to. */
final readonly class OfferSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Kit, 'offer');
        $dictionary->fields(OfferFields::all(...));
        $dictionary->section(OfferRules::NAME, OfferRules::section());
        $dictionary->judgements(new OfferJudgement);
    }
}
