<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\OpenRound;
use App\Models\Job;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rules\Enum;
use Spindle\Proving\Test;
use Spindle\Sheet\Station;

/** A test that failed is tried once more, in a round of its own. */
final class ProveController
{
    public function again(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['test' => ['required', new Enum(Test::class)]]);
        OpenRound::of($job, Test::from($given['test']), $user);

        return redirect()->route('station', [$job, Station::Prove->value]);
    }
}
