<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Volume;

/**
 * The chain from the pedal pad to the pressure plate: a series of ratios with a few losses.
 *
 * One model for cable, rod, hydraulic, concentric and pull-type systems. Source: lever and piston ratios (statics); the
 * order of the losses is common practice, no source.
 */
final readonly class ReleaseChain
{
    /** Friction of pedal, linkage and seals. Default from memory [M]. */
    public const EFFICIENCY = 0.85;

    /** Travel at the stop over what the air gap needs. */
    private const IN_HAND = 1.1;

    /**
     * @param  Length  $pedalTravel  at the pad, to floor or stop
     * @param  Length  $freePlay  at the pad, before anything moves
     * @param  Ratio  $forkRatio  1 for a concentric bearing
     * @param  Length  $clearance  between bearing and fingers at rest
     * @param  Ratio  $fingerRatio  finger travel over plate lift
     * @param  Length  $coverLoss  lift lost to the cover's flexing
     * @param  Length  $cushion  lift, per disc, over which the cushion springs still hold the disc
     *
     * @throws ReleaseError when a ratio is not above zero or there is no disc
     */
    public function __construct(
        public Length $pedalTravel,
        public Ratio $pedalRatio,
        public Length $freePlay,
        public Transmission $transmission,
        public Ratio $forkRatio,
        public Length $clearance,
        public Ratio $fingerRatio,
        private Length $coverLoss,
        private Length $cushion,
        private int $discs,
    ) {
        foreach (['pedal' => $pedalRatio, 'fork' => $forkRatio, 'finger' => $fingerRatio] as $name => $ratio) {
            if ($ratio->value <= 0.0) {
                throw ReleaseError::ratioNotPositive($name);
            }
        }
        if ($discs < 1) {
            throw ReleaseError::noDisc();
        }
    }

    /** Stroke of the pushrod after the free play, at a pedal position from the top: (p − p_f) / r_p. */
    public function rodStrokeAt(Length $pedal): Length
    {
        return Length::mm(max(0.0, $pedal->value - $this->freePlay->value) / $this->pedalRatio->value);
    }

    /** Travel of the fork's outer end, with hydraulics that of the slave's piston. */
    public function forkEndTravelAt(Length $pedal): Length
    {
        return $this->rodStrokeAt($pedal)->times($this->transmission->travel);
    }

    public function slaveTravel(): Length
    {
        return $this->forkEndTravelAt($this->pedalTravel);
    }

    /** What the master displaces at full travel: (P − p_f) / r_p · A_master. Nothing without a master cylinder. */
    public function masterVolume(): ?Volume
    {
        return $this->transmission->masterArea === null
            ? null : Volume::of($this->rodStrokeAt($this->pedalTravel)->value * $this->transmission->masterArea);
    }

    /** What the slave takes for a bearing travel after it has met the fingers: (b + g) · r_f · A_slave. Nothing without a slave. */
    public function slaveVolumeFor(Length $bearing): ?Volume
    {
        return $this->transmission->slaveArea === null ? null
            : Volume::of($bearing->plus($this->clearance)->value * $this->forkRatio->value * $this->transmission->slaveArea);
    }

    /** Travel of the bearing after it has met the fingers, at a pedal position from the top. */
    public function bearingTravelAt(Length $pedal): Length
    {
        $stroke = max(0.0, $pedal->value - $this->freePlay->value);

        return Length::mm(max(0.0, $stroke * $this->padToBearing() - $this->clearance->value));
    }

    /** At full pedal travel. */
    public function bearingTravel(): Length
    {
        return $this->bearingTravelAt($this->pedalTravel);
    }

    public function liftAt(Length $pedal): Length
    {
        return Length::mm(max(0.0, $this->bearingTravelAt($pedal)->value / $this->fingerRatio->value - $this->coverLoss->value));
    }

    public function lift(): Length
    {
        return $this->liftAt($this->pedalTravel);
    }

    /** Clear air over all faces, cushion springs taken off. */
    public function airGapAt(Length $pedal): Length
    {
        return Length::mm(max(0.0, $this->liftAt($pedal)->value - $this->cushionInAll()));
    }

    public function airGap(): Length
    {
        return $this->airGapAt($this->pedalTravel);
    }

    /** The total air gap shared by the faces. */
    public function airGapFace(): Length
    {
        return $this->airGap()->over(2 * $this->discs);
    }

    /** Pedal position from the top at which the disc is first free, or nothing where the chain never gets there. */
    public function takeUp(): ?Length
    {
        $position = $this->pedalForBearingTravel($this->fingerRatio->value * ($this->cushionInAll() + $this->coverLoss->value));

        return $position->value <= $this->pedalTravel->value + 1e-9 ? $position : null;
    }

    /** The take-up point as a share of the travel, counted from the floor. */
    public function takeUpFromFloor(): ?Ratio
    {
        $takeUp = $this->takeUp();

        return $takeUp === null ? null : Ratio::of(1 - $takeUp->value / $this->pedalTravel->value);
    }

    /** Backwards: the bearing travel that a wanted air gap of each face needs: r_d · (2 N A + N m + c). */
    public function bearingTravelFor(Length $airGapFace): Length
    {
        $total = 2 * $this->discs * $airGapFace->value;

        return Length::mm($this->fingerRatio->value * ($total + $this->cushionInAll() + $this->coverLoss->value));
    }

    /** Where the pedal stands, from the top, with the bearing gone so far after it has met the fingers. */
    public function pedalFor(Length $bearingTravel): Length
    {
        return $this->pedalForBearingTravel($bearingTravel->value);
    }

    /** Backwards: where a stop belongs, with a tenth of the bearing's travel in hand. Common practice, no source. */
    public function stopFor(Length $airGapFace): Length
    {
        return $this->pedalForBearingTravel(self::IN_HAND * $this->bearingTravelFor($airGapFace)->value);
    }

    /**
     * Backwards: the free play that puts the take-up at a share of the travel above the floor; below nought where no rod can do it.
     */
    public function freePlayForTakeUp(Ratio $fromFloor): Length
    {
        $stroke = $this->pedalForBearingTravel($this->bearingTravelFor(Length::mm(0.0))->value)->minus($this->freePlay);

        return $this->pedalTravel->times(1 - $fromFloor->value)->minus($stroke);
    }

    /**
     * Backwards: the share of its travel at the fork's end, over that of the pushrod, that gives the air gap at the full pedal; with
     * hydraulics the bores follow from it. Nothing where the pedal has no stroke left.
     */
    public function travelRatioFor(Length $airGapFace): ?Ratio
    {
        $stroke = $this->rodStrokeAt($this->pedalTravel)->value;

        return $stroke <= 0.0 ? null
            : Ratio::of($this->bearingTravelFor($airGapFace)->plus($this->clearance)->value * $this->forkRatio->value / $stroke);
    }

    /** The same chain with another setting. */
    public function with(
        ?Length $freePlay = null,
        ?Length $pedalTravel = null,
        ?Transmission $transmission = null,
        ?Length $clearance = null,
    ): self {
        return new self(
            $pedalTravel ?? $this->pedalTravel, $this->pedalRatio, $freePlay ?? $this->freePlay, $transmission ?? $this->transmission,
            $this->forkRatio, $clearance ?? $this->clearance, $this->fingerRatio, $this->coverLoss, $this->cushion, $this->discs,
        );
    }

    /**
     * Force at the pad for a release load at the bearing: F_b / (r_p · hydraulic or linkage ratio · r_f · η).
     *
     * @throws ReleaseError when the efficiency is not above 0 up to 1
     */
    public function pedalForce(Force $releaseLoad, Ratio $efficiency): Force
    {
        if ($efficiency->value <= 0.0 || $efficiency->value > 1.0) {
            throw ReleaseError::efficiencyNotAShare();
        }

        return $releaseLoad->over($this->pedalRatio->value * $this->transmission->force * $this->forkRatio->value * $efficiency->value);
    }

    /** Pressure in the line for a release load: F_b / (r_f · A_slave). Nothing without a slave cylinder. */
    public function linePressure(Force $releaseLoad): ?Pressure
    {
        $area = $this->transmission->slaveArea;

        return $area === null ? null : Pressure::kPa($releaseLoad->value / ($this->forkRatio->value * $area) * 1000);
    }

    private function padToBearing(): float
    {
        return $this->transmission->travel / ($this->pedalRatio->value * $this->forkRatio->value);
    }

    private function pedalForBearingTravel(float $afterContact): Length
    {
        return $this->freePlay->plus(Length::mm(($afterContact + $this->clearance->value) / $this->padToBearing()));
    }

    private function cushionInAll(): float
    {
        return $this->discs * $this->cushion->value;
    }

    /**
     * Where every member stands, from the pedal at rest to its floor or stop.
     *
     * @param  int  $steps  so many beside the first
     * @param  Length|null  $most  the cover's greatest bearing travel, where it is known
     * @return list<ChainPosition>
     */
    public function positions(int $steps, ?Length $most = null): array
    {
        $positions = [];
        for ($i = 0; $i <= $steps; $i++) {
            $positions[] = $this->at($this->pedalTravel->times($i / $steps), $most);
        }

        return $positions;
    }

    /** Where every member stands at a pedal position from the top. */
    public function at(Length $pad, ?Length $most = null): ChainPosition
    {
        $forkEnd = $this->forkEndTravelAt($pad);
        [$fingers, $air] = [$this->bearingTravelAt($pad), $this->airGapAt($pad)];

        return new ChainPosition(
            $pad, $this->rodStrokeAt($pad), $forkEnd, $forkEnd->over($this->forkRatio->value), $fingers, $this->liftAt($pad), $air,
            match (true) {
                $pad->value <= $this->freePlay->value => Phase::FreePlay,
                $fingers->value <= 0.0 => Phase::Slack,
                $most !== null && $fingers->value > $most->value => Phase::OverTravel,
                $air->value > 0.0 => Phase::Free,
                default => Phase::TakeUp,
            },
        );
    }

    /**
     * Where each phase begins at the pad, in order; one that is never reached is not there.
     *
     * @return array<string, Length> by phase
     */
    public function phases(?Length $most = null): array
    {
        $begins = [
            Phase::FreePlay->value => Length::mm(0.0), Phase::Slack->value => $this->freePlay,
            Phase::TakeUp->value => $this->pedalForBearingTravel(0.0),
            Phase::Free->value => $this->pedalForBearingTravel($this->bearingTravelFor(Length::mm(0.0))->value),
        ];
        if ($most !== null) {
            $begins[Phase::OverTravel->value] = $this->pedalForBearingTravel($most->value);
        }

        return array_filter($begins, fn (Length $at): bool => $at->value < $this->pedalTravel->value);
    }
}
