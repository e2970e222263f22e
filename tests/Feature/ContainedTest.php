<?php

declare(strict_types=1);

use App\Changes\SheetImport;
use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Models\Job;
use App\Models\JobStanding;
use App\Models\Kit;
use App\Models\KitChoice;
use App\Models\Reading;
use App\Models\Role;
use App\Models\User;
use App\Models\Waiver;
use App\Readings\CurrentReadings;
use App\Shelf\ShelfStamp;
use Illuminate\Support\Facades\View;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;
use Tests\Support\EveryPage;
use Tests\Support\MutatedSheets;

/*
 * Bad input is refused or contained: it takes a page away neither from its own job nor from anybody else's.
 */

beforeEach(function () {
    $this->actingAs($this->user = $this->technician());
    $this->job = $this->newJob($this->user);
    // What a version of this program that knew less may have stored.
    $this->spoil = function (Job $job, string $field, string $typed): void {
        Reading::query()->create([
            'clutch_job_id' => $job->id,
            'seq' => 1 + (int) Reading::query()->where('clutch_job_id', $job->id)->max('seq'),
            'field' => $field,
            'position' => 0,
            'kind' => Reading::ENTRY,
            'typed' => $typed,
            'is_number' => false,
            'by_name' => 'Tilda',
            'at' => now(),
            'supersedes' => Reading::query()->where('clutch_job_id', $job->id)->where('field', $field)->max('seq'),
        ]);
    };
});

it('refuses an entry that no workshop can have measured, names the field and its band, and shows every page afterwards', function (
    string $field,
    string $typed,
    string $band,
) {
    $station = Subjects::dictionary()->get($field)->station->value;
    $this->enter($this->job, $station, $field, $typed)->assertOk()->assertSee('cannot be right')->assertSee($band);

    expect(Reading::query()->where('clutch_job_id', $this->job->id)->where('field', $field)->exists())
        ->toBeFalse()
        ->and(array_filter(iterator_to_array(EveryPage::of($this->job))))
        ->toBe([]);
})->with([
    'a loss just below nothing' => ['engine.driveline_loss', '-0.0000000001 %', 'between 0 % and 60 %'],
    'a bore of next to nothing' => ['release.master_bore', '0.000000000000000000001 mm', 'between 5 mm and 80 mm'],
    'a ratio of next to nothing' => ['release.finger_ratio', '0.00000000000000000000000000001', 'between 0.5 and 20'],
    'a ring gear of 7 m' => ['vehicle.friction_outer', '7 m', 'between 80 mm and 600 mm'],
    'a torque of a toy' => ['engine.peak_torque', '0.5 Nm', 'between 5 N·m and 6000 N·m'],
]);

it('keeps an entry only if the whole job can be assessed, printed and exported with it', function () {
    $before = Reading::query()->where('clutch_job_id', $this->job->id)->count();
    // A sheet that cannot be printed, whatever the reason.
    View::composer('printed.body', static fn () => throw new RuntimeException('the printer is on fire'));
    $this->enter($this->job, 'strip', 'disc.runout', '0.2 mm')->assertSee(
        'Disc runout at the rim: with this the job could not be shown any more, so it was not taken',
    );

    expect(Reading::query()->where('clutch_job_id', $this->job->id)->count())->toBe($before);
});

it('refuses what contradicts another entry, and names the field', function () {
    $this->enter($this->job, 'intake', 'vehicle.actuation', 'concentric')->assertOk();
    $this->enter($this->job, 'set', 'release.slave_outer', '40 mm')->assertOk();
    $this->enter($this->job, 'set', 'release.slave_inner', '60 mm')->assertSee(
        'Annular slave, inner diameter: the inner diameter of an annular slave lies between 0 and the outer',
    );
    $this->enter($this->job, 'set', 'release.slave_inner', '30 mm')->assertDontSee('lies between');

    expect((new CurrentReadings($this->job->load('readings')->readings))->typed('release.slave_inner'))->toBe('30 mm');
});

it('keeps the good entries of a form and refuses the bad ones', function () {
    $this->post("/jobs/{$this->job->id}/set", [
        'f' => ['release.slave_outer' => ['40 mm'], 'release.slave_inner' => ['60 mm'], 'release.fork_ratio' => ['1.9']],
    ])->assertRedirect();
    $now = new CurrentReadings($this->job->load('readings')->readings);

    expect($now->typed('release.slave_outer'))
        ->toBe('40 mm')
        ->and($now->typed('release.slave_inner'))
        ->toBe('')
        ->and($now->typed('release.fork_ratio'))
        ->toBe('1.9');
});

