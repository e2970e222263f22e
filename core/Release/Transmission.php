<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/** The part of the chain between pedal rod and fork: hydraulic, or cable and rods. */
final readonly class Transmission
{
    /**
     * @param  float  $travel  travel at the fork's outer end for travel at the pedal rod, losses counted
     * @param  float  $force  force at the fork's outer end for force at the pedal rod, friction not counted
     * @param  float|null  $slaveArea  mm², where there is a slave cylinder
     * @param  float|null  $masterArea  mm², where there is a master cylinder
     */
    private function __construct(
        public float $travel,
        public float $force,
        public ?float $slaveArea,
        public ?float $masterArea = null,
    ) {
    }

    /**
     * @param  Ratio  $strokeLoss  share of the stroke lost to hoses and air
     *
     * @throws ReleaseError when a bore is not above zero or the loss is not a share below 1
     */
    public static function hydraulic(Length $masterBore, SlaveCylinder $slave, Ratio $strokeLoss): self
    {
        if ($masterBore->value <= 0.0) {
            throw ReleaseError::masterBoreNotPositive();
        }
        if ($strokeLoss->value < 0.0 || $strokeLoss->value >= 1.0) {
            throw ReleaseError::strokeLossNotAShare();
        }
        $areas = $masterBore->value ** 2 / $slave->diameterSquared();

        return new self($areas * (1 - $strokeLoss->value), 1 / $areas, $slave->area()->value, M_PI / 4 * $masterBore->value ** 2);
    }

    /**
     * As one press of the pedal showed it, behind a booster: what it does to the force is not known, and never asked of it.
     *
     * @throws ReleaseError when either did not move
     */
    public static function measured(Length $forkEnd, Length $rod): self
    {
        return $forkEnd->value > 0.0 && $rod->value > 0.0
            ? new self($forkEnd->value / $rod->value, $rod->value / $forkEnd->value, null)
            : throw ReleaseError::ratioNotPositive('booster');
    }

    /** Share of the stroke that hoses, air or a cable take. */
    public function loss(): Ratio
    {
        return Ratio::of(1 - $this->travel * $this->force);
    }

    /**
     * @param  Ratio  $linkage  travel at the pedal rod for one at the fork's end
     * @param  Ratio|null  $strokeLoss  share of the stroke lost to a cable that stretches or rods that bend
     *
     * @throws ReleaseError when the ratio is not above zero or the loss is not a share below 1
     */
    public static function mechanical(Ratio $linkage, ?Ratio $strokeLoss = null): self
    {
        $loss = $strokeLoss->value ?? 0.0;
        if ($loss < 0.0 || $loss >= 1.0) {
            throw ReleaseError::strokeLossNotAShare();
        }

        return $linkage->value > 0.0
            ? new self((1 - $loss) / $linkage->value, $linkage->value, null)
            : throw ReleaseError::ratioNotPositive('linkage');
    }
}
