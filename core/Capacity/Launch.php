<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Area;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Energy;
use Spindle\Quantity\EnergyPerArea;
use Spindle\Quantity\Inertia;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\TemperatureRise;
use Spindle\Quantity\Torque;

/**
 * One start from rest: how long the clutch slips and how much heat it takes.
 *
 * The engine holds its speed while the vehicle is brought up to it; work of a constant slip torque on a constant inertia
 * against a constant load. Source: rigid-body dynamics, as in Budynas & Nisbett, ch. 16 (energy of a clutch).
 */
final readonly class Launch
{
    /** Specific heat of cast iron and steel, J/(kg·K). From memory. */
    private const SPECIFIC_HEAT = 500.0;

    private function __construct(
        public Inertia $inertia,
        private Speed $engineSpeed,
        private Torque $clutchTorque,
        private Torque $loadTorque,
    ) {
    }

    /**
     * @param  Inertia  $inertia  of the vehicle, at the clutch
     * @param  Torque  $clutchTorque  while it slips
     * @param  Torque  $loadTorque  of grade and rolling resistance, at the clutch
     */
    public static function of(Inertia $inertia, Speed $engineSpeed, Torque $clutchTorque, Torque $loadTorque): self
    {
        return new self($inertia, $engineSpeed, $clutchTorque, $loadTorque);
    }

    /**
     * I = m (r / i)².
     *
     * @param  Ratio  $ratio  total, engine to wheels, in the starting gear
     *
     * @throws CapacityError when the ratio is zero
     */
    public static function inertiaAtClutch(Mass $vehicle, Length $rollingRadius, Ratio $ratio): Inertia
    {
        return $ratio->value === 0.0 ? throw CapacityError::noRatio()
            : Inertia::of(($vehicle->value * ($rollingRadius->value / 1000) ** 2) / $ratio->value ** 2);
    }

    /** Whether the clutch torque exceeds the load at all; if not, the vehicle stands and the clutch burns. */
    public function movesOff(): bool
    {
        return $this->clutchTorque->value > $this->loadTorque->value;
    }

    /**
     * t = I ω / (T_c − T_L).
     *
     * @throws CapacityError when the vehicle does not move off
     */
    public function slipTime(): Duration
    {
        return Duration::seconds($this->inertia->value * $this->engineSpeed->radiansPerSecond() / $this->excess()->value);
    }

    /**
     * E = ½ I ω² · T_c / (T_c − T_L).
     *
     * @throws CapacityError when the vehicle does not move off
     */
    public function energy(): Energy
    {
        $omega = $this->engineSpeed->radiansPerSecond();

        return Energy::J(0.5 * $this->inertia->value * $omega ** 2 * $this->clutchTorque->value / $this->excess()->value);
    }

    /** Heat over the lining area of all faces; 1 cm² = 100 mm². */
    public function energyPerArea(Area $ofOneFace, FrictionFaces $faces): EnergyPerArea
    {
        return EnergyPerArea::of($this->energy()->value / ($ofOneFace->value / 100 * $faces->count));
    }

    /** ΔT = E / (faces · m · c): each face takes its share, and with one disc that is half for each of pressure plate and flywheel face. */
    public function plateRise(Mass $plate, FrictionFaces $faces): TemperatureRise
    {
        return TemperatureRise::of($this->energy()->value / ($faces->count * $plate->value * self::SPECIFIC_HEAT));
    }

    /**
     * How long the vehicle may be held on a hill with the slipping clutch until the lining has taken its limit:
     * E = T_L · ω · t solved for t. Nothing where there is no load to hold.
     */
    public function holdingTime(EnergyPerArea $limit, Area $ofOneFace, FrictionFaces $faces): ?Duration
    {
        $power = $this->loadTorque->value * $this->engineSpeed->radiansPerSecond();

        return $power <= 0.0 ? null : Duration::seconds($limit->value * $ofOneFace->value / 100 * $faces->count / $power);
    }

    private function excess(): Torque
    {
        return $this->movesOff()
            ? $this->clutchTorque->minus($this->loadTorque)
            : throw CapacityError::doesNotMoveOff();
    }
}
