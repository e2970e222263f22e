<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Bench\Bench;
use App\Models\Job;
use Spindle\Sheet\SheetError;

/** Tries a job out before a change of it is kept: assessed, printed and exported, as everybody will want to later. */
final class Proof
{
    /** @throws SheetError when it cannot be shown, with the place where that is known */
    public static function of(Job $job): Bench
    {
        try {
            $bench = Bench::read($job);
            view('sheet.body', ['bench' => $bench])->render();
            if ($job->signedSheet === null) {
                SheetBuilder::withLog($job, $bench->document)->toJson(false);
            }

            return $bench;
        } catch (SheetError $e) {
            throw $e;
        } catch (\Throwable $e) {
            report($e);
            throw SheetError::unreadable('with this the job could not be shown any more, so it was not taken');
        }
    }
}
