<?php

declare(strict_types=1);

namespace App\Files;

use App\Jobs\AssessedJob;
use App\Sheets\ReadingsCsv;
use App\Sheets\SheetBuilder;
use App\Store\Csv;

/** What of a job goes out as a file: the list that Record offers, the archive holds and the log names. */
enum JobFile: string
{
    case Printed = 'sheet.pdf';
    case Sheet = 'sheet.json';
    case Readings = 'readings.csv';
    case Due = 'due.ics';

    /** As a button says it. */
    public function label(): string
    {
        return match ($this) {
            self::Printed => 'Sheet as PDF',
            self::Sheet => 'Open file (JSON)',
            self::Readings => 'Readings (CSV)',
            self::Due => 'For the calendar',
        };
    }

    /** As the log says what was taken out. */
    public function logged(): string
    {
        return match ($this) {
            self::Printed => 'the printed sheet',
            self::Sheet => 'the open file',
            self::Readings => 'the readings',
            self::Due => 'the calendar',
        };
    }

    public function route(): string
    {
        return match ($this) {
            self::Printed => 'job.pdf',
            self::Sheet => 'job.json',
            self::Readings => 'job.readings',
            self::Due => 'job.due',
        };
    }

    public function type(): string
    {
        return match ($this) {
            self::Printed => 'application/pdf',
            self::Sheet => 'application/json',
            self::Readings => 'text/csv; charset=UTF-8',
            self::Due => 'text/calendar; charset=UTF-8',
        };
    }

    /** What it is called where it is saved. */
    public function name(AssessedJob $job): string
    {
        $label = strtolower($job->job->label());

        return match ($this) {
            self::Printed => "{$label}.pdf",
            self::Sheet => $label.($job->isAltered() ? '-not-what-was-signed' : '').'.json',
            self::Readings => "{$label}-readings.csv",
            self::Due => "{$label}.ics",
        };
    }

    /** Nothing where there is nothing to say: no day is known of it. Of a signed job the sheet is the exact bytes that were frozen. */
    public function contents(AssessedJob $job): ?string
    {
        return match ($this) {
            self::Printed => PrintedSheet::of($job),
            self::Sheet => $job->job->signedSheet->json ?? SheetBuilder::withLog($job->job, $job->document())->toJson(),
            self::Readings => Csv::text(ReadingsCsv::rows($job->sheet, $job->current, $job->assessment, $job->display)),
            self::Due => Appointments::of($job)?->serialize(),
        };
    }
}
