<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\ChecksDue;
use App\Board\DayBoard;
use App\Files\Appointments;
use App\Files\JobArchive;
use App\Files\JobFile;
use App\Files\ShopArchive;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Store\Temporary;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A job, or the whole shop, as files in open formats. */
final class RecordFilesController
{
    /** One of the files of a job. */
    public function one(Job $job, string $file): Response
    {
        $page = AssessedJob::of($job->loadToShow());
        $of = JobFile::from($file);

        return self::file(
            $of->contents($page) ?? abort(404, 'No day is known of this job: neither a promise nor the next look.'),
            $of->type(), $of->name($page),
        );
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
        return response()->download(JobArchive::write(AssessedJob::of($job->loadToShow())), strtolower("{$job->label()}.zip"), [
            'Content-Type' => 'application/zip',
        ])->deleteFileAfterSend();
    }

    public function shop(): BinaryFileResponse
    {
        $path = Temporary::filled('shop', ShopArchive::write(...));

        return response()->download($path, 'shop-'.now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    private static function file(string $contents, string $type, string $name): Response
    {
        return response($contents, 200, [
            'Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"',
        ]);
    }
}
