<?php

declare(strict_types=1);

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use App\Models\Vehicle;
use Spindle\Limit\Verdict;

it('keeps an entry with who, when and with what, and answers with what it means', function () {
    $job = $this->newJob($by = $this->technician());
    $answer = $this->actingAs($by)->enter($job, 'strip', 'disc.thickness', '0.291 in');

    $row = Reading::query()->where('field', 'disc.thickness')->sole();
    $answer->assertOk()->assertSee('= 7.39')->assertSee('id="telltale"', false)->assertSee('id="draw-disc"', false);
    expect($row->typed)->toBe('0.291 in')->and($row->value)->toEqualWithDelta(7.3914, 1e-9)->and($row->instrument)->toBe('calliper')
        ->and($row->by_name)->toBe('Tilda')->and($row->at->isToday())->toBeTrue();
});

it('keeps the old entry when it is corrected, and shows both', function () {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by)->enter($job, 'strip', 'disc.thickness', '7.15');
    $first = Reading::query()->where('field', 'disc.thickness')->sole();
    $this->enter($job, 'strip', 'disc.thickness', '7.51', $first->seq)->assertSee('2 entries');

    expect(Reading::query()->where('field', 'disc.thickness')->pluck('typed')->all())
        ->toBe(['7.15', '7.51'])
        ->and(Reading::query()->orderByDesc('seq')->first()->supersedes)
        ->toBe($first->seq);
    $this->get("/jobs/{$job->id}/history/disc.thickness")
        ->assertOk()
        ->assertSee('7.15 mm')
        ->assertSee('7.51 mm')
        ->assertSee('corrected later');
});

it('refuses what cannot be, names the field, and keeps what was there', function (string $typed, string $message) {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by)->enter($job, 'strip', 'flywheel.thickness', '26.1 mm');
    $shown = Reading::query()->where('field', 'flywheel.thickness')->sole()->seq;
    $this->enter($job, 'strip', 'flywheel.thickness', $typed, $shown)
        ->assertOk()
        ->assertSee('Flywheel thickness now: ')
        ->assertSee($message)
        ->assertSee('Still recorded')
        ->assertSee('data-state="refused"', false);

    expect(Reading::query()->where('field', 'flywheel.thickness')->count())->toBe(1);
})->with([
    ['30 psi', 'was read as a pressure; a length is expected'],
    ['thick', 'not a number'],
    ['26.1 m', 'cannot be right'],
    ['-3', 'cannot be right'],
    ['1,250', 'cannot be right'],
    ['<script>alert(1)</script>', 'not a number'],
]);

it('refuses an entry that contradicts another one', function () {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by)->enter($job, 'set', 'release.slave_outer', '30 mm');
    $this->enter($job, 'set', 'release.slave_inner', '40 mm')->assertSee('the inner diameter of an annular slave');

    expect(Reading::query()->where('field', 'release.slave_inner')->count())->toBe(0);
    $this->get("/jobs/{$job->id}/set")->assertOk();
});

it('keeps both entries when two people change one field, and asks', function () {
    $job = $this->newJob($tilda = $this->technician());
    $this->actingAs($tilda)->enter($job, 'strip', 'disc.runout', '0.2');
    $seen = Reading::query()->where('field', 'disc.runout')->sole()->seq;
    $this->actingAs($this->technician('Omar'))->enter($job, 'strip', 'disc.runout', '0.3', $seen)->assertDontSee('Which counts?');
    $theirs = Reading::query()->where('typed', '0.3')->sole()->seq;

    $this->actingAs($tilda)
        ->enter($job, 'strip', 'disc.runout', '0.25', $seen)
        ->assertSee('Omar entered')
        ->assertSee('Which counts?')
        ->assertSee('data-settle="0.25"', false)
        ->assertSee('data-settle="0.3"', false);
    expect(Reading::query()->where('typed', '0.25')->sole()->kind)->toBe(Reading::SET_ASIDE);
    $this->get("/jobs/{$job->id}/strip?part=disc")->assertSee('value="0.3"', false);

    $this->enter($job, 'strip', 'disc.runout', '0.25', $theirs)->assertDontSee('Which counts?');
    $this->get("/jobs/{$job->id}/strip?part=disc")->assertSee('value="0.25"', false);
    expect(Reading::query()->where('field', 'disc.runout')->count())->toBe(4);
});

