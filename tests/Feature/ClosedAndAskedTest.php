<?php

declare(strict_types=1);

use App\Changes\KeepLabour;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\LabourClock;
use App\Models\Role;
use App\Models\User;
use App\Readings\CurrentReadings;
use Spindle\Planning\Task;

/*
 * A job opened by mistake, a second one on a plate, what is asked of the lead, and the clock that follows whoever works.
 */

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs($this->technician = User::query()->where('login', 'sefi')->firstOrFail());
    $this->open = Job::query()->where('is_open', true)->with('vehicle')->orderBy('id')->firstOrFail();
});

it('closes a job that was opened by mistake, with a reason that says something, and opens it again', function () {
    $close = fn (string $why, int $shown) => $this->enter($this->open, 'record', 'record.closed', $why, $shown)->assertOk();
    $close('n/a', 0);
    expect($this->open->refresh()->is_open)->toBeTrue();
    $this->get("/jobs/{$this->open->id}/record")->assertSee('a reason of a few words is wanted');

    $seq = fn (): int => (int) $this->open->load('readings')->readings->where('field', 'record.closed')->max('seq');
    $close('Opened twice for one vehicle', $seq());
    expect($this->open->refresh()->is_open)->toBeFalse()->and($this->open->state->value)->toBe('closed');
    $this->get('/?show=unsigned')->assertDontSee(">{$this->open->label()}<", false);
    $this->get('/?show=closed')->assertSee($this->open->label())->assertSee('closed unsigned');
    $this->get("/jobs/{$this->open->id}/record")->assertOk()->assertSee('It keeps all that was entered');
    $this->post("/jobs/{$this->open->id}/sign")->assertRedirect();
    expect($this->open->load('signedSheet')->isSigned())->toBeFalse();

    $close('', $seq());
    expect($this->open->refresh()->is_open)->toBeTrue();
});

it('asks before a second job is opened on a vehicle that has one', function () {
    $given = ['name' => $this->open->vehicle->name, 'plate' => $this->open->vehicle->plate, 'class' => $this->open->vehicle->class,
        'units' => 'metric'];
    $before = Job::query()->count();
    $this->post('/new-job', $given)->assertRedirect('/new-job');
    expect(Job::query()->count())->toBe($before);
    $this->followingRedirects()->post('/new-job', $given)->assertSee('has a job that is open')->assertSee('Open another beside it');
    $this->post('/new-job', [...$given, 'another' => 'yes'])->assertRedirect();
    expect(Job::query()->count())->toBe($before + 1);
});

it('puts what is asked of the lead before the lead, until it is answered', function () {
    $page = AssessedJob::of(Job::whole($this->open->id));
    $finding = $page->signOff->blockers[0];
    $this->post("/jobs/{$this->open->id}/waivers", ['finding' => $finding->id, 'reason' => 'No dial to be had before Monday'])
        ->assertRedirect();
    $this->get('/')->assertOk()->assertDontSee('Asked of you');

    $this->actingAs(User::query()->where('role', Role::Lead)->firstOrFail())->get('/')->assertOk()->assertSee('Asked of you')
        ->assertSee('No dial to be had before Monday');
    $this->post("/jobs/{$this->open->id}/waivers", ['finding' => $finding->id, 'withdraw' => '1'])->assertRedirect();
    $this->get('/')->assertOk()->assertDontSee('Asked of you');
});

it('lets the clock follow whoever works at another station, and stops it where the job is signed', function () {
    $this->travelTo(now());
    KeepLabour::start($this->open, Task::Checks, $this->technician);
    $this->travel(20)->minutes();
    $this->enter($this->open, 'set', 'release.pedal_ratio', '5')->assertOk();
    $clock = LabourClock::query()->where('user_id', $this->technician->id)->firstOrFail();
    expect(Task::from($clock->task)->station()->value)->toBe('set')
        ->and((new CurrentReadings(Job::whole($this->open->id)->readings))->typed('plan.taken.checks'))->toBe('0.33 h');
    // At the same station it runs on.
    $this->enter($this->open, 'set', 'release.fork_ratio', '2')->assertOk();
    expect(LabourClock::query()->whereKey($clock->id)->exists())->toBeTrue();
    // Another job is another matter.
    $other = Job::query()->where('is_open', true)->where('id', '<>', $this->open->id)->firstOrFail();
    $this->enter($other, 'intake', 'odometer', '99 000 km');
    expect(LabourClock::query()->where('clutch_job_id', $this->open->id)->exists())->toBeTrue();

    $this->travel(30)->minutes();
    KeepLabour::stopOn($this->open->id);
    expect(LabourClock::query()->where('clutch_job_id', $this->open->id)->exists())->toBeFalse()
        ->and((new CurrentReadings(Job::whole($this->open->id)->readings))->typed('plan.taken.setting'))->toBe('0.50 h');
});
