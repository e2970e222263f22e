<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Page\PrintedSheet;
use App\Sheets\SheetBuilder;
use Spindle\Sheet\SheetError;

/** Tries a job out before a change of it is kept: assessed, printed and exported, as everybody will want to later. */
final class Proof
{
    /**
     * @param  int  $proved  the number of the last entry that stood in it before the change: those up to it were exported with their own
     *
     * @throws SheetError when it cannot be shown, with the place where that is known
     */
    public static function of(Job $job, int $proved = 0): AssessedJob
    {
        try {
            $page = AssessedJob::anew($job);
            view('printed.body', ['page' => $page, 'sheet' => PrintedSheet::of($page)])->render();
            if ($job->signedSheet === null) {
                SheetBuilder::withLog($job, $page->document(), $proved)->toJson(false);
            }

            return $page;
        } catch (SheetError $e) {
            throw $e;
        } catch (\Throwable $e) {
            report($e);
            throw SheetError::unreadable('with this the job could not be shown any more, so it was not taken');
        }
    }
}
