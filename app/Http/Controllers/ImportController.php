<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\SheetImport;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

final class ImportController
{
    public function create(): View
    {
        return view('import');
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:8000'], 'same' => ['nullable', 'boolean']], [
            'file.required' => 'File: choose a job sheet to take in.',
            'file.max' => 'File: larger than 8 MB, which no job sheet is.',
        ]);
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            abort(422);
        }
        try {
            $job = (new SheetImport($user))->import($file->getContent(), $request->boolean('same'));
        } catch (SheetError $e) {
            return back()->with('same', $e->place === SheetImport::OTHER_NAME)
                ->withErrors(['file' => "{$file->getClientOriginalName()} was not taken in. {$e->getMessage()}."]);
        }

        return redirect()->route('station', [$job, Station::Intake->value])->with('notice', 'Taken in; nothing in the file was changed.');
    }
}
