<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\Sheets\SignSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

final class RecordController
{
    public function sign(Request $request, Job $job): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $page = redirect()->route('station', [$job, Station::Record->value]);

        try {
            return (new SignSheet($user))->sign($job)
                ? $page->with('notice', 'Signed and locked.')
                : $page->withErrors(['sign' => 'Not signed: something is still open, or it was signed meanwhile.']);
        } catch (SheetError $e) {
            return $page->withErrors(['sign' => "Not signed: {$e->getMessage()}."]);
        }
    }
}
