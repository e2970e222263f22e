<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Capacity\Carries;
use Spindle\Capacity\CarryCase;
use Spindle\Capacity\CharacterChecks;
use Spindle\Capacity\KitClutch;
use Spindle\Capacity\RatingSchool;
use Spindle\Capacity\TakeOffCapacityJudgement;
use Spindle\Kit\Fit\FitCase;
use Spindle\Kit\Fit\FitTable;
use Spindle\Limit\Verdict;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/** Ranks kits for one job. What is the same for every kit is worked out once. */
final readonly class Ranker
{
    /** Readings that a check of every kit waits for, whatever the kit says. */
    private const OF_EVERY_VEHICLE = [
        'vehicle.class', 'vehicle.spline_count', 'vehicle.spline_diameter', 'match.stack_height',
        'match.housing_room', 'engine.speed_limit',
    ];

    /** The same product worked out in another order differs by less than this. */
    private const ROUNDING = 1e-9;

    private function __construct(
        private JobSheet $sheet,
        private CarryCase $case,
        private Scoring $scoring,
        private bool $vehicleWaits,
    ) {
    }

    /** @param  string  $currency  in which prices are compared where the shop has not said; that of most kits */
    public static function of(JobSheet $sheet, string $currency): self
    {
        $case = CarryCase::of($sheet);

        return new self(
            $sheet, $case, Scoring::of($sheet, $case, $currency), $sheet->values->missing(...self::OF_EVERY_VEHICLE) !== [],
        );
    }

    /**
     * Where a kit stands, or nothing where it cannot come among the best any more. One whose data contradict each other stands at the
     * end, and takes the list from nobody.
     *
     * @param  float  $least  a score below this is not wanted; the kits so far are known to fit and carry, and better
     */
    public function rank(int|string $key, FieldValues $kit, float $least = 0.0): ?RankedKit
    {
        try {
            $clutch = KitClutch::of($kit, $this->sheet);
            $parts = $this->scoring->parts($kit, $clutch);
            // Even with the coolest of starts it would not come so far.
            if (Score::of([...$parts, ScorePart::Heat->value => 1.0], $this->scoring->rules)->total < $least) {
                return null;
            }
            $heat = $this->scoring->heat($clutch);
            $score = Score::of([...$parts, ScorePart::Heat->value => $heat === -1.0 ? 0.0 : $heat], $this->scoring->rules);

            return $score->total < $least ? null : $this->placed($key, $kit, $clutch, $heat, $score);
        } catch (\DomainException|\ArithmeticError) {
            return RankedKit::contradicting($key, $this->scoring->rules);
        }
    }

    private function placed(int|string $key, FieldValues $kit, KitClutch $clutch, ?float $heat, Score $score): RankedKit
    {
        $waits = $this->waits($kit);
        if ($waits === null) {
            return new RankedKit($key, Standing::Unfit, $this->work($kit, $clutch, $heat) === Verdict::Within, $score);
        }
        $lacks = self::lacks($kit, $this->sheet);
        $work = $this->work($kit, $clutch, $heat);
        $carries = Carries::of($clutch, $this->case);
        $standing = match (true) {
            $work === Verdict::Out || $carries->isHarsh => Standing::Beyond,
            $waits !== [] || $lacks !== [] || $work === Verdict::Unmeasured => Standing::Asked,
            default => Standing::Known,
        };

        return new RankedKit(
            $key, $standing, $work === Verdict::Within, $score, $lacks,
            array_values(array_filter($waits, static fn (string $name): bool => ! str_starts_with($name, 'kit.'))),
            $clutch->isClaimOnly() ? null : $this->shortBy($carries->margin?->value, $carries->floor?->value),
        );
    }

    /**
     * The best place a kit could have by what its outline says, if it fits, is as cool as can be and nothing else speaks against it.
     *
     * @return array{int, float, float} as the place of a kit that was opened
     */
    public function atBest(KitOutline $kit): array
    {
        $best = $shortBy = null;
        foreach ($this->torquesOf($kit) as $torque) {
            $one = $torque / ($this->case->engine->peak->value ?? INF);
            $best = max($best ?? 0.0, $this->scoring->margin($one) ?? 0.0);
            $isHarsh = $one * (1 - self::ROUNDING) > ($this->case->wanted->figures->harshAbove->value ?? INF);
            $shortBy = min($shortBy ?? INF, $isHarsh ? 0.0 : $this->shortBy($one * (1 + self::ROUNDING), null));
            $mayHold = ($mayHold ?? false) || (! $isHarsh && $this->shortBy($one * (1 + self::ROUNDING), null) === 0.0);
        }
        $standing = match (true) {
            // Where engine or duty is not known nothing can be known of any; what is not said of a kit is asked.
            ! isset($mayHold) => Standing::Asked,
            ! $mayHold => Standing::Beyond,
            $kit->gaps > 0 || $this->vehicleWaits || ! $this->mayCarryTakeOff($kit) => Standing::Asked,
            default => Standing::Known,
        };
        $score = $this->scoring->atBest($kit, $best);

        return [$standing->rank(), match ($standing) {
            Standing::Asked => -1.0 * $kit->gaps,
            Standing::Beyond => -round($shortBy ?? 0.0, 9),
            default => 0.0,
        }, round($score->total, 9)];
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
        // Of a truck that does not say how many discs it has nothing can be worked out.
        $byLining = $kit->discs === null && $this->sheet->vehicleClass() === VehicleClass::Truck ? null : $kit->torqueOfOneDisc;
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

    /**
     * Whether both checks of torque hold, and nothing in its work is beyond it: within, or out; unmeasured where nothing known speaks
     * against it and not everything is known.
     */
    private function work(FieldValues $kit, KitClutch $clutch, ?float $heat): Verdict
    {
        $pressure = $clutch->liningPressure();
        $isCrushed = $pressure !== null && $clutch->figures !== null
            && $this->case->pressureLimit($clutch->figures)->judge($pressure) === Verdict::Out;
        $carries = Carries::of($clutch, $this->case);
        $verdicts = [
            $carries->byMargin, $carries->byFloor, TakeOffCapacityJudgement::verdict($kit, $this->sheet, $this->case),
            CharacterChecks::judge($kit, $clutch, $this->case->wanted?->duty)[0],
        ];

        return match (true) {
            $isCrushed, $heat === -1.0, in_array(Verdict::Out, $verdicts, true) => Verdict::Out,
            in_array(Verdict::Unmeasured, $verdicts, true) => Verdict::Unmeasured,
            default => Verdict::Within,
        };
    }

    /** Whether a clutch does the work of this job, neither short nor harsh, whatever it fits. */
    public function works(FieldValues $kit): bool
    {
        $clutch = KitClutch::of($kit, $this->sheet);
        $isHarsh = Carries::of($clutch, $this->case)->isHarsh;

        return ! $isHarsh && $this->work($kit, $clutch, $this->scoring->heat($clutch)) === Verdict::Within;
    }

    /** By what share of what is wanted it is short, run in or worn and hot; nought where it is not. */
    private function shortBy(?float $margin, ?float $floor): float
    {
        $short = 0.0;
        foreach ([[$margin, $this->case->margin?->min], [$floor, $this->case->floor->min]] as [$is, $wanted]) {
            $short = $is === null || $wanted === null ? $short : max($short, 1.0 - $is / $wanted->value);
        }

        return $short;
    }

    /**
     * Of a vehicle of which nothing is known: what every vehicle asks for; one that has said of what kind it is may ask for more.
     *
     * @return list<string> data that a kit leaves out and that must be known of it on this vehicle
     */
    public static function lacks(FieldValues $kit, JobSheet $sheet): array
    {
        $ofClutch = KitClutch::of($kit, $sheet)->missing;

        return array_values(array_unique([
            ...FitTable::lacks(FitCase::of($sheet, $kit)), ...$ofClutch, ...$kit->missing('kit.material'),
            ...($sheet->isTwoStage() ? $kit->missing(...TakeOffCapacityJudgement::LINING) : []),
        ]));
    }

    /** Whether nothing known speaks against putting it in. */
    public function fits(FieldValues $kit): bool
    {
        return $this->waits($kit) !== null;
    }

    /** @return list<string>|null what its checks wait for; nothing where one of them is out */
    private function waits(FieldValues $kit): ?array
    {
        $case = FitCase::of($this->sheet, $kit);
        $waits = [];
        foreach (FitTable::checks() as $check) {
            $answer = $check->judge($case);
            if ($answer->verdict === Verdict::Out) {
                return null;
            }
            $waits = [...$waits, ...($answer->verdict === Verdict::Unmeasured ? $answer->missing : [])];
        }

        return $waits;
    }
}
