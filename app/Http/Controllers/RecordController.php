<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\SignSheet;
use App\Models\Job;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

final class RecordController
{
    public function sign(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
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
