<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Power;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;

/** The greatest torque an engine gives, from whatever is known of it. Peak torque counts for a clutch, not peak power. */
final readonly class EngineOutput
{
    /**
     * Peak torque comes before peak power and is higher, by these shares: petrol engines the first two, turbocharged diesels the
     * last two. From memory [M].
     */
    public const RISE_TO_PEAK = [1.1, 1.2, 1.5];

    /**
     * @param  string  $origin  how the figure came about, for the reader
     * @param  bool  $isFloor  the peak is at least this: only the torque at the speed of peak power is known
     */
    private function __construct(public Torque $peak, public string $origin, public TorqueBasis $basis, public bool $isFloor = false)
    {
    }

    public static function ofTorque(Torque $peak): self
    {
        return new self($peak, 'peak torque as given', TorqueBasis::Peak);
    }

    /**
     * T = P / ω; in N·m this is 9549.3 · kW / rpm. Source: definition of power. Only a floor for the peak torque.
     *
     * @throws DemandError when the speed is not above zero
     */
    public static function ofPower(Power $power, Speed $at): self
    {
        if ($at->value <= 0.0) {
            throw DemandError::powerWithoutSpeed();
        }

        return new self(Torque::of($power->value / $at->radiansPerSecond()), 'torque = power ÷ speed', TorqueBasis::Power, true);
    }

    /**
     * The greatest torque of a curve.
     *
     * @param  non-empty-list<array{Speed, Torque}>  $points
     */
    public static function ofCurve(array $points): self
    {
        return new self(
            Torque::greatest(array_map(static fn (array $p): Torque => $p[1], $points)), 'greatest torque of the curve', TorqueBasis::Curve,
        );
    }

    /**
     * At the crankshaft, when it was measured behind a driveline that takes this share: T = T_wheel / (1 − loss).
     *
     * @throws DemandError when the loss is not from 0 up to but not including 1
     */
    public function behindLoss(Ratio $loss): self
    {
        if ($loss->value < 0.0 || $loss->value >= 1.0) {
            throw DemandError::lossNotAShare();
        }

        return $loss->value === 0.0
            ? $this
            : new self($this->peak->over(1 - $loss->value), $this->origin.' ÷ (1 − driveline loss)', $this->basis, $this->isFloor);
    }

    /** After a modification that adds this share. */
    public function raisedBy(Ratio $uplift): self
    {
        return $uplift->value === 0.0
            ? $this
            : new self($this->peak->times(1 + $uplift->value), $this->origin.' × (1 + uplift)', $this->basis, $this->isFloor);
    }

    /**
     * The one that asks more of the clutch: of several figures of one engine the cautious one counts.
     *
     * @param  non-empty-list<self>  $outputs
     */
    public static function greatest(array $outputs): self
    {
        usort($outputs, static fn (self $a, self $b): int => [$b->peak->value, $a->isFloor] <=> [$a->peak->value, $b->isFloor]);

        return $outputs[0];
    }

    public function required(Ratio $reserve): Torque
    {
        return $this->peak->times($reserve->value);
    }
}
