<?php

declare(strict_types=1);

use App\Audit\AuditEntry;
use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Limits\ModelBook;
use App\Models\ModelFigure;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/* The log of what happened, and makers' figures that the lead has confirmed. */

beforeEach(function () {
    $this->lead = User::factory()->create(['name' => 'Ines Tarrow', 'login' => 'ines', 'role' => Role::Lead]);
    $this->bram = User::factory()->create(['name' => 'Bram Oakes', 'login' => 'bram']);
    $this->about = static fn (LogTopic $topic): array => AuditEntry::query()->where('log_name', $topic->value)->orderBy('id')
        ->get()->map(static fn (AuditEntry $e): array => [$e->who(), $e->description])->all();
});

it('writes down who signed in and out and who failed to, and nothing that was typed', function () {
    $this->post('/sign-in', ['login' => 'bram', 'password' => 'a long enough secret']);
    $this->post('/sign-out');
    $this->post('/sign-in', ['login' => 'bram', 'password' => 'hunter2 and more']);
    $this->post('/sign-in', ['login' => 'my secret by mistake', 'password' => 'x']);

    expect(($this->about)(LogTopic::Access))->toBe([
        ['Bram Oakes', 'Bram Oakes signed in.'],
        ['Bram Oakes', 'Bram Oakes signed out.'],
        ['', 'Signing in as Bram Oakes failed.'],
        ['', 'Signing in failed: no account of that name.'],
    ])->and(AuditEntry::query()->first()?->from())->toBe('127.0.0.1')
        ->and((string) json_encode(DB::table('activity_log')->get()))->not->toContain('hunter2')->not->toContain('mistake');
});

it('writes down who tried what they may not', function () {
    $this->actingAs($this->bram)->post("/people/{$this->lead->id}/disable")->assertForbidden();

    expect(($this->about)(LogTopic::Access))->toBe([['Bram Oakes', "Refused: POST /people/{$this->lead->id}/disable."]]);
});