it('chooses no kit that would break the job, and says so', function () {
    $kit = Kit::query()->create(['number' => 'X-1', 'name' => 'Inside out', 'class' => 'car', 'for_car' => true]);
    $kit->detail()->create([
        'data' => ['name' => 'Inside out', 'lining_outer' => '150 mm', 'lining_inner' => '240 mm'],
        'facts' => ['kit.name' => 'Inside out', 'kit.lining_outer' => 150.0, 'kit.lining_inner' => 240.0],
    ]);
    ShelfStamp::change();
    $this->followingRedirects()
        ->post("/jobs/{$this->job->id}/kit/choice", ['kit' => $kit->id])
        ->assertOk()
        ->assertSee('Kit: it was not chosen')
        ->assertSee('Inside out')
        ->assertSee('the inner diameter of a lining');

    expect(KitChoice::query()->count())->toBe(0);
});

it('waives only what is judged on the job', function () {
    $this->post("/jobs/{$this->job->id}/waivers", ['finding' => 'sun.shade', 'reason' => 'because'])->assertSessionHasErrors('reason');
    expect(Waiver::query()->count())->toBe(0);
});

it('shows every list while one job cannot be shown, and that job as what it is', function () {
    $other = $this->newJob($this->user, 'van', 'GOOD 1');
    ($this->spoil)($this->job, 'engine.peak_torque', 'soup');
    $this->artisan('standings:rebuild')->assertSuccessful();

    $this->get('/')->assertOk()->assertSee('Cannot be shown.')->assertSee('Peak torque: ')->assertSee($other->label());
    $this->get("/vehicles/{$this->job->vehicle_id}")->assertOk()->assertSee('Cannot be shown.');
    // The next job on the same vehicle has the broken one in its history.
    $next = $this->newJob($this->user, 'car', 'AB 12 CDE');
    $next->update(['vehicle_id' => $this->job->vehicle_id]);
    $this->get("/jobs/{$next->id}/intake")->assertOk();
    foreach (Station::cases() as $station) {
        $this->get("/jobs/{$this->job->id}/{$station->value}")->assertStatus(409)->assertSee('This job cannot be shown')->assertSee('soup');
    }
    foreach (['sheet', 'sheet.json'] as $page) {
        $this->get("/jobs/{$this->job->id}/{$page}")->assertStatus(409);
    }
});

it('lets the lead, and nobody else, take back the entry at fault; nothing is deleted', function () {
    $this->enter($this->job, 'demand', 'engine.peak_torque', '210 Nm')->assertOk();
    ($this->spoil)($this->job, 'engine.peak_torque', 'soup');
    $seq = (int) Reading::query()->where('typed', 'soup')->value('seq');
    $rows = Reading::query()->count();

    $this->flushHeaders()
        ->get("/jobs/{$this->job->id}/demand")
        ->assertStatus(409)
        ->assertSee('The lead can take back')
        ->assertDontSee('Take back<');
    $this->post("/jobs/{$this->job->id}/take-back", ['seq' => $seq])->assertForbidden();

    $this->actingAs(User::factory()->create(['role' => Role::Lead, 'name' => 'Orla']));
    $this->get("/jobs/{$this->job->id}/demand")
        ->assertStatus(409)
        ->assertSee('name="seq" value="'.$seq.'"', false);
    $this->post("/jobs/{$this->job->id}/take-back", ['seq' => $seq])->assertRedirect("/jobs/{$this->job->id}");
    $this->get("/jobs/{$this->job->id}/demand")
        ->assertOk()
        ->assertSee('210 Nm');

    expect(Reading::query()->count())
        ->toBe($rows + 1)
        ->and(Reading::query()->orderByDesc('id')->first()->by_name)
        ->toBe('Orla, taken back')
        ->and(JobStanding::query()->findOrFail($this->job->id)->isBroken())
        ->toBeFalse();
    // What does not count any more is not taken back a second time.
    $this->post("/jobs/{$this->job->id}/take-back", ['seq' => $seq]);
    expect(Reading::query()->count())->toBe($rows + 1);
});

it('says so when one entry taken back was not enough', function () {
    $this->actingAs(User::factory()->create(['role' => Role::Lead]));
    ($this->spoil)($this->job, 'engine.peak_torque', 'soup');
    ($this->spoil)($this->job, 'disc.runout', 'stew');
    $this->followingRedirects()
        ->post("/jobs/{$this->job->id}/take-back", ['seq' => (int) Reading::query()->where('typed', 'stew')->value('seq')])
        ->assertOk()
        ->assertSee('still cannot be shown')
        ->assertSee('soup');
});

it('turns a page that fails while it is drawn into that job\'s own fault', function () {
    View::composer('stations.demand', static fn () => throw new RuntimeException('no ink'));
    $this->get("/jobs/{$this->job->id}/demand")->assertStatus(409)->assertSee('This job cannot be shown')->assertSee('no ink');
    $this->get('/')->assertOk();
});

