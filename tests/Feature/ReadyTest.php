<?php

declare(strict_types=1);

use App\Changes\SheetImport;
use App\Changes\SignSheet;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\JobStanding;
use App\Models\Role;
use App\Models\User;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Spindle\Sheet\Document;
use Tests\Support\CompleteJobs;
use Tests\Support\Spoilt;

/*
 * "Ready to sign" is said only where signing succeeds, and of every job that can be signed it is said. 500 jobs are made of complete ones
 * of each kind, with entries taken out and spoilt at random.
 */

it('says ready to sign of just those jobs that can be signed', function () {
    $user = User::factory()->create(['role' => Role::Lead]);
    $dice = new Randomizer(new Mt19937(20));
    $complete = CompleteJobs::all();
    [$ready, $wrong] = [0, []];
    for ($made = 0; $made < 500; $made++) {
        $kind = $dice->shuffleArray(array_keys($complete))[0];
        $document = $complete[$kind];
        for ($spoilt = $dice->getInt(0, 3); $spoilt > 0; $spoilt--) {
            $document = (new Spoilt($document))->atRandom($dice);
        }
        // Each is another vehicle.
        $document['vehicle'] = [...$document['vehicle'], 'plate' => sprintf('RD %04d', $made)];
        try {
            $job = (new SheetImport($user))->importOwn(Document::ofJson((string) json_encode(
                ['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$document],
            )));
        } catch (Spindle\Sheet\SheetError) {
            continue;
        }
        $said = JobStanding::query()->findOrFail($job->id)->worst === JobStanding::READY;
        $ready += $said ? 1 : 0;
        if ((new SignSheet($user))->sign(Job::whole($job->id)) !== $said) {
            $wrong[] = "{$kind}: ".($said ? 'said, and not signed' : 'signed, and not said');
        }
    }

    expect($wrong)->toBe([])->and($ready)->toBeGreaterThan(100)->and($ready)->toBeLessThan(450);
});

it('says what keeps a job from being signed, also where no reading does', function () {
    $user = User::factory()->create(['role' => Role::Lead]);
    $job = (new SheetImport($user))->importOwn(Document::ofJson((string) json_encode(
        ['format' => 'jade-spindle/job-sheet', 'version' => 1, ...CompleteJobs::all()['car, cable, adjusted']],
    )));
    $this->actingAs($user)->post("/jobs/{$job->id}/again", ['field' => 'release.free_play', 'position' => 0]);
    $doubted = AssessedJob::of(Job::whole($job->id));

    expect($doubted->signOff->isAllowed())->toBeFalse()
        ->and($doubted->signOff->blockers[0]->say(metric()))->toBe('Free play at the pad is marked to be measured again.')
        ->and(JobStanding::query()->findOrFail($job->id)->worst)->toBe('')
        ->and((new SignSheet($user))->sign(Job::whole($job->id)))->toBeFalse();
});
