<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;

/** The reserve that one job wants: that of its duty, or one decided for this job. */
final readonly class WantedReserve
{
    /** @param  bool  $isOfThisJob  decided for it instead of taken from the duty */
    private function __construct(public Duty $duty, public DutyFigures $figures, public bool $isOfThisJob, public string $reason)
    {
    }

    /** Nothing while no duty is chosen. */
    public static function of(JobSheet $sheet): ?self
    {
        $duty = Duty::tryFrom($sheet->values->word('duty') ?? '');
        if ($duty === null) {
            return null;
        }
        $figures = DutyTable::of($sheet)->figures($duty);
        $own = $sheet->values->one(Ratio::class, 'demand.reserve_wanted');

        return new self(
            $duty,
            $own === null ? $figures : $figures->reserving($own),
            $own !== null,
            trim($sheet->values->word('demand.reserve_reason') ?? ''),
        );
    }
}
