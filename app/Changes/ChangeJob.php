<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Store\InTurn;
use Closure;
use Spindle\Sheet\SheetError;

/** One change of a job: made in turn, kept only when the whole job can be assessed, printed and exported with it. */
final readonly class ChangeJob
{
    /**
     * @param  AssessedJob  $page  the job as the change left it
     */
    private function __construct(public mixed $result, public AssessedJob $page)
    {
    }

    /**
     * @param  Closure(Job): mixed  $change  gets the whole job, keeps its relations as the database has them, may refuse with a SheetError
     *
     * @throws SheetError when the job cannot be shown with it; nothing is stored then
     */
    public static function do(int $job, Closure $change): self
    {
        return InTurn::do(static function () use ($job, $change): self {
            $whole = Job::whole($job);
            $before = $whole->lastSeq();
            $result = $change($whole);
            $page = Proof::of($whole, $before);
            WriteStanding::of($page);

            return new self($result, $page);
        });
    }
}
