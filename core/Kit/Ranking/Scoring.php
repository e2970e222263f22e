<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Capacity\Carries;
use Spindle\Capacity\CarryCase;
use Spindle\Capacity\FrictionFaces;
use Spindle\Capacity\KitClutch;
use Spindle\Capacity\Launch;
use Spindle\Capacity\LaunchJudgement;
use Spindle\Capacity\LiningLife;
use Spindle\Capacity\Material;
use Spindle\Capacity\MaterialFigures;
use Spindle\Capacity\ShopWear;
use Spindle\Capacity\StartOfSheet;
use Spindle\Kit\OpenLabour;
use Spindle\Kit\Price;
use Spindle\Quantity\Area;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** What every part of a kit's score is worth for one job, from 0 to 1. What is the same for every kit is worked out once. */
final readonly class Scoring
{
    /** Share of the way from reserve to harsh at which a margin is best: a little in hand, far from harsh. From memory [M]. */
    private const BEST_MARGIN = 0.15;

    /** What a margin just at the reserve is worth. From memory [M]. */
    private const AT_RESERVE = 0.6;

    /** Release load over the old one's at which effort counts in full, and at which it counts nothing. From memory [M]. */
    private const EFFORT = [0.7, 1.7];

    /** A price that is worth one half, by class of vehicle, in any one currency. From memory [M]. */
    private const USUAL_PRICE = ['car' => 250.0, 'van' => 350.0, 'truck' => 900.0, 'tractor' => 700.0];

    /** A lining of usual price lasts so far, in km, or in h of field work: what it costs then is worth one half. From memory [M]. */
    private const USUAL_LIFE = [100_000.0, 4_000.0];

    /** Days of waiting that are worth one half. From memory [M]. */
    private const USUAL_DAYS = 2.0;

    /** The same product worked out in another order differs by less than this. */
    private const ROUNDING = 1e-9;

    private function __construct(
        public RankingRules $rules,
        private JobSheet $sheet,
        private CarryCase $case,
        private ?StartOfSheet $start,
        private ?float $leastHeat,
        private ?Force $oldLoad,
        private float $usualPrice,
        private string $currency,
        private BoxAndRest $rest,
        private ShopWear $wear,
        private float $labour,
    ) {
    }

    public static function of(JobSheet $sheet, CarryCase $case, string $currency): self
    {
        $rules = RankingRules::of($sheet);
        $start = StartOfSheet::of($sheet);

        return new self(
            $rules, $sheet, $case, $start, self::leastHeat($start?->with(null)), $sheet->values->one(Force::class, 'match.release_load'),
            self::USUAL_PRICE[$sheet->vehicleClass()->value ?? 'car'], $rules->currency ?? $currency,
            BoxAndRest::of($sheet, $rules), ShopWear::of($sheet), OpenLabour::of($sheet) ?? 0.0,
        );
    }

    /** @return array<string, float|null> every part of the score but the heat, in the order in which they are shown */
    public function parts(FieldValues $kit, KitClutch $clutch): array
    {
        return [
            ScorePart::Margin->value => $this->margin(Carries::margin($clutch, $this->case)?->value),
            ScorePart::Heat->value => null,
            ScorePart::Character->value => $this->character($clutch->material, $kit->count('kit.pads')),
            ScorePart::Effort->value => $this->effort($kit->one(Force::class, 'kit.release_load')?->value),
            ScorePart::Price->value => $this->price(Price::of($kit), $this->rest->price($kit)),
            ScorePart::Drive->value => $this->drive($kit, $clutch),
            ScorePart::Lead->value => $this->lead($kit->one(Ratio::class, 'kit.lead_days')?->value),
        ];
    }

    /**
     * The best score a kit could have by what its outline says, as cool as can be.
     *
     * @param  float|null  $margin  the best part its margin could be worth
     */
    public function atBest(KitOutline $kit, ?float $margin): Score
    {
        return Score::of([
            ScorePart::Margin->value => $margin,
            ScorePart::Heat->value => $this->heatAtBest($kit),
            ScorePart::Character->value => $this->character($kit->material, $kit->pads),
            ScorePart::Effort->value => $this->effort($kit->releaseLoad),
            ScorePart::Price->value => $this->price($kit->price),
            // How much lining there is to wear is not among what a shelf holds ready.
            ScorePart::Drive->value => $this->start === null || $this->price($kit->price) === null ? null : 1.0,
            ScorePart::Lead->value => $this->lead($kit->leadDays),
        ], $this->rules);
    }

    /** Best a little above the reserve, nothing where it is short of it by more than the limit allows, or harsh. */
    public function margin(?float $at): ?float
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
    public function heat(KitClutch $clutch): ?float
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

    /** @param  float  $beside  what the job has to buy beside the box */
    private function price(?Price $price, float $beside = 0.0): ?float
    {
        return $price === null || ! $price->isIn($this->currency)
            ? null : $this->usualPrice / ($this->usualPrice + $price->amount + $beside);
    }

    /** Parts and labour over the life of the lining, against what a usual one costs. */
    private function drive(FieldValues $kit, KitClutch $clutch): ?float
    {
        $price = Price::of($kit);
        $depth = $kit->one(Length::class, 'kit.usable_per_side');
        $start = $this->start?->with($clutch);
        $duty = $this->case->wanted?->duty;
        if ($price === null || ! $price->isIn($this->currency) || $depth === null || $start === null || $duty === null) {
            return null;
        }
        $life = LiningLife::worked($clutch, $depth, $duty, $start, $this->wear);
        if ($life === null) {
            return null;
        }
        $usual = ($this->usualPrice + $this->labour) / self::USUAL_LIFE[(int) $life->isByHours];
        $cost = ($price->amount + $this->rest->price($kit) + $this->labour) / $life->life;

        return $usual / ($usual + $cost);
    }

    private function lead(?float $days): ?float
    {
        return $days === null ? null : self::USUAL_DAYS / (self::USUAL_DAYS + $days);
    }
}
