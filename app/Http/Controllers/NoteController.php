<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\ChangeJob;
use App\Models\Job;
use App\Models\Note;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

final class NoteController
{
    /** Adds a remark at a station; after sign-off it is an addition to the record and leaves the signed sheet as it is. */
    public function store(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'station' => ['required', Rule::enum(Station::class)],
                'text' => ['required', 'string', 'max:4000'],
            ],
            [
                'text.required' => 'Note: nothing was written.',
                'text.max' => 'Note: longer than 4000 characters; nothing was lost, shorten it.',
            ],
        );
        $page = redirect()->route('station', [$job, $given['station']]);
        try {
            ChangeJob::do($job->id, static function (Job $whole) use ($given, $user): void {
                $note = Note::query()->create([
                    'clutch_job_id' => $whole->id,
                    'station' => $given['station'],
                    'text' => $given['text'],
                    'by_name' => $user->name,
                    'at' => now(),
                    'after_signing' => $whole->isSigned(),
                ]);
                $whole->notes->push($note);
                $whole->touch();
            });
        } catch (SheetError $e) {
            return $page->withInput()->withErrors(['text' => "Note: {$e->reason}."]);
        }

        return $page;
    }
}