it('lays the same aside once, however often a page that is loaded anew sends it', function () {
    $job = $this->newJob($tilda = $this->technician());
    $this->actingAs($omar = $this->technician('Omar'))->enter($job, 'strip', 'disc.runout', '0.3');
    foreach ([1, 2, 3] as $time) {
        $this->actingAs($tilda)->enter($job, 'strip', 'disc.runout', '0.25', 0)->assertSee('Which counts?');
    }
    expect(Reading::query()->where('field', 'disc.runout')->pluck('typed')->all())->toBe(['0.3', '0.25']);

    // Something else, and the same over what was entered since, are new.
    $this->enter($job, 'strip', 'disc.runout', '0.26', 0);
    $this->actingAs($omar)->enter($job, 'strip', 'disc.runout', '0.31', Reading::query()->where('typed', '0.3')->sole()->seq);
    $this->actingAs($tilda)->enter($job, 'strip', 'disc.runout', '0.25', 0)->assertSee('Which counts?');
    expect(Reading::query()->where('field', 'disc.runout')->pluck('typed')->all())->toBe(['0.3', '0.25', '0.26', '0.31', '0.25']);
});

it('does not disturb a field that was only shown, whoever changed it meanwhile', function () {
    $job = $this->newJob($tilda = $this->technician());
    $this->actingAs($tilda)->enter($job, 'strip', 'disc.runout', '0.2');
    $seen = Reading::query()->where('field', 'disc.runout')->sole()->seq;
    $this->enter($job, 'strip', 'disc.runout', '0.3', $seen);
    $this->enter($job, 'strip', 'disc.runout', '0.2', $seen)->assertDontSee('Which counts?');

    $this->get("/jobs/{$job->id}/strip?part=disc")->assertSee('value="0.3"', false);
});

it('takes a whole station by a plain form, without JavaScript, and loses nothing refused', function () {
    $job = $this->newJob($by = $this->technician());
    $answer = $this->actingAs($by)->post("/jobs/{$job->id}/strip", [
        'f' => ['disc.thickness' => ['7.4', 'soup', '7.6'], 'disc.conditions' => [['', 'oil', 'cracks']], 'flywheel.flatness' => ['']],
        'b' => ['disc.thickness' => ['0', '0', '0']],
        'i' => ['disc.thickness' => 'steel_rule'],
    ]);
    $answer->assertRedirect("/jobs/{$job->id}/strip");

    $page = $this->followRedirects($answer);
    $page
        ->assertSee('value="soup"', false)
        ->assertSee('“soup” is not a number')
        ->assertSee('value="7.4"', false)
        ->assertSee('value="7.6"', false)
        ->assertSee('find and mend the leak');
    expect(Reading::query()->where('field', 'disc.thickness')->pluck('instrument')->unique()->all())
        ->toBe(['steel_rule'])
        ->and(Reading::query()->where('field', 'disc.conditions')->sole()->typed)
        ->toBe('oil,cracks');
});

it('takes an entry out by emptying its field, and remembers it', function () {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by)->enter($job, 'strip', 'disc.runout', '0.2');
    $this->enter($job, 'strip', 'disc.runout', '', Reading::query()->where('field', 'disc.runout')->sole()->seq);

    $this->get("/jobs/{$job->id}/history/disc.runout")->assertSee('(taken out)')->assertSee('0.2 mm');
});

it('reads bare numbers in the unit the job shows', function () {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by)->post("/jobs/{$job->id}/units");
    $this->enter($job, 'strip', 'flywheel.thickness', '1.031');

    expect(Reading::query()->where('field', 'flywheel.thickness')->sole()->value)->toEqualWithDelta(26.1874, 1e-6);
    $this->post("/jobs/{$job->id}/units");
    $this->get("/jobs/{$job->id}/sheet.json")->assertSee('1.031 in');
});

