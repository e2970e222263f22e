<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Inspection\Disc\WearJudgement;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Release\Adjuster;
use Spindle\Release\ChainOfSheet;
use Spindle\Release\MeasuredGap;
use Spindle\Release\ReleaseChain;
use Spindle\Release\SettingSteps;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Reach;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/** What is known of a job when a test of it has failed. */
final readonly class CureCase
{
    /** Less free play at the pad, or at the fork, than this is none, mm. From memory [M]. */
    private const NO_PLAY_MM = 1.0;

    /** The share of the usable lining from which its wear, and no screw, is why it bites high. From memory [M]. */
    private const USED_UP = 0.7;

    public function __construct(public JobSheet $sheet)
    {
    }

    public function isHydraulic(): bool
    {
        return $this->sheet->actuation()?->isHydraulic() === true;
    }

    public function adjuster(): Adjuster
    {
        return Adjuster::of($this->sheet);
    }

    public function isTruckPull(): bool
    {
        return $this->sheet->vehicleClass() === VehicleClass::Truck && $this->sheet->actuation() === Actuation::Pull;
    }

    public function says(string $key, string $word): bool
    {
        return $this->sheet->values->word($key) === $word;
    }

    public function adjustsItself(): bool
    {
        return $this->sheet->values->flag('release.self_adjusting');
    }

    /** The pedal turns firm a second time: it goes too far already. */
    public function isFirmAgain(): bool
    {
        return $this->sheet->values->flag('release.firm_again');
    }

    /** The feel of the pedal failed, and it is not that it turns firm again. */
    public function isSoft(): bool
    {
        return ! $this->isFirmAgain() && $this->says(Test::Feel->key('result'), TestResult::Fail->value);
    }

    public function isBleedingUnproved(): bool
    {
        return $this->isHydraulic() && $this->sheet->values->word('hydraulics.proof') === null;
    }

    /** The air gap was measured, and is enough: the clutch lets go. */
    public function isGapEnough(): bool
    {
        $gap = MeasuredGap::ofSheet($this->sheet);

        return $gap !== null && in_array(
            $gap->against($this->sheet->limitBook()->get('release.air_gap_face')), [Verdict::Within, Verdict::Near], true,
        ) && $gap->value->value >= ($this->sheet->limitBook()->get('release.air_gap_face')->min->value ?? 0.0);
    }

    /** Free play at the pad as it is now; nothing where it is not measured. */
    public function play(): ?Length
    {
        return SettingSteps::of($this->sheet)->freePlay();
    }

    public function hasNoPlay(): bool
    {
        $play = $this->play();

        return $play !== null && $play->value < self::NO_PLAY_MM;
    }

    /** No turn takes free play below this. */
    public function leastPlay(): Length
    {
        return Adjuster::leastPlay($this->sheet) ?? Length::mm(self::NO_PLAY_MM);
    }

    /** Free play after so many turns more; nothing where ratio or pitch is not known. */
    public function playAfter(float $turns): ?Length
    {
        $steps = SettingSteps::of($this->sheet);

        return $steps->foretold(count($steps->turns), $turns);
    }

    /** So many turns more would leave less free play than there may be. */
    public function leavesTooLittle(float $turns): bool
    {
        $left = $this->playAfter($turns);

        return $left !== null && $left->value < $this->leastPlay()->value;
    }

    /** How far the bearing would go then. */
    public function bearingAfter(float $turns): ?Length
    {
        $chain = ChainOfSheet::chain($this->sheet);
        $left = $this->playAfter($turns);

        return ! $chain instanceof ReleaseChain || $left === null ? null : $chain->with(freePlay: $left)->bearingTravel();
    }

    /** Whether it takes up above what is wanted (1) or below it (−1); 0 where it is right, or not known. */
    public function bites(): int
    {
        $at = TakeUpJudgement::share($this->sheet);
        $limit = TakeUpJudgement::wanted($this->sheet);

        return match (true) {
            $at === null => 0,
            $at->value > ($limit->max->value ?? INF) => 1,
            $at->value < ($limit->min->value ?? -INF) => -1,
            default => 0,
        };
    }

    /** The lining that was measured stays in, and has lost so much that this raises the take-up. */
    public function isLiningUsedUp(): bool
    {
        $used = WearJudgement::used($this->sheet);
        $usable = WearJudgement::usable($this->sheet->values);

        return ! Reach::hasKit($this->sheet) && $used !== null && $usable !== null && $used->value >= self::USED_UP * $usable->value;
    }

    public function mostTravel(): ?Length
    {
        return $this->sheet->values->one(Length::class, 'kit.release_travel_max');
    }

    /** Play between fork and bearing of a pull-type clutch; nothing where it is not measured. */
    public function forkPlay(): ?Length
    {
        return $this->sheet->values->one(Length::class, 'truck.fork_play');
    }

    public function hasNoForkPlay(): bool
    {
        $play = $this->forkPlay();

        return $play !== null && $play->value < self::NO_PLAY_MM;
    }
}
