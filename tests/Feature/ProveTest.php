<?php

declare(strict_types=1);

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Reading;
use App\Page\ProvingStory;
use Spindle\Proving\Test;

/*
 * Proving on the vehicle: a test that failed is cured and tried again, and how it went can be read afterwards.
 */

beforeEach(function () {
    $this->ines = $this->technician('Ines');
    $this->job = $this->newJob($this->ines);
    $this->actingAs($this->ines);
    foreach (['vehicle.actuation' => 'cable', 'vehicle.flywheel' => 'solid'] as $field => $word) {
        $this->enter($this->job, 'intake', $field, $word);
    }
    $this->again = fn (string $test) => $this->post("/jobs/{$this->job->id}/round", ['test' => $test]);
    $this->page = fn (): AssessedJob => AssessedJob::of(Job::whole($this->job->id));
    $this->seq = fn (string $field): int => (int) Reading::query()->where('field', $field)->max('seq');
});

it('leads a failed test to its cure, opens the next round and tells how it went', function () {
    $this->enter($this->job, 'prove', 'prove.creep.result', 'fail')->assertOk()->assertSee('Two turns more stroke');
    $this->enter($this->job, 'prove', 'prove.creep.felt', 'creeps at 3000');
    $this->get("/jobs/{$this->job->id}/prove")->assertSee('Try again, round 2')->assertSee('To Set');
    $this->enter($this->job, 'set', 'release.turns_made', '2');
    ($this->again)('creep')->assertRedirect("/jobs/{$this->job->id}/prove");
    $page = ($this->page)();
    expect($page->values()->word('prove.creep.result'))->toBeNull()->and($page->values()->count('prove.creep.round'))->toBe(2)
        ->and($page->assessment->find('prove.creep')?->say(metric()))->toBe('Revs and creep, round 2: to be tried again.');
    $this->enter($this->job, 'prove', 'prove.creep.result', 'pass', ($this->seq)('prove.creep.result'))->assertOk();
    $told = ProvingStory::told(($this->page)());

    expect($told)->toHaveCount(1)->and($told[0]->test)->toBe(Test::Creep)
        ->and($told[0]->sentence())->toBe('Round 1 failed (creeps at 3000), turns made, step by step 2, round 2 passed.');
    $this->get("/jobs/{$this->job->id}/prove")->assertSee('round 2 passed');
});

it('opens no round for a test that did not fail, and one only however often it is pressed', function () {
    ($this->again)('slip');
    $this->enter($this->job, 'prove', 'prove.slip.result', 'pass');
    ($this->again)('slip');
    expect(($this->page)()->values()->count('prove.slip.round'))->toBeNull();
    $this->enter($this->job, 'prove', 'prove.slip.result', 'fail', ($this->seq)('prove.slip.result'));
    ($this->again)('slip');
    ($this->again)('slip');
    expect(($this->page)()->values()->count('prove.slip.round'))->toBe(2);
    ($this->again)('no_such_test')->assertSessionHasErrors('test');
});

it('takes a slip of the finger back within a round without making a second one of it', function () {
    $this->enter($this->job, 'prove', 'prove.feel.result', 'fail');
    $this->enter($this->job, 'prove', 'prove.feel.result', 'pass', ($this->seq)('prove.feel.result'));

    expect(ProvingStory::told(($this->page)()))->toBe([])
        ->and(($this->page)()->assessment->find('prove.feel')?->say(metric()))->toBe('Pedal feel: passed.');
});

it('keeps the rounds in the file and reads them back', function () {
    $this->enter($this->job, 'prove', 'prove.creep.result', 'fail');
    ($this->again)('creep');
    $this->enter($this->job, 'prove', 'prove.creep.result', 'pass', ($this->seq)('prove.creep.result'));
    $json = (string) $this->get("/jobs/{$this->job->id}/sheet.json")->getContent();

    expect(json_decode($json)->prove->creep)->toEqual((object) ['result' => 'pass', 'round' => 2]);
});