it('marks a reading to be measured again until somebody does', function () {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by)->enter($job, 'strip', 'disc.runout', '0.2');
    $this->post("/jobs/{$job->id}/again", ['field' => 'disc.runout', 'position' => 0])->assertRedirect();
    $this->get("/jobs/{$job->id}/strip?part=disc")->assertSee('Measure again.');
    $this->get("/jobs/{$job->id}/record")->assertDontSee('marked to be measured again');
    $this->get("/jobs/{$job->id}/record?fold=open-strip")->assertSee('marked to be measured again');
    $this->enter(
        $job,
        'strip',
        'disc.runout',
        '0.21',
        Reading::query()->where('field', 'disc.runout')->where('kind', 'entry')->sole()->seq,
    );
    $this->get("/jobs/{$job->id}/strip?part=disc")->assertDontSee('Measure again.');
});

it('never changes or deletes a row', function () {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by)->enter($job, 'strip', 'disc.runout', '0.2');
    $row = Reading::query()->where('field', 'disc.runout')->sole();

    expect(fn () => $row->update(['typed' => '9']))
        ->toThrow(LogicException::class)
        ->and(fn () => $row->delete())
        ->toThrow(LogicException::class);
});

it('lets the maker\'s figure take the place of common practice', function () {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by);
    $this->enterAll($job, 'strip', 'flywheel.flatness', ['0.08 mm', '0.08 mm', '0.08 mm']);
    // How it came about is fetched when it is opened; with no script the page opens it.
    $this->get("/jobs/{$job->id}/strip")->assertDontSee('No maker’s figure entered; common practice used');
    $this->get("/jobs/{$job->id}/strip?finding=flywheel.flatness")->assertSee('No maker’s figure entered; common practice used');
    $this->get("/jobs/{$job->id}/findings/flywheel.flatness?at=strip")->assertOk()
        ->assertSee('No maker’s figure entered; common practice used');
    $this->get("/jobs/{$job->id}/findings/no.such")->assertNotFound();
    $this->enter($job, 'strip', 'limits.flywheel.flatness.max', '0.05 mm')->assertSee('0.05', false)->assertSee('(maker)');
    $this->get("/jobs/{$job->id}/strip")->assertSee('Grind: 0.08');
});

it('keeps the vehicle findable by what its newest job says', function () {
    $job = $this->newJob($by = $this->technician());
    $this->actingAs($by)->enter($job, 'intake', 'vehicle.plate', 'NEW 77', Reading::query()->where('field', 'vehicle.plate')->sole()->seq);

    expect(Vehicle::query()->sole()->plate)->toBe('NEW 77');
    $this->get('/?q=new77')->assertSee('Test hatchback');
});

it('passes over fields it does not know and places that cannot be', function () {
    $job = $this->newJob($by = $this->technician());
    $before = Reading::query()->count();
    $this->actingAs($by)
        ->post("/jobs/{$job->id}/strip", ['f' => ['no.such' => ['1'], 'disc.runout' => ['x' => '1', 999 => '1', -1 => '1']]])
        ->assertRedirect();
    $this->post("/jobs/{$job->id}/strip", ['f' => 'text'])->assertRedirect();

    expect(Reading::query()->count())
        ->toBe($before)
        ->and(Job::query()->count())
        ->toBe(1);
});

it('takes out what came in with a file, so that it is not judged any more', function () {
    $this->seedDemo();
    $this->actingAs(User::query()->firstOrFail());
    $seq = static fn (string $field): int => (int) Reading::query()->where('clutch_job_id', 10)->where('field', $field)->max('seq');
    foreach (['set' => 'release.free_play', 'prove' => 'prove.creep.result', 'strip' => 'flywheel.thickness'] as $station => $field) {
        $this->enter(Job::query()->findOrFail(10), $station, $field, '', $seq($field))->assertOk();
    }
    $page = AssessedJob::of(Job::whole(10));

    expect($page->values()->hasAny('release.free_play', 'prove.creep.result', 'flywheel.thickness'))->toBeFalse()
        ->and($page->assessment->find('release.free_play')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(json_decode((string) $this->get('/jobs/10/sheet.json')->getContent())->release)->not->toHaveProperty('free_play');
});
