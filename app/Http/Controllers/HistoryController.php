<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Reading;
use Illuminate\Contracts\View\View;
use Spindle\Assessment\Subjects;

/** Everything ever entered in one field of a job. */
final class HistoryController
{
    public function __invoke(Job $job, string $field): View
    {
        $known = Subjects::dictionary()->entry($field);
        abort_if($known === null, 404);

        return view('history', [
            'job' => $job->load('vehicle'),
            'field' => $known,
            'rows' => Reading::query()->where('clutch_job_id', $job->id)->where('field', $field)->orderByDesc('seq')->get(),
        ]);
    }
}
