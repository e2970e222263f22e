<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Inspection\WhileOpen\LabourRate;
use Spindle\Inspection\WhileOpen\ReplaceWhileOpen;
use Spindle\Inspection\WhileOpen\Soundness;
use Spindle\Inspection\WhileOpen\WhileOpenFields;
use Spindle\Kit\Completeness\PartNeed;
use Spindle\Kit\Completeness\PartState;
use Spindle\Kit\Contents;
use Spindle\Kit\KitPart;
use Spindle\Kit\Price;
use Spindle\Kit\Ranking\BoxAndRest;
use Spindle\Kit\Ranking\RankingRules;
use Spindle\Planning\JobPlan;
use Spindle\Planning\ThreePoint;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/**
 * What a job will cost by what is known of it now: its parts at the counter's or the shop's price, its hours as expected at the shop's
 * rate, what is replaced with it while it is open, tax. What has no price is in it without one, and the sum is then the least it comes to.
 */
final readonly class Offer
{
    /** What can be replaced while it is open, as the list of parts has it. */
    private const ON_THE_LIST = [
        'pilot' => KitPart::Pilot, 'release_bearing' => KitPart::Bearing, 'slave' => KitPart::ConcentricSlave, 'fork' => KitPart::Fork,
        'sleeve' => KitPart::GuideSleeve, 'rear_seal' => KitPart::CrankSeal, 'shaft_seal' => KitPart::ShaftSeal,
    ];

    /**
     * @param  list<OfferLine>  $lines
     * @param  list<OfferOption>  $options
     * @param  float  $hours  of work, as expected
     */
    private function __construct(
        public array $lines,
        public array $options,
        public float $total,
        public string $currency,
        public float $hours,
    ) {
    }

    public static function of(JobSheet $sheet, KnownPrices $prices): self
    {
        $outcome = Reach::of($sheet)->outcome;
        $kit = Reach::hasKit($sheet) ? $sheet->values : $prices->candidate;
        $hours = array_sum(array_map(static fn (ThreePoint $t): float => $t->expected(), JobPlan::hours($sheet, $prices->hours)));
        $rate = LabourRate::of($sheet);
        $parts = self::parts($sheet, $kit, $prices->parts);
        $options = $outcome === Outcome::Strip ? self::options($sheet, $kit, $parts) : [];
        $lines = [
            ...($outcome === Outcome::Strip ? [self::kit($sheet, $kit)] : []),
            ...array_values($parts),
            ...self::flywheel($sheet),
            new OfferLine(OfferSentences::labour($hours, $rate), $rate === null ? null : $hours * $rate->value),
            ...self::taken($sheet, $options),
            ...self::other($sheet),
        ];
        $sum = array_sum(array_map(static fn (OfferLine $l): float => round($l->amount ?? 0.0, 2), $lines));
        $tax = OfferRules::of($sheet)->tax;
        if ($tax !== null) {
            $lines[] = new OfferLine(OfferSentences::tax($tax), $sum * $tax / 100);
            $sum += round($sum * $tax / 100, 2);
        }

        return new self($lines, $options, round($sum, 2), self::currency($sheet, $kit), $hours);
    }

    /** Whether something of it has no price: it comes to more than its sum. */
    public function isAtLeast(): bool
    {
        return array_filter($this->lines, static fn (OfferLine $l): bool => $l->amount === null) !== [];
    }

    private static function kit(JobSheet $sheet, ?FieldValues $kit): OfferLine
    {
        return $kit === null ? new OfferLine(OfferSentences::kitNotChosen(), null) : new OfferLine(
            OfferSentences::kit($kit->word('kit.name') ?? '', $kit->word('kit.number') ?? ''), self::price($sheet, $kit)?->amount,
        );
    }

    /** The kit's price; nothing where it is in other money than the shop's, which nothing here changes into it. */
    private static function price(JobSheet $sheet, FieldValues $kit): ?Price
    {
        $price = Price::of($kit);
        $own = RankingRules::of($sheet)->currency;

        return $price !== null && $own !== null && $price->currency !== '' && ! $price->isIn($own) ? null : $price;
    }

    /**
     * @param  array<string, float>  $asked  by the counter
     * @return array<string, OfferLine> what is bought or taken from the shelf beside the box, by part
     */
    private static function parts(JobSheet $sheet, ?FieldValues $kit, array $asked): array
    {
        $isApart = Reach::of($sheet)->outcome === Outcome::Strip;
        $inBox = $kit === null ? null : Contents::of($kit);
        $rules = RankingRules::of($sheet);
        $comesOff = $sheet->values->has(OfferFields::FLYWHEEL);
        $lines = [];
        foreach (PartNeed::of($sheet) as $need) {
            $part = $need->part;
            $isSaid = in_array($need->state, [PartState::Ordered, PartState::OnShelf], true);
            $isOfEveryKit = in_array($part, [KitPart::Disc, KitPart::Cover], true);
            $isNeeded = $need->whyNot === '' || ($part === KitPart::FlywheelBolts && $comesOff);
            $isUsual = $isApart && $need->state === null && $isNeeded && isset(BoxAndRest::USUAL[$part->value])
                && ! ($inBox?->has($part) ?? false);
            if ($isOfEveryKit || ! ($isSaid || $isUsual)) {
                continue;
            }
            $lines[$part->value] = new OfferLine(
                OfferSentences::part($part), $asked[$part->value] ?? BoxAndRest::priceOf($part, $sheet, $rules),
            );
        }

        return $lines;
    }

    /** @return list<OfferLine> */
    private static function flywheel(JobSheet $sheet): array
    {
        $work = FlywheelWork::tryFrom($sheet->values->word(OfferFields::FLYWHEEL) ?? '');

        return $work === null ? [] : [
            new OfferLine(OfferSentences::flywheel($work), $sheet->values->one(Ratio::class, $work->price())?->value),
        ];
    }

    /** @return list<OfferLine> */
    private static function other(JobSheet $sheet): array
    {
        $price = $sheet->values->one(Ratio::class, OfferFields::OTHER);
        $for = $sheet->values->word(OfferFields::OTHER_FOR);
        // What is repaired at the actuation no list of a clutch job knows the price of.
        $isWanted = $for !== null || Reach::of($sheet)->outcome === Outcome::RepairActuation;

        return $price === null && ! $isWanted ? [] : [new OfferLine(OfferSentences::other($for ?? ''), $price?->value)];
    }

    /**
     * @param  array<string, OfferLine>  $parts  that are bought anyhow
     * @return list<OfferOption>
     */
    private static function options(JobSheet $sheet, ?FieldValues $kit, array $parts): array
    {
        $values = $sheet->values;
        $inBox = $kit === null ? null : Contents::of($kit);
        [$labour, $rate] = [$values->one(Duration::class, 'open.labour'), LabourRate::of($sheet)];
        $options = [];
        foreach (array_keys(WhileOpenFields::parts()) as $part) {
            $onList = self::ON_THE_LIST[$part];
            $price = $values->one(Ratio::class, "open.{$part}_price");
            $isTaken = in_array($part, $values->words(OfferFields::OPTIONS), true);
            if (isset($parts[$onList->value]) || ($inBox?->has($onList) ?? false) || ($price === null && ! $isTaken)) {
                continue;
            }
            $chance = $values->one(Ratio::class, "open.{$part}_chance")
                ?? Soundness::tryFrom($values->word("open.{$part}_state") ?? '')?->chanceOfFailing();
            $sum = $price === null || $chance === null || $labour === null || $rate === null
                ? null : new ReplaceWhileOpen($price, $chance, $labour, $rate);
            $options[] = new OfferOption($part, match (true) {
                $price === null => OfferSentences::optionWithoutPrice($part),
                $sum === null => OfferSentences::option($part, $price),
                default => OfferSentences::optionAgainst($part, $price, $chance, $sum->costOfComingBack()),
            }, $sum?->isWorthReplacing() ?? false, $isTaken);
        }

        return $options;
    }

    /**
     * @param  list<OfferOption>  $options
     * @return list<OfferLine>
     */
    private static function taken(JobSheet $sheet, array $options): array
    {
        $lines = [];
        foreach ($options as $option) {
            if ($option->isTaken) {
                $price = $sheet->values->one(Ratio::class, "open.{$option->part}_price");
                $lines[] = new OfferLine(OfferSentences::taken($option->part), $price?->value);
            }
        }

        return $lines;
    }

    private static function currency(JobSheet $sheet, ?FieldValues $kit): string
    {
        return RankingRules::of($sheet)->currency ?? ($kit === null ? '' : Price::of($kit)->currency ?? '');
    }
}
