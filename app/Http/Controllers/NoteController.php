<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\AddNote;
use App\Models\Job;
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
            AddNote::to($job->id, $user, Station::from($given['station']), $given['text']);
        } catch (SheetError $e) {
            return $page->withInput()->withErrors(['text' => "Note: {$e->reason}."]);
        }

        return $page;
    }
}
