<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Capacity\KitClutch;
use Spindle\Kit\Fit\FitCase;
use Spindle\Kit\Fit\FitTable;
use Spindle\Kit\Fit\StackShift;
use Spindle\Limit\Verdict;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/**
 * Whether a kit can go into this vehicle at all: of a candidate everything that is to be known, of the chosen kit whatever one of the
 * two states. What only one of them states is unmeasured, and asks for the other.
 */
final readonly class FitJudgement implements Judgement
{
    /** @param  FieldValues|null  $candidate  a kit to judge instead of the chosen one */
    public function __construct(private ?FieldValues $candidate = null)
    {
    }

    public function topic(): Topic
    {
        return new Topic('kit.fit', 'Whether the kit fits');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if ($this->candidate === null && ! KitClutch::isGiven($sheet->values)) {
            return;
        }
        $case = FitCase::of($sheet, $this->candidate ?? $sheet->values);
        foreach (FitTable::checks() as $check) {
            $answer = $check->judge($case);
            // A check that was not made is unmeasured for the chosen kit exactly as for a candidate.
            if ($this->candidate !== null || $answer->verdict !== Verdict::NotApplicable) {
                $results->finding($answer->finding($check)->from(...$check->ofVehicle(), ...$check->ofKit()));
            }
        }
        $shift = StackShift::of($case);
        if ($shift !== null) {
            $results->figure('kit.stack_shift', $shift);
        }
    }
}
