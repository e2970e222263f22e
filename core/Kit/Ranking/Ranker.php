<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Capacity\Carries;
use Spindle\Capacity\CarryCase;
use Spindle\Capacity\CharacterChecks;
use Spindle\Capacity\FrictionFaces;
use Spindle\Capacity\KitClutch;
use Spindle\Capacity\Launch;
use Spindle\Capacity\LaunchJudgement;
use Spindle\Capacity\Material;
use Spindle\Capacity\MaterialFigures;
use Spindle\Capacity\RatingSchool;
use Spindle\Capacity\StartOfSheet;
use Spindle\Capacity\TakeOffCapacityJudgement;
use Spindle\Kit\Fit\FitCase;
use Spindle\Kit\Fit\FitTable;
use Spindle\Kit\Price;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Area;
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

    /** The same product worked out in another order differs by less than this. */
    private const ROUNDING = 1e-9;

    private function __construct(
        private JobSheet $sheet,
        private RankingRules $rules,
        private CarryCase $case,
        private ?StartOfSheet $start,
        private ?float $leastHeat,
        private ?Force $oldLoad,
        private float $usualPrice,
        private string $currency,
    ) {
    }

    /** @param  string  $currency  in which prices are compared where the shop has not said; that of most kits */
    public static function of(JobSheet $sheet, string $currency): self
    {
        $rules = RankingRules::of($sheet);
        $start = StartOfSheet::of($sheet);

        return new self(
            $sheet, $rules, CarryCase::of($sheet), $start, self::leastHeat($start?->with(null)),
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
            ScorePart::Margin->value => $this->margin($this->marginOf($clutch)?->value),
            ScorePart::Heat->value => null,
            ScorePart::Character->value => $this->character($clutch->material, $kit->count('kit.pads')),
            ScorePart::Effort->value => $this->effort($kit->one(Force::class, 'kit.release_load')?->value),
            ScorePart::Price->value => $this->price(Price::of($kit)),
            ScorePart::Lead->value => $this->lead($kit->one(Ratio::class, 'kit.lead_days')?->value),
        ];
    }

    /** The best place a kit could have by what its outline says, if it fits, is as cool as can be and nothing else speaks against it. */
    public function atBest(int|string $key, KitOutline $kit): RankedKit
    {
        $margin = $best = null;
        foreach ($this->torquesOf($kit) as $torque) {
            $one = $torque / ($this->case->engine->peak->value ?? INF);
            $margin = max($margin ?? 0.0, $one * (1 + self::ROUNDING));
            $best = max($best ?? 0.0, $this->margin($one) ?? 0.0);
        }
        $least = $this->case->margin?->min?->value;

        $carries = $margin !== null && $least !== null && $margin >= $least && $this->mayCarryTakeOff($kit);

        return new RankedKit($key, true, $carries, Score::of([
            ScorePart::Margin->value => $best,
            ScorePart::Heat->value => $this->heatAtBest($kit),
            ScorePart::Character->value => $this->character($kit->material, $kit->pads),
            ScorePart::Effort->value => $this->effort($kit->releaseLoad),
            ScorePart::Price->value => $this->price($kit->price),
            ScorePart::Lead->value => $this->lead($kit->leadDays),
        ], $this->rules), $margin);
    }

    /** Of two stages the second disc has to be known to carry its own branch. */
    private function mayCarryTakeOff(KitOutline $kit): bool
    {
        if (! $this->sheet->isTwoStage()) {
            return true;
        }
        $least = $this->case->takeOffLimit()?->min?->value;

        return $this->case->takeOff !== null && $least !== null && $kit->torqueOfTakeOff !== null
            && $kit->torqueOfTakeOff * (1 + self::ROUNDING) >= $least * $this->case->takeOff->value;
    }

    /** @return list<float> what it may carry: by what its lining gives, or by its maker's claim where that may count */
    private function torquesOf(KitOutline $kit): array
    {
        $byLining = $kit->torqueOfOneDisc;
        if ($this->case->engine === null || $this->case->wanted === null) {
            return [];
        }
        $mayClaim = $kit->claimed !== null
            && ($byLining === null || $kit->discs === null || $this->case->school === RatingSchool::Claim);

        return [
            ...($byLining === null ? [] : [$byLining * ($this->sheet->isTwoStage() ? 1 : $kit->discs ?? 1)]),
            ...($mayClaim ? [$kit->claimed] : []),
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
    private function margin(?float $at): ?float
    {
        if ($at === null || $this->case->wanted === null) {
            return null;
        }
        [$reserve, $harsh] = [$this->case->wanted->figures->reserve->value, $this->case->wanted->figures->harshAbove->value];
        $least = $reserve * $this->case->leastShare();
        $best = $reserve + self::BEST_MARGIN * ($harsh - $reserve);

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

        return $heat === null ? ($launch->movesOff() ? null : -1.0) : self::cool($heat, $clutch->figures);
    }

    /** @param  float  $heat  for each area, in J/cm² */
    private static function cool(float $heat, MaterialFigures $figures): float
    {
        [$comfortable, $limit] = [$figures->comfortable->value, $figures->heatLimit->value];

        return match (true) {
            $heat > $limit => -1.0,
            $heat <= $comfortable => 1 - 0.5 * $heat / $comfortable,
            default => 0.5 * ($limit - $heat) / ($limit - $comfortable),
        };
    }

    /** No start is cooler than one in which the clutch lets through all that the engine gives. */
    private function heatAtBest(KitOutline $kit): ?float
    {
        if ($this->start === null || $kit->material === null || $kit->liningArea === null) {
            return null;
        }
        if ($this->leastHeat === null || $this->leastHeat < 0.0) {
            return $this->leastHeat === null ? null : 0.0;
        }
        $heat = $this->leastHeat / ($kit->liningArea * ($this->sheet->isTwoStage() ? 1 : max(1, $kit->discs ?? 1)));

        return max(0.0, self::cool($heat * (1 - self::ROUNDING), $this->case->materials->figures($kit->material)));
    }

    /** The heat of such a start for each area, in J/cm², with one disc of 1 mm²; −1 where the vehicle does not move off. */
    private static function leastHeat(?Launch $start): ?float
    {
        return $start === null || ! $start->movesOff()
            ? ($start === null ? null : -1.0) : $start->energyPerArea(Area::of(1.0), FrictionFaces::ofDiscs(1))->value;
    }

    private function character(?Material $material, ?int $pads): ?float
    {
        return $material === null || $this->case->wanted === null
            ? null : Character::of($material, $pads)->suitability($this->case->wanted->duty);
    }

    /** @param  float|null  $load  of the kit, in N */
    private function effort(?float $load): ?float
    {
        if ($load === null || $this->oldLoad === null) {
            return null;
        }
        [$full, $none] = self::EFFORT;

        return max(0.0, min(1.0, ($none - $load / $this->oldLoad->value) / ($none - $full)));
    }

    private function price(?Price $price): ?float
    {
        return $price === null || ! $price->isIn($this->currency) ? null : $this->usualPrice / ($this->usualPrice + $price->amount);
    }

    private function lead(?float $days): ?float
    {
        return $days === null ? null : self::USUAL_DAYS / (self::USUAL_DAYS + $days);
    }
}
