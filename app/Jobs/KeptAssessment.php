<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Store\Program;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\Assessment;
use Spindle\Quantity\Display;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;

/**
 * What a job was worked out to, kept with it by the write that changed it: a page of an unchanged job assesses nothing. It counts only
 * for just what it was made from: the sheet with the shop's books in it, the reader's way of writing numbers, and this program.
 */
final class KeptAssessment
{
    private const LEVEL = 1;

    public static function stamp(Document $document, Display $display): string
    {
        return hash('xxh128', implode("\n", [Program::version(), $display->decimalSign, $document->toJson(false)]));
    }

    /** Nothing where there is none, or none of this. */
    public static function find(Job $job, string $stamp, JobSheet $sheet): ?Assessment
    {
        $data = DB::table('job_assessments')->where('clutch_job_id', $job->id)->where('stamp', $stamp)->value('data');
        $plain = is_string($data) ? @gzuncompress($data) : false;
        $parts = $plain === false ? false : @unserialize($plain, ['allowed_classes' => Assessment::madeOf()]);

        return is_array($parts) ? Assessment::again($sheet, $parts) : null;
    }

    public static function keep(AssessedJob $job): void
    {
        DB::table('job_assessments')->upsert([[
            'clutch_job_id' => $job->job->id, 'stamp' => $job->stamp,
            'data' => (string) gzcompress(serialize($job->assessment->parts()), self::LEVEL),
        ]], ['clutch_job_id']);
    }
}
