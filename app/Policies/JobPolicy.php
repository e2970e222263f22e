<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** What not everybody may do to a job. */
final class JobPolicy
{
    /** An entry taken back counts as if it had never been made, though it stays in the record. */
    public function takeBack(User $user, Job $job): Response
    {
        return $user->isLead() ? Response::allow() : Response::deny("Only the lead takes back what was entered on {$job->label()}.");
    }
}
