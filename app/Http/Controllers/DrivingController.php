<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\RecordEntry;
use App\Drawings\HabitsDrawing;
use App\Models\Job;
use App\Models\User;
use App\Page\Driving;
use App\Page\Entries;
use App\Page\HabitSlider;
use App\Readings\CurrentReadings;
use App\Stations\Shown;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\Habit;
use Spindle\Sheet\Station;

/** What the driver's habits do to the lining, moved by hand and kept for the customer. */
final class DrivingController
{
    public function show(Request $request, Job $job): View
    {
        $entries = Entries::at(Station::Kit, $job);
        $driving = Driving::of($entries->job, HabitSlider::read($request->query->all()));

        return view('job', [
            ...Shown::beside(Station::Kit, $entries), 'inner' => 'kit.driving', 'driving' => $driving,
            'sliders' => $driving->isKnown() ? HabitSlider::all($driving) : [], 'drawing' => HabitsDrawing::of($driving),
        ]);
    }

    public function keep(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $record = new RecordEntry($job->id, $user);
        $current = new CurrentReadings($job->loadWhole()->readings);
        foreach (HabitSlider::read($request->request->all()) as $name => $base) {
            $habit = Habit::from($name);
            $record->record(
                Subjects::dictionary()->get($habit->reading()), 0, HabitSlider::typed($habit, $base),
                $current->row($habit->reading())->seq ?? 0, null,
            );
        }

        return redirect()->route('job.driving', $job)->with('notice', 'It stands on the customer’s page now.');
    }
}
