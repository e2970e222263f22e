<?php

declare(strict_types=1);

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\Reading;
use App\Models\User;
use App\Page\JobPlanning;
use App\Readings\CurrentReadings;
use Illuminate\Support\Facades\DB;

/*
 * A promised day is guarded on the plan, in the bay, on the board and at the parts; what the day has to be follows from today.
 */

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'bram')->firstOrFail());
    $this->travelTo('2026-12-07 08:00:00');
    $this->job = Job::query()->findOrFail(2);
    $promise = fn (string $day) => $this->post('/jobs/2/plan/promise', [
        'day' => $day, 'shown' => (new CurrentReadings(Job::whole(2)->readings))->row('promised_on')->seq ?? 0,
    ]);
    $this->promise = $promise;
});

it('promises a day from the plan, and says so of one that somebody else promised meanwhile', function () {
    ($this->promise)('2027-01-15')->assertRedirect('/jobs/2/plan');
    expect(Job::query()->findOrFail(2)->promised_on)->toBe('2027-01-15');
    $this->get('/jobs/2/plan')->assertOk()->assertSee('safe, kept in')->assertSee(', safe')->assertDontSee('A message to the customer');

    $this->post('/jobs/2/plan/promise', ['day' => '2027-01-20', 'shown' => 0])->assertRedirect()->assertSessionHasErrors('day');
    $this->post('/jobs/2/plan/promise', ['day' => 'soon', 'shown' => 0])->assertSessionHasErrors('day');
});

it('says on plan, bay, board and parts when a promised day no longer stands, and drafts the message', function () {
    ($this->promise)('2026-12-07');
    $this->enter($this->job, 'intake', 'keeper.name', 'Orla Penrick');
    $this->get('/jobs/2/plan')->assertOk()->assertSee('no longer likely')->assertSee('Dear Orla Penrick')
        ->assertSee('will not be ready that day');
    $this->get('/jobs/2/plan/guard')->assertOk()->assertSee('no longer likely');
    $this->get('/promises')->assertOk()->assertSee('J-0002')->assertSee('no longer likely');
    // Kept for one reader it is not said to another as the first one writes.
    foreach (['en-GB' => '7 Dec 2026', 'en-US' => 'Dec 7, 2026', 'de-DE' => '07.12.2026'] as $tag => $day) {
        $this->flushHeaders()->withHeader('Accept-Language', $tag)->get('/promises')->assertSee("Promised for {$day}");
    }
    $this->flushHeaders();
    foreach (['/', '/board'] as $page) {
        $this->get($page)->assertOk()->assertSee('/promises"', false);
    }
    $this->get('/jobs/2/parts')->assertOk()->assertSee('/jobs/2/plan/guard"', false);

    // Kept for a while, and never past a change of the job.
    ($this->promise)('2027-01-15');
    $this->get('/promises')->assertOk()->assertDontSee('J-0002');
});

it('names the kit that would save the day, where a kit is what is waited for, and says what is not known of it', function () {
    $this->enter(Job::query()->findOrFail(2), 'kit', 'plan.delivery_days', '9');
    $promise = fn (string $day) => $this->flushHeaders()->post('/jobs/2/plan/promise', [
        'day' => $day, 'shown' => (new CurrentReadings(Job::whole(2)->readings))->row('promised_on')->seq ?? 0,
    ]);
    $promise('2026-12-11');
    $page = $this->get('/jobs/2/plan')->assertOk()->assertSee('/jobs/2/plan/kit"', false);
    $page->assertSee('no longer likely');
    $said = html_entity_decode((string) $this->get('/jobs/2/plan/kit')->assertOk()->getContent());
    $pattern = '~^<p>Kit (\S+) of ([^,]+), there (?:in a day|today|in \d+ days), would make it likely\. Nothing that is known speaks '
        .'against it, and (?:one datum is|\d+ data are) to be asked~';
    expect(preg_match($pattern, $said, $m))->toBe(1, $said);
    $kit = Kit::query()->with('supplier')->where('number', $m[1])->firstOrFail();
    $page = AssessedJob::of(Job::whole(2));
    expect($kit->supplier?->name)->toBe($m[2])->and($kit->number)->not->toBe($page->values()->word('kit.number'))
        ->and(JobPlanning::of($page)->guard()?->keepsWithin((int) $kit->lead_days))->toBeTrue();

    // What is likely needs none.
    $promise('2027-01-15');
    expect($this->get('/jobs/2/plan/kit')->getContent())->toBe('');
});

it('loses no promise of others to a job that cannot be shown', function () {
    ($this->promise)('2026-12-07');
    Reading::query()->create(['clutch_job_id' => 3, 'seq' => 9000, 'field' => 'vehicle.class', 'position' => 0, 'kind' => Reading::ENTRY,
        'typed' => 'hovercraft', 'is_number' => false, 'by_name' => 'y', 'at' => now()]);
    DB::table('clutch_jobs')->where('id', 3)->update(['promised_on' => '2026-12-07', 'is_open' => true]);
    $this->get('/promises')->assertOk()->assertSee('J-0002');
});
