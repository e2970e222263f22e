<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Kit\Fit\FitTable;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;

/** What is said before a kit is ordered that is not known to be right: money goes out for it, and days pass until it is back. */
final class OrderDoubts
{
    /** Subjects that judge the work of the kit that is chosen. */
    private const WORK = ['capacity', 'launch'];

    /**
     * @param  list<Finding>  $findings  of the job, with the kit chosen for it
     * @return list<Finding> what is out first, then what nobody knows; empty where nothing speaks against it
     */
    public static function of(array $findings): array
    {
        $of = static fn (Verdict $verdict): array => array_values(array_filter(
            $findings, static fn (Finding $f): bool => $f->verdict === $verdict
                && (FitTable::label($f->id) !== '' || in_array(strtok($f->id, '.'), self::WORK, true)),
        ));

        return [...$of(Verdict::Out), ...$of(Verdict::Unmeasured)];
    }
}
