<?php

declare(strict_types=1);

namespace Spindle\Assessment\Owed;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Reach;

/** What the job owes and has not: each row of the table that nothing else asks for already. Missing never passes. */
final class Owed
{
    /**
     * @param  list<Finding>  $findings  what is judged already
     * @return list<Finding>
     */
    public static function of(JobSheet $sheet, Reach $reach, array $findings): array
    {
        $case = JobCase::of($sheet, $reach, $findings);
        $asked = array_merge(...array_map(
            static fn (Finding $f): array => $f->verdict === Verdict::Unmeasured ? $f->missing : [], $findings,
        ));
        $asked = in_array('kit', $asked, true) ? [...$asked, 'kit.name'] : $asked;
        $owed = [];
        foreach (Table::rows() as $row) {
            $missing = $row->isOwedBy($case) ? $row->missing($sheet) : [];
            // What is asked for already is not asked twice.
            if (array_diff($missing, $asked) !== []) {
                $owed[] = $sheet->letPass($row->finding($missing));
                $asked = [...$asked, ...$missing];
            }
        }

        return $owed;
    }
}
