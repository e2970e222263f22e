<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;

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
        private Length $pedalTravel,
        private Ratio $pedalRatio,
        private Length $freePlay,
        private Transmission $transmission,
        private Ratio $forkRatio,
        private Length $clearance,
        private Ratio $fingerRatio,
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

    /**
     * Backwards: the pedal position that gives a wanted total air gap.
     */
    public function pedalForAirGap(Length $total): Length
    {
        return $this->pedalForBearingTravel($this->fingerRatio->value * ($total->value + $this->cushionInAll() + $this->coverLoss->value));
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
}
