<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Angle;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;

/** What the release is to be like, and what of the chain would have to be otherwise for it. */
final readonly class WantedRelease
{
    /** Air of each face where nobody wants another. Common practice, no source. */
    private const AIR_GAP_MM = 0.5;

    /** @param  Ratio|null  $takeUp  above the floor; nothing where nobody said, and it stands well as it is */
    private function __construct(
        public ReleaseChain $chain,
        public Length $airGap,
        public ?Ratio $takeUp,
        private ?Length $padPerTurn,
        private ?Length $master,
        private ?SlaveCylinder $slave,
        private bool $isTwoStage,
        private ?TwoStages $stages,
    ) {
    }

    public static function of(JobSheet $sheet, ReleaseChain $chain): self
    {
        $values = $sheet->values;
        $stages = $sheet->isTwoStage() ? TwoStages::of($sheet) : [];

        return new self(
            $chain, $values->one(Length::class, 'release.air_gap_wanted') ?? Length::mm(self::AIR_GAP_MM),
            $values->one(Ratio::class, 'release.take_up_wanted'), Adjuster::padPerTurn($sheet),
            $values->one(Length::class, 'release.master_bore'), ChainOfSheet::slave($values), $sheet->isTwoStage(),
            $stages instanceof TwoStages ? $stages : null,
        );
    }

    /**
     * Where the stop of the pedal belongs, from the top. Of two stages it is set by the take-off disc, never by the travel disc; nothing
     * where that stage is not known.
     */
    public function stop(): ?Length
    {
        return $this->isTwoStage ? $this->stages?->stopFor($this->airGap) : $this->chain->stopFor($this->airGap);
    }

    /** Free play that puts the take-up where it is wanted; below nought where no rod can. */
    public function freePlay(): ?Length
    {
        return $this->takeUp === null ? null : $this->chain->freePlayForTakeUp($this->takeUp);
    }

    /** Turns of the rod to get there, positive for a longer one. */
    public function turns(): ?Angle
    {
        $play = $this->freePlay();

        return $play === null || $this->padPerTurn === null
            ? null : PedalCorrection::turns($this->chain->freePlay, $play, $this->padPerTurn);
    }

    /** The bore that makes the bearing travel as far as the air gap needs at the full pedal: D_m = √(R · D_s² / (1 − e)). */
    public function masterBore(): ?Length
    {
        $ratio = $this->chain->travelRatioFor($this->airGap);

        return $ratio === null || $this->slave === null || $this->chain->transmission->masterArea === null ? null
            : Length::mm(sqrt($ratio->value * $this->slave->diameterSquared() / (1 - $this->chain->transmission->loss()->value)));
    }

    /** The slave's bore that does the same with this master: D_s = √(D_m² (1 − e) / R). Nothing for a ring. */
    public function slaveBore(): ?Length
    {
        $ratio = $this->chain->travelRatioFor($this->airGap);

        return $ratio === null || $this->master === null || $this->slave === null || $ratio->value <= 0.0 ? null
            : Length::mm(sqrt($this->master->value ** 2 * (1 - $this->chain->transmission->loss()->value) / $ratio->value));
    }
}
