<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\ChecksDue;
use App\Board\DayBoard;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Record\Appointments;
use App\Record\JobArchive;
use App\Record\PrintedSheet;
use App\Record\ShopArchive;
use App\Sheets\ReadingsCsv;
use App\Store\Csv;
use App\Store\Temporary;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A job, or the whole shop, as files in open formats. */
final class RecordFilesController
{
    public function readings(Job $job): Response
    {
        $page = self::page($job);
        $rows = ReadingsCsv::rows($page->sheet, $page->current, $page->assessment, $page->display);

        return self::file(Csv::text($rows), 'text/csv; charset=UTF-8', "{$job->label()}-readings.csv");
    }

    public function pdf(Job $job): Response
    {
        return self::file(PrintedSheet::of(self::page($job)), 'application/pdf', "{$job->label()}.pdf");
    }

    public function calendar(Job $job): Response
    {
        $calendar = Appointments::of(self::page($job));
        if ($calendar === null) {
            abort(404, 'No day is known of this job: neither a promise nor the next look.');
        }

        return self::file($calendar->serialize(), 'text/calendar; charset=UTF-8', "{$job->label()}.ics");
    }

    /** Promises and checks of the whole shop, for its calendar. */
    public function shopCalendar(): Response
    {
        /** @var \Illuminate\Support\Collection<int, Job> $promised */
        $promised = Job::query()->with('vehicle')->where('is_open', true)->whereNotNull('promised_on')->orderBy('promised_on')->get();

        return self::file(
            Appointments::ofShop($promised, ChecksDue::until(DayBoard::today()->modify('+365 days')))->serialize(),
            'text/calendar; charset=UTF-8', 'shop.ics',
        );
    }

    public function archive(Job $job): BinaryFileResponse
    {
        return response()->download(JobArchive::write($job, self::page($job)), strtolower("{$job->label()}.zip"), [
            'Content-Type' => 'application/zip',
        ])->deleteFileAfterSend();
    }

    public function shop(): BinaryFileResponse
    {
        $path = Temporary::filled('shop', ShopArchive::write(...));

        return response()->download($path, 'shop-'.now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    private static function page(Job $job): AssessedJob
    {
        return AssessedJob::of($job->loadWhole());
    }

    private static function file(string $contents, string $type, string $name): Response
    {
        return response($contents, 200, [
            'Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.strtolower($name).'"',
        ]);
    }
}