it('has its fault reported when it is the program\'s, not when it is an entry\'s', function () {
    ($this->spoil)($this->job, 'disc.runout', 'stew');
    expect(fn () => AssessedJob::of($this->job->fresh(Job::WHOLE)))->toThrow(function (JobCannotBeShown $e) {
        expect($e->report())->toBeTrue()->and($e->getMessage())->toContain('Disc runout at the rim: ');
    });
    expect(JobCannotBeShown::because($this->job, new TypeError('a slip'))->report())->toBeFalse();
});

it('takes no more places than a field has', function () {
    $send = fn (string $field, int $position) => $this->withHeader('HX-Request', 'true')
        ->post("/jobs/{$this->job->id}/strip", ['f' => [$field => [$position => '0.2 mm']]])
        ->assertOk();
    $send('disc.runout', 1);
    $send('disc.thickness', 24);
    expect(
        Reading::query()
            ->whereIn('field', ['disc.runout', 'disc.thickness'])
            ->count(),
    )->toBe(0);
    $send('disc.thickness', 2);
    expect(Reading::query()->where('field', 'disc.thickness')->sole()->position)->toBe(2);
});

it('answers an address of a shape it does not know with 422', function (string $address) {
    $this->get($address)->assertStatus(422);
})->with(['/?q[]=x', '/?page[]=2', '/models?model[a]=b', '/?q=%FF%FE', '/jobs/1/strip?part[]=disc']);

it('answers an address or a form with nonsense in it with anything but a fault of its own', function (
    string $method,
    string $address,
    array $form,
) {
    $status = $this->call($method, $address, $form)->getStatusCode();
    expect($status)->toBeLessThan(500);
})->with([
    ['GET', '/?page=99999999999999999999999', []],
    ['GET', '/?page=-1', []],
    ['GET', '/?page=soup', []],
    ['GET', '/jobs/1/strip?part=sun', []],
    ['GET', '/jobs/1/history/sun.shade', []],
    ['POST', '/jobs/soup/strip', ['f' => []]],
    ['POST', '/jobs/99999999999999999999/strip', ['f' => []]],
    ['GET', '/jobs/0/strip', []],
    ['POST', '/theme', ['theme' => ['a']]],
    ['POST', '/jobs/1/again', ['field' => ['a'], 'position' => ['b']]],
    ['POST', '/jobs/1/strip', ['f' => 'x', 'b' => 'y', 'm' => 'z', 'i' => 3]],
    ['POST', '/jobs/1/strip', ['m' => ['flywheel' => ['take' => ['1']]]]],
    ['POST', '/jobs/1/strip', ['f' => ['disc.runout' => ['a' => 'b', '-1' => '2', '0' => ['x', 'y']]]]],
    ['POST', '/jobs/1/notes', ['station' => ['strip'], 'text' => ['x']]],
    'bytes that are not UTF-8' => ['POST', '/jobs/1/notes', ['station' => 'strip', 'text' => "\xC3\x28"]],
    ['POST', '/jobs/1/waivers', ['finding' => ['x'], 'reason' => ['y']]],
    ['POST', '/jobs/1/kit', ['kit' => ['1']]],
    ['POST', '/new-job', ['name' => ['x'], 'plate' => ['y'], 'class' => ['car'], 'units' => 'metric']],
    ['POST', '/new-job/register', ['plate' => ['x']]],
    ['POST', '/models', ['model' => ['x'], 'field' => ['y'], 'value' => ['z']]],
    ['POST', '/limits', ['name' => ['x'], 'classes' => []]],
    ['POST', '/import', ['file' => 'no file']],
]);

it('keeps no text that is not in UTF-8, in an entry or a note', function () {
    $this->enter($this->job, 'intake', 'vehicle.engine', "two \xC3\x28 litres")->assertStatus(422)
        ->assertSee('Engine: it holds characters that cannot be shown');
    expect(array_filter(iterator_to_array(EveryPage::of($this->job))))->toBe([]);
});

it('shows every page of every spoilt file it takes in', function () {
    // A short run of bin/mutate.php, which ships and takes any seed.
    $mutated = MutatedSheets::ofDemo(11);
    $taken = 0;
    for ($i = 0; $i < 12; $i++) {
        $json = $mutated->next();
        try {
            $job = (new SheetImport($this->user))->import($json);
        } catch (SheetError $e) {
            expect($e->getMessage())->not->toBe('');

            continue;
        }
        $taken++;
        expect(array_filter(iterator_to_array(EveryPage::of($job))))->toBe([], $json);
    }
    expect($taken)->toBeGreaterThan(2);
});
