<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Capacity\Carries;
use Spindle\Capacity\CarryCase;
use Spindle\Capacity\CharacterChecks;
use Spindle\Capacity\KitClutch;
use Spindle\Capacity\LaunchJudgement;
use Spindle\Capacity\StartOfSheet;
use Spindle\Capacity\TakeOffCapacityJudgement;
use Spindle\Kit\Fit\FitCase;
use Spindle\Kit\Fit\FitTable;
use Spindle\Kit\Price;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Force;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** Ranks kits for one job. What is the same for every kit is worked out once. */
final readonly class Ranker
{
    /** Share of the way from reserve to harsh at which a margin is best: a little in hand, far from harsh. From memory [M]. */
    private const BEST_MARGIN = 0.15;

    /** What a margin just at the reserve is worth. From memory [M]. */
    private const AT_RESERVE = 0.6;

    /** Release load over the old one's at which effort counts in full, and at which it counts nothing. From memory [M]. */
    private const EFFORT = [0.7, 1.7];

    /** A price that is worth one half, by class of vehicle, in any one currency. From memory [M]. */
    private const USUAL_PRICE = ['car' => 250.0, 'van' => 350.0, 'truck' => 900.0, 'tractor' => 700.0];

    /** Days of waiting that are worth one half. From memory [M]. */
    private const USUAL_DAYS = 2.0;

    private function __construct(
        private JobSheet $sheet,
        private RankingRules $rules,
        private CarryCase $case,
        private ?StartOfSheet $start,
        private ?Force $oldLoad,
        private float $usualPrice,
        private string $currency,
    ) {
    }

    /** @param  string  $currency  in which prices are compared where the shop has not said; that of most kits */
    public static function of(JobSheet $sheet, string $currency): self
    {
        $rules = RankingRules::of($sheet);

        return new self(
            $sheet, $rules, CarryCase::of($sheet), StartOfSheet::of($sheet),
            $sheet->values->one(Force::class, 'match.release_load'),
            self::USUAL_PRICE[$sheet->vehicleClass()->value ?? 'car'], $rules->currency ?? $currency,
        );
    }

    /**
     * Where a kit stands, or nothing where it cannot come among the best any more. One whose data contradict each other stands at the
     * end, and takes the list from nobody.
     *
     * @param  float  $least  a score below this is not wanted; the kits so far that fit and carry are better
     */
    public function rank(int|string $key, FieldValues $kit, float $least = 0.0): ?RankedKit
    {
        try {
            $clutch = KitClutch::of($kit, $this->sheet);
            $parts = $this->parts($kit, $clutch);
            // Even with the coolest of starts it would not come so far.
            if (Score::of([...$parts, ScorePart::Heat->value => 1.0], $this->rules)->total < $least) {
                return null;
            }
            $heat = $this->heat($clutch);
            $score = Score::of([...$parts, ScorePart::Heat->value => $heat === -1.0 ? 0.0 : $heat], $this->rules);

            return $score->total < $least ? null
                : new RankedKit($key, $this->fits($kit), $this->carries($kit, $clutch, $heat), $score, $this->marginOf($clutch)?->value);
        } catch (\DomainException|\ArithmeticError) {
            return new RankedKit($key, false, false, Score::of([], $this->rules));
        }
    }

    /** @return array<string, float|null> every part of the score but the heat, in the order in which they are shown */
    private function parts(FieldValues $kit, KitClutch $clutch): array
    {
        return [
            ScorePart::Margin->value => $this->margin($this->marginOf($clutch)),
            ScorePart::Heat->value => null,
            ScorePart::Character->value => $this->character($kit, $clutch),
            ScorePart::Effort->value => $this->effort($kit),
            ScorePart::Price->value => $this->price($kit),
            ScorePart::Lead->value => $this->lead($kit),
        ];
    }

    /** Whether both checks of torque hold, and nothing in its work is beyond it. */
    private function carries(FieldValues $kit, KitClutch $clutch, ?float $heat): bool
    {
        $pressure = $clutch->liningPressure();
        $isCrushed = $pressure !== null && $clutch->figures !== null
            && $this->case->pressureLimit($clutch->figures)->judge($pressure) === Verdict::Out;
        $takeOff = TakeOffCapacityJudgement::verdict($kit, $this->sheet, $this->case);

        return $heat !== -1.0 && ! $isCrushed && ! in_array($takeOff, [Verdict::Out, Verdict::Unmeasured], true)
            && CharacterChecks::judge($kit, $clutch, $this->case->wanted?->duty)[0] !== Verdict::Out
            && Carries::of($clutch, $this->case)->holds();
    }

    private function marginOf(KitClutch $clutch): ?Ratio
    {
        return Carries::margin($clutch, $this->case);
    }

    /** Whether nothing known speaks against putting it in. */
    public function fits(FieldValues $kit): bool
    {
        $case = FitCase::of($this->sheet, $kit);
        foreach (FitTable::checks() as $check) {
            if ($check->judge($case)->verdict === Verdict::Out) {
                return false;
            }
        }

        return true;
    }

    /** Best a little above the reserve, nothing where it is short of it by more than the limit allows, or harsh. */
    private function margin(?Ratio $margin): ?float
    {
        if ($margin === null || $this->case->wanted === null) {
            return null;
        }
        [$reserve, $harsh] = [$this->case->wanted->figures->reserve->value, $this->case->wanted->figures->harshAbove->value];
        $least = $reserve * $this->case->leastShare();
        $best = $reserve + self::BEST_MARGIN * ($harsh - $reserve);
        $at = $margin->value;

        return match (true) {
            $at < $least, $at > $harsh => 0.0,
            $at < $reserve => self::AT_RESERVE * ($at - $least) / ($reserve - $least),
            $at < $best => self::AT_RESERVE + (1 - self::AT_RESERVE) * ($at - $reserve) / ($best - $reserve),
            default => ($harsh - $at) / ($harsh - $best),
        };
    }

    /** A half at what is comfortable, nothing at the limit; −1 beyond it, or where the vehicle does not move off at all. */
    private function heat(KitClutch $clutch): ?float
    {
        $launch = $this->start?->with($clutch);
        if ($launch === null || $clutch->figures === null || $clutch->lining === null) {
            return null;
        }
        $heat = LaunchJudgement::perArea($launch, $clutch)?->value;
        [$comfortable, $limit] = [$clutch->figures->comfortable->value, $clutch->figures->heatLimit->value];

        return match (true) {
            $heat === null => $launch->movesOff() ? null : -1.0,
            $heat > $limit => -1.0,
            $heat <= $comfortable => 1 - 0.5 * $heat / $comfortable,
            default => 0.5 * ($limit - $heat) / ($limit - $comfortable),
        };
    }

    private function character(FieldValues $kit, KitClutch $clutch): ?float
    {
        return $clutch->material === null || $this->case->wanted === null
            ? null : Character::of($clutch->material, $kit->count('kit.pads'))->suitability($this->case->wanted->duty);
    }

    private function effort(FieldValues $kit): ?float
    {
        $load = $kit->one(Force::class, 'kit.release_load');
        if ($load === null || $this->oldLoad === null) {
            return null;
        }
        [$full, $none] = self::EFFORT;

        return max(0.0, min(1.0, ($none - $load->ratioTo($this->oldLoad)->value) / ($none - $full)));
    }

    private function price(FieldValues $kit): ?float
    {
        $price = Price::of($kit);

        return $price === null || ! $price->isIn($this->currency) ? null : $this->usualPrice / ($this->usualPrice + $price->amount);
    }

    private function lead(FieldValues $kit): ?float
    {
        $days = $kit->one(Ratio::class, 'kit.lead_days');

        return $days === null ? null : self::USUAL_DAYS / (self::USUAL_DAYS + $days->value);
    }
}
