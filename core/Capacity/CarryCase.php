<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\DemandJudgement;
use Spindle\Demand\EngineOutput;
use Spindle\Demand\TakeOffBranch;
use Spindle\Demand\WantedReserve;
use Spindle\Limit\Bounds;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitBook;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Provenance;
use Spindle\Quantity\Torque;
use Spindle\Sheet\JobSheet;

/** What one vehicle asks of any clutch, with the limits in force: the same for every kit that is held against it. */
final readonly class CarryCase
{
    /**
     * @param  Limit|null  $margin  of the torque run in over the engine's; nothing while no duty is chosen
     * @param  Limit  $floor  of the torque worn or hot over the engine's
     * @param  Torque|null  $takeOff  what the power take-off asks of its own disc
     */
    private function __construct(
        public ?EngineOutput $engine,
        public ?WantedReserve $wanted,
        public ?Limit $margin,
        public Limit $floor,
        public RatingSchool $school,
        public MaterialTable $materials,
        public ?Torque $takeOff,
        private LimitBook $book,
        private float $tolerance,
    ) {
    }

    public static function of(JobSheet $sheet): self
    {
        $book = $sheet->limitBook();
        $wanted = WantedReserve::of($sheet);
        $share = $book->get('capacity.margin_tolerance')->min->value ?? 1.0;

        return new self(
            DemandJudgement::engine($sheet->values),
            $wanted,
            $wanted === null ? null : $book->over(self::reserve('capacity.margin', $wanted, $share)),
            $book->get('capacity.floor_margin'),
            RatingSchool::of($sheet),
            MaterialTable::of($sheet),
            $sheet->isTwoStage() ? TakeOffBranch::torque($sheet) : null,
            $book,
            $share,
        );
    }

    /** The least margin that is not out, as a share of the reserve. */
    public function leastShare(): float
    {
        return $this->tolerance;
    }

    public function takeOffLimit(): ?Limit
    {
        return $this->wanted === null ? null : self::reserve('capacity.pto_margin', $this->wanted, $this->tolerance);
    }

    /** What pressure a lining stands: by its material, or by what maker or shop gave. */
    public function pressureLimit(MaterialFigures $figures): Limit
    {
        return $this->book->over(
            Limit::atMost('capacity.lining_pressure', $figures->pressureLimit, LimitSource::Practice, Provenance::FromMemory),
        );
    }

    /** The reserve of the duty, near from a little below it. */
    private static function reserve(string $name, WantedReserve $wanted, float $share): Limit
    {
        $reserve = $wanted->figures->reserve;

        return Limit::of(
            $name, Bounds::atLeast($reserve->times($share), $reserve), LimitSource::Practice, Provenance::FromMemory,
        )->aimedAt();
    }
}