it('writes down limits, figures, signatures and exports with who', function () {
    $job = $this->newJob($this->bram);
    $this->actingAs($this->lead);
    $this->post('/limits', ['name' => 'flywheel.flatness', 'classes' => 'car,van,truck,tractor', 'greatest' => '0.08 mm'])
        ->assertSessionHasNoErrors();
    $this->post('/instruments', ['instrument' => 'calliper', 'uncertainty' => '0.03 mm'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/sheet.json")->assertOk();
    $this->get("/jobs/{$job->id}/readings.csv")->assertOk();
    $this->get('/shop.zip')->assertOk();

    expect(($this->about)(LogTopic::Rules))->toBe([
        ['Ines Tarrow', 'Limit Flatness, dish or step (car, van, truck, tractor): at most 0.08 mm.'],
        ['Ines Tarrow', 'Uncertainties, calliper: 0.03 mm.'],
    ])->and(($this->about)(LogTopic::Exports))->toBe([
        ['Ines Tarrow', 'Took out the open file of J-0001.'],
        ['Ines Tarrow', 'Took out the readings of J-0001.'],
        ['Ines Tarrow', 'Took out the whole shop.'],
    ]);
});

it('writes down which instrument was given a token, and lost it', function () {
    $this->actingAs($this->lead)->post('/instruments/devices', ['name' => 'Calliper 3', 'instrument' => 'calliper']);
    $this->post('/instruments/devices/'.App\Models\Device::query()->sole()->id.'/revoke');

    expect(($this->about)(LogTopic::Accounts))->toBe([
        ['Ines Tarrow', 'Gave the instrument Calliper 3 a token.'],
        ['Ines Tarrow', 'Took the token of the instrument Calliper 3 back.'],
    ]);
});

it('writes down a signature with its hash', function () {
    User::query()->delete();
    $this->seedDemo();
    $signed = DB::table('signed_sheets')->orderBy('id')->first();

    expect(collect(($this->about)(LogTopic::Signing))->pluck(1)->all())->toContain(
        'Signed '.App\Models\Job::numbered((int) $signed->clutch_job_id)." as {$signed->by_name}, SHA-256 ".substr($signed->sha256, 0,
            12).'….',
    );
});

it('reads nothing out of what a person typed', function () {
    AuditLog::note(LogTopic::Accounts, 'Renamed :causer.password to :subject.password, :properties.who.', $this->bram, $this->lead);

    expect(AuditEntry::query()->sole()->description)->toBe('Renamed :causer.password to :subject.password, :properties.who.');
});

it('keeps an entry with the change it tells of, or neither', function () {
    try {
        App\Store\InTurn::do(function (): void {
            App\Accounts\KeepAccounts::disable($this->bram);
            throw new RuntimeException('the power went');
        });
    } catch (RuntimeException) {
    }
    expect($this->bram->refresh()->disabled_at)->toBeNull()->and(AuditEntry::query()->count())->toBe(0);
});

it('is never changed afterwards', function () {
    AuditLog::note(LogTopic::Accounts, 'Disabled somebody.', null, $this->lead);
    $entry = AuditEntry::query()->sole();

    expect(fn () => $entry->update(['description' => 'Nothing happened.']))->toThrow(LogicException::class)
        ->and(fn () => $entry->delete())->toThrow(LogicException::class)->and(AuditEntry::query()->sole()->description)
        ->toBe('Disabled somebody.');
});

it('is read and sieved by the lead', function () {
    AuditLog::note(LogTopic::Accounts, 'Disabled Sefi Lund.', null, $this->lead);
    AuditLog::note(LogTopic::Waivers, 'J-0007: let pass 100 % of it.', null, $this->bram);
    $this->travel(2)->days();
    AuditLog::note(LogTopic::Exports, 'Took out the whole shop.', null, $this->lead);
    $this->actingAs($this->lead);
    $shown = fn (string $query): array => array_values(array_filter(
        ['Disabled Sefi Lund.', 'J-0007', 'Took out the whole shop.'],
        fn (string $said): bool => str_contains((string) $this->get("/log?{$query}")->assertOk()->getContent(), $said),
    ));

    expect($shown(''))->toHaveCount(3)
        ->and($shown('topic=waivers'))->toBe(['J-0007'])
        ->and($shown('who=Ines+Tarrow'))->toBe(['Disabled Sefi Lund.', 'Took out the whole shop.'])
        ->and($shown('since='.now()->toDateString()))->toBe(['Took out the whole shop.'])
        ->and($shown('until='.now()->subDay()->toDateString()))->toBe(['Disabled Sefi Lund.', 'J-0007'])
        ->and($shown('words=100+%25'))->toBe(['J-0007'])
        ->and($shown('words=1_0'))->toBe([]);
    $this->get('/log?since=yesterday')->assertSessionHasErrors('since');
});

it('shows the log page by page, the latest first', function () {
    foreach (range(1, 120) as $n) {
        AuditLog::note(LogTopic::Access, "entry {$n}.", null, $this->lead);
    }
    $first = $this->actingAs($this->lead)->get('/log')->assertSee('entry 120.')->assertSee('entry 71.')->assertDontSee('entry 70.');
    preg_match('~href="([^"]+)">Earlier~', (string) $first->getContent(), $m);
    $this->get(html_entity_decode($m[1]))->assertSee('entry 70.')->assertDontSee('entry 71.')->assertSee('Later');
});

it('marks a maker\'s figure of a technician as not checked until the lead confirms it', function () {
    $job = $this->newJob($this->bram);
    $this->actingAs($this->bram)->enter($job, 'strip', 'limits.flywheel.flatness.max', '0.08 mm')->assertOk()
        ->assertSee('not checked by the lead yet');
    $this->enterAll($job, 'strip', 'flywheel.flatness', ['0.05 mm', '0.05 mm', '0.05 mm'])->assertOk();
    $this->flushHeaders()->get("/jobs/{$job->id}/strip?part=flywheel&finding=flywheel.flatness")->assertSee('not checked by the lead yet');
    $this->get('/models?model=Test+hatchback')->assertSee('not checked')->assertDontSee('It is so');
    $this->post('/models/confirm', ['model' => 'Test hatchback', 'field' => 'limits.flywheel.flatness.max', 'value' => '0.08 mm'])
        ->assertForbidden();
    $this->actingAs($this->lead);
    // Only what was looked at is confirmed.
    $this->post('/models/confirm', ['model' => 'Test hatchback', 'field' => 'limits.flywheel.flatness.max', 'value' => '0.18 mm'])
        ->assertSessionHasErrors('value');
    expect(ModelBook::inForce('Test hatchback')['limits.flywheel.flatness.max']->checked_by)->toBe('');
    $this->post('/models/confirm', ['model' => 'Test hatchback', 'field' => 'limits.flywheel.flatness.max', 'value' => '0.08 mm'])
        ->assertSessionHasNoErrors();
    $figure = ModelBook::inForce('Test hatchback')['limits.flywheel.flatness.max'];

    expect($figure->checked_by)->toBe('Ines Tarrow')->and($figure->by_name)->toBe('Bram Oakes')->and(ModelFigure::query()->count())->toBe(2)
        ->and(collect(($this->about)(LogTopic::Makers))->pluck(1)->all())->toBe([
            'Test hatchback, Flatness, dish or step, at most: 0.08 mm, not checked yet.',
            'Test hatchback, Flatness, dish or step, at most: 0.08 mm, entered by Bram Oakes and checked.',
        ]);
    $this->get("/jobs/{$job->id}/strip?part=flywheel")->assertDontSee('not checked by the lead yet');
    $this->post('/models', ['model' => 'Test hatchback', 'field' => 'limits.flywheel.face_runout.max', 'value' => '0.1 mm']);
    expect(ModelBook::inForce('Test hatchback')['limits.flywheel.face_runout.max']->checked_by)->toBe('Ines Tarrow');
});
