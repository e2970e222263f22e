<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\KeepLabour;
use App\Models\Job;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rules\Enum;
use Spindle\Planning\Task;

/** The clock of whoever is at a task. */
final class LabourController
{
    public function start(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['task' => ['required', new Enum(Task::class)]]);
        abort_if($job->isSigned(), 409, 'The job is signed.');
        KeepLabour::start($job, Task::from($given['task']), $user);

        return back()->with('notice', 'The clock runs: '.Task::from($given['task'])->label().'.');
    }

    public function stop(#[CurrentUser] User $user): RedirectResponse
    {
        return back()->with('notice', KeepLabour::stop($user) ?: 'No clock of yours runs.');
    }
}
