<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\PracticeJob;
use App\Models\PracticeStep;
use App\Models\Role;
use App\Models\User;
use App\Practice\Ground;
use App\Practice\GroundFile;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route;
use Spindle\Practice\Hidden;
use Spindle\Practice\KitsAtHand;
use Spindle\Practice\Level;
use Spindle\Practice\Seed;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

beforeEach(function () {
    $this->folder = sys_get_temp_dir().'/'.uniqid('ground');
    File::ensureDirectoryExists($this->folder);
    config(['database.practice' => "{$this->folder}/practice"]);
});

afterEach(function () {
    DB::purge(Job::PRACTICE);
    DB::setDefaultConnection('sqlite');
    File::deleteDirectory($this->folder);
});

/** A van whose flywheel rocks, at the stations of whoever is signed in; the address of its job. */
function atTheStations(mixed $test, string $seed = '37', array $how = []): string
{
    $to = $test->post('http://localhost/practice/stations', ['seed' => $seed, ...$how])->assertRedirect()->headers->get('Location');
    preg_match('#^(http://localhost/practising/jobs/\d+)/intake$#', (string) $to, $m);

    return $m[1] ?? throw new LogicException((string) $to);
}

/** What stands in the shop's own database. */
function rowsOfTheShop(): array
{
    return array_map(static fn (string $table): int => DB::connection('sqlite')->table($table)->count(), [
        'clutch_jobs', 'vehicles', 'readings', 'kits', 'suppliers', 'signed_sheets', 'job_facts', 'job_standings',
        'practice_jobs', 'users',
    ]);
}

it('brings a vehicle with a hidden fault to the stations, on a paper of its own, and nothing of it to the shop', function () {
    $this->actingAs($user = $this->technician());
    $before = rowsOfTheShop();
    $job = atTheStations($this);

    $this->get("{$job}/intake")->assertOk()->assertSee('Practice van')->assertSee('data-ground="practice"', false)
        ->assertSee('Practice · not a real vehicle')->assertSee('data-read-off', false)->assertDontSee('Plan and promise');
    foreach (['triage', 'demand', 'strip', 'kit', 'bench', 'fit', 'set', 'prove', 'record', 'walk', 'sheet'] as $page) {
        $this->get("{$job}/{$page}")->assertOk()->assertSee('not a real vehicle');
    }
    expect(rowsOfTheShop())->toBe($before)
        ->and(is_file(GroundFile::pathOf($user->id)))->toBeTrue()
        ->and(Job::on(Job::PRACTICE)->where('is_practice', true)->count())->toBe(1);
    foreach (['/', '/board', '/shelf', '/history', '/promises'] as $list) {
        $this->get("http://localhost{$list}")->assertOk()->assertDontSee('Practice van')->assertDontSee('P-37');
    }
});

it('has no page of the shop on the practice ground, and none of the practice off it', function () {
    $this->actingAs($lead = User::factory()->create(['role' => Role::Lead]));
    $job = atTheStations($this);
    $theirs = [];
    foreach (Route::getRoutes() as $route) {
        $isThere = array_filter(Ground::ROUTES, static fn (string $of): bool => fnmatch($of, (string) $route->getName())) !== [];
        if (in_array('GET', $route->methods(), true) && ! $isThere && in_array('web', $route->gatherMiddleware(), true)
            && ! in_array($route->getName(), ['bay', 'up', 'storage.local'], true)) {
            $theirs[] = preg_replace(
                ['/\{(job|vehicle|list|person|photo|kit|slot|device|step)\}/', '/\{[^}]+\}/'], ['1', 'disc'], $route->uri(),
            );
        }
    }
    foreach ($theirs as $uri) {
        $this->get('http://localhost/practising/'.$uri)->assertNotFound();
    }
    expect(count($theirs))->toBeGreaterThan(30);
    $this->get('http://localhost/practising')->assertRedirect('http://localhost/practice');
    $this->get('http://localhost/practising/up')->assertNotFound();
    $this->postJson('http://localhost/practising/api/readings', ['value' => '1'])->assertNotFound();
    $this->post("{$job}/sign")->assertNotFound();
    foreach (['read', 'ask', 'caution', 'look', 'end', 'show'] as $does) {
        $this->post("http://localhost/jobs/1/practice/{$does}")->assertNotFound();
    }
    expect($lead->isLead())->toBeTrue();
});

it('comes into no export of the shop', function () {
    $this->actingAs($lead = User::factory()->create(['role' => Role::Lead]));
    $this->newJob($lead);
    $job = atTheStations($this);
    $this->withHeader('HX-Request', 'true')->post("{$job}/triage", ['f' => ['triage.kind' => ['strip']], 'b' => ['triage.kind' => [0]]]);
    $this->flushHeaders()->post("{$job}/practice/end");
    foreach (['/shelf/list.csv', '/board.ics', '/evidence/own-cases.json'] as $file) {
        $text = $this->get("http://localhost{$file}")->assertOk();
        $said = $text->baseResponse instanceof StreamedResponse ? $text->streamedContent() : (string) $text->getContent();
        expect($said)->not->toContain('Practice van')->not->toContain('P-37')->not->toContain('MQ-215-S');
    }
    $zip = $this->get('http://localhost/shop.zip')->assertOk();
    $path = "{$this->folder}/shop.zip";
    file_put_contents($path, $zip->baseResponse instanceof StreamedResponse ? $zip->streamedContent() : (
        $zip->baseResponse instanceof BinaryFileResponse ? (string) file_get_contents($zip->baseResponse->getFile()->getPathname())
            : (string) $zip->getContent()));
    $archive = new ZipArchive;
    expect($archive->open($path))->toBeTrue();
    $all = '';
    for ($i = 0; $i < $archive->numFiles; $i++) {
        $all .= $archive->getNameIndex($i).$archive->getFromIndex($i);
    }
    expect($all)->toContain('Test hatchback')->not->toContain('Practice van')->not->toContain('P-37');
});

it('lets nobody in who is not signed in, and leads back', function () {
    $this->get('http://localhost/practising/jobs/1/intake')->assertRedirect('http://localhost/sign-in');
    $this->post('http://localhost/practice/stations', ['seed' => '37'])->assertRedirect('http://localhost/sign-in');
});

it('keeps practice and real work apart in the database itself', function () {
    $this->actingAs($user = $this->technician());
    $real = $this->newJob($user);
    atTheStations($this);
    $refused = static function (string $connection, string $sql): void {
        expect(static fn () => DB::connection($connection)->statement($sql))->toThrow(QueryException::class, 'kept apart');
    };

    $refused('sqlite', 'insert into clutch_jobs (vehicle_id, units, opened_by, is_practice) '
        ."values ({$real->vehicle_id}, 'metric', 'x', 1)");
    $refused('sqlite', "update clutch_jobs set is_practice = 1 where id = {$real->id}");
    $refused('sqlite', 'insert into practice_jobs (clutch_job_id, user_id, seed, level, tell, began_at) '
        ."values ({$real->id}, {$user->id}, 1, 'plain', 'asked', '2026-01-01')");
    $refused('sqlite', 'update grounds set is_practice = 1');
    $refused('sqlite', 'delete from grounds');
    $refused('sqlite', 'insert into grounds (id, is_practice) values (2, 1)');
    $refused(Job::PRACTICE, "insert into clutch_jobs (vehicle_id, units, opened_by) values (1, 'metric', 'x')");
    $refused(Job::PRACTICE, 'update clutch_jobs set is_practice = 0');
    $refused(Job::PRACTICE, 'insert into signed_sheets (clutch_job_id, json, sha256, by_name, at) '
        ."values (1, '{}', 'x', 'x', '2026-01-01')");
    $refused(Job::PRACTICE, 'update grounds set is_practice = 0');
});

it('answers what is read off it within the doubt of the instrument, counts what it took, and says why it cannot be read', function () {
    $this->actingAs($this->technician());
    $job = atTheStations($this);
    $read = fn (string $field, bool $hurried = false): array => (array) $this->postJson(
        "{$job}/practice/read", ['field' => $field, 'hurried' => $hurried],
    )->assertOk()->json();

    expect($read('disc.thickness')['typed'])->toBe([])
        ->and($read('disc.thickness')['why'])->toContain('The gearbox is on')
        ->and($read('odometer')['typed'][0])->toEndWith(' km');
    $this->withHeader('HX-Request', 'true')->post("{$job}/triage", ['f' => ['triage.kind' => ['strip']], 'b' => ['triage.kind' => [0]]]);
    $rock = $read('flywheel.rock')['typed'];
    expect($read('disc.thickness')['typed'])->toHaveCount(3)
        ->and($read('disc.thickness', true)['typed'])->toHaveCount(1)
        ->and((float) $rock[0])->toBeGreaterThan(2.4);
    $steps = PracticeStep::on(Job::PRACTICE)->get();
    expect($steps->where('kind', PracticeStep::PASSED_OVER)->pluck('what')->all())->toBe(['strip'])
        ->and($steps->where('kind', PracticeStep::HURRIED)->count())->toBe(1)
        ->and((int) $steps->sum('minutes'))->toBeGreaterThan(3);
    $this->post("{$job}/practice/read", ['field' => 'no.such'])->assertNotFound();
});

it('enters what was read where no script does, and what the customer says', function () {
    $this->actingAs($this->technician());
    $job = atTheStations($this);
    $this->post("{$job}/practice/read", ['field' => 'odometer'])->assertRedirect();
    $there = Hidden::of(Seed::of(37))->complaint()[0];
    $this->post("{$job}/practice/ask", ['sign' => $there])->assertRedirect()->assertSessionHas('notice');
    $values = static fn (string $field): string => (string) DB::connection(Job::PRACTICE)->table('readings')->where('field', $field)
        ->orderByDesc('seq')->value('typed');
    expect($values('triage.signs'))->toBe($there)->and($values('odometer'))->toEndWith(' km');
    $this->post("{$job}/practice/ask", ['sign' => 'nothing'])->assertSessionHasErrors('sign');
});

it('finds the marks of a spotted face by looking at it', function () {
    $this->actingAs($this->technician());
    $job = atTheStations($this, 'P-15', ['class' => 'car']);
    $this->withHeader('HX-Request', 'true')->post("{$job}/triage", ['f' => ['triage.kind' => ['strip']], 'b' => ['triage.kind' => [0]]]);
    $this->flushHeaders()->get("{$job}/strip?fold=face-flywheel")->assertOk()->assertSee('Look at the face');
    $this->post("{$job}/practice/read", ['field' => 'flywheel.marks'])->assertRedirect();
    $marks = DB::connection(Job::PRACTICE)->table('readings')->where('field', 'flywheel.marks')->pluck('typed')->all();
    expect($marks)->toHaveCount(2)->and($marks[0])->toStartWith('heat_spot ');
    $this->get("{$job}/strip?part=flywheel")->assertOk()->assertSee('heat spot');
});

it('asks for the cautions where hands go in, once, and shows what it thinks when it is looked at', function () {
    $this->actingAs($this->technician());
    $job = atTheStations($this);
    $care = 'before hands go in';
    $this->get("{$job}/strip")->assertSee($care)->assertSee('data-tell="closed"', false);
    $this->get("{$job}/intake")->assertDontSee($care);
    // On the walk they are asked for together, wherever it leads.
    $this->get("{$job}/walk")->assertSee($care)->assertSee('Seen to, at')->assertSee('asbestos');
    $this->from("{$job}/strip")->post("{$job}/practice/caution", ['station' => 'strip'])->assertRedirect("{$job}/strip");
    $this->get("{$job}/strip")->assertDontSee($care);
    $this->from("{$job}/strip")->post("{$job}/practice/look")->assertRedirect("{$job}/strip");
    $this->get("{$job}/strip")->assertSee('data-tell="open"', false);
    $this->get("{$job}/strip")->assertSee('data-tell="closed"', false);

    $closed = atTheStations($this, '74', ['tell' => 'closed']);
    $this->get("{$closed}/strip")->assertDontSee('See what it says');
    $this->post("{$closed}/practice/look")->assertNotFound();
});

it('puts kits at hand, and one whose list lies where that was asked for', function () {
    $this->actingAs($this->technician());
    $job = atTheStations($this, '37', ['level' => Level::ListLies->value]);
    $this->get("{$job}/kit")->assertOk()->assertSee('remaindered')->assertSee('economy');
    expect(DB::connection(Job::PRACTICE)->table('kits')->count())->toBe(5);
    // The same vehicle once more has the same kits, and another plate.
    atTheStations($this, '37', ['level' => Level::ListLies->value]);
    expect(DB::connection(Job::PRACTICE)->table('kits')->count())->toBe(5)
        ->and(DB::connection(Job::PRACTICE)->table('vehicles')->pluck('plate')->all())->toBe(['P-37', 'P-37 no. 2']);
});

it('has a kit for a van on the shelf of whoever had a car first, and a bargain met once is no better at another vehicle', function () {
    $this->actingAs($this->technician());
    atTheStations($this, 'P-15', ['class' => 'car', 'level' => Level::ListLies->value]);
    $van = atTheStations($this, 'P-37', ['class' => 'van']);
    $this->get("{$van}/kit")->assertOk()->assertSee('Wharf 215 concentric, economy')->assertSee('Choose');

    $plain = Hidden::of(Seed::of(15));
    $bargain = 'MQ-215-S-B';
    expect(array_column(KitsAtHand::for($plain), 'number'))->not->toContain($bargain)
        ->and(KitsAtHand::liesAbout($plain))->not->toBeNull()
        ->and(array_diff_assoc(array_map(serialize(...), KitsAtHand::real($plain, $bargain)), array_map(
            serialize(...), KitsAtHand::real($plain, 'MQ-215-S'),
        )))->toHaveKey(substr((string) KitsAtHand::liesAbout($plain)?->key, 4));
});

it('tells of hands that went in by an entry too, at a station or on the walk', function () {
    $this->actingAs($this->technician());
    $job = atTheStations($this);
    $passed = static fn (): array => PracticeStep::on(Job::PRACTICE)->where('kind', PracticeStep::PASSED_OVER)->pluck('what')->all();
    $this->withHeader('HX-Request', 'true')->post("{$job}/triage", ['f' => ['triage.kind' => ['strip']], 'b' => ['triage.kind' => [0]]]);
    expect($passed())->toBe([]);
    $this->post("{$job}/fit", ['f' => ['fit.cover' => ['done']], 'b' => ['fit.cover' => [0]]]);
    $this->post("{$job}/walk", ['f' => ['disc.runout' => ['0.2 mm']], 'b' => ['disc.runout' => [0]]]);
    $this->post("{$job}/fit", ['f' => ['fit.disc' => ['done']], 'b' => ['fit.disc' => [0]]]);
    expect($passed())->toBe(['fit', 'strip']);
});

it('tells of hands that tightened a bolt on the walk', function () {
    $this->actingAs($this->technician());
    $job = atTheStations($this);
    $this->withHeader('HX-Request', 'true')->post("{$job}/triage", ['f' => ['triage.kind' => ['strip']], 'b' => ['triage.kind' => [0]]]);
    $this->post("{$job}/strip", ['f' => ['match.bolt_count' => ['6']], 'b' => ['match.bolt_count' => [0]]]);
    $before = PracticeStep::on(Job::PRACTICE)->where('kind', PracticeStep::PASSED_OVER)->pluck('what')->all();
    $this->post("{$job}/walk", ['t' => ['cover' => 'hand 1']])->assertOk()->assertSee('Bolt 4 done');
    expect($before)->not->toContain('fit')
        ->and(PracticeStep::on(Job::PRACTICE)->where('kind', PracticeStep::PASSED_OVER)->pluck('what')->all())->toContain('fit');
});

it('says how it went once it is given back, changes nothing after, and shows it to the lead only if the learner agrees', function () {
    $lead = User::factory()->create(['role' => Role::Lead, 'name' => 'Odile']);
    $this->actingAs($learner = $this->technician('Tilda'));
    $job = atTheStations($this);
    $this->get("{$job}/practice")->assertRedirect($job);
    $this->withHeader('HX-Request', 'true')->post("{$job}/triage", ['f' => ['triage.kind' => ['strip']], 'b' => ['triage.kind' => [0]]]);
    $this->flushHeaders();
    $this->post("{$job}/practice/end")->assertRedirect("{$job}/practice");
    $this->get("{$job}/practice")->assertOk()->assertSee('Dual-mass flywheel worn')->assertSee('Not put right')->assertSee('It comes back');
    $this->post("{$job}/intake", ['f' => ['odometer' => ['5 km']], 'b' => ['odometer' => [0]]])->assertStatus(409);
    $this->get('http://localhost/practice')->assertOk()->assertSee('What you practised')
        ->assertSee('Not put right: dual-mass flywheel worn');

    $this->actingAs($lead)->get('http://localhost/practice')->assertDontSee('let you see');
    $this->actingAs($learner)->post("{$job}/practice/show", ['shown' => 1])->assertRedirect();
    $this->actingAs($lead)->get('http://localhost/practice')->assertSee('let you see')->assertSee('P-37, Tilda')
        ->assertSee('dual-mass flywheel worn');
    // The lead has a practice ground of his own, and no way to theirs.
    $this->get($job)->assertNotFound();
    $this->actingAs($this->technician('Bo'))->get('http://localhost/practice')->assertDontSee('let you see');
});

it('takes all of it away for good', function () {
    $this->actingAs($user = $this->technician());
    atTheStations($this);
    expect(GroundFile::isThere($user->id))->toBeTrue();
    $this->post('http://localhost/practice/erase')->assertRedirect();
    expect(GroundFile::isThere($user->id))->toBeFalse()
        ->and(File::files($this->folder))->toBe([]);
    $this->get('http://localhost/practice')->assertOk()->assertSee('is gone, for good')
        ->assertDontSee('How it went');
    // And begins anew.
    $job = atTheStations($this);
    $this->get("{$job}/intake")->assertOk();
    expect(PracticeJob::on(Job::PRACTICE)->count())->toBe(1);
});

it('takes the page from nobody when somebody else’s file cannot be read', function () {
    $lead = User::factory()->create(['role' => Role::Lead]);
    file_put_contents(GroundFile::pathOf($this->technician()->id), 'no database');
    $this->actingAs($lead)->get('http://localhost/practice')->assertOk()->assertSee('Practice bay');
});

it('refuses a number that is none, and brings in any vehicle where none is said', function () {
    $this->actingAs($this->technician());
    $this->post('http://localhost/practice/stations', ['seed' => 'Q-1'])->assertRedirect()->assertSessionHasErrors('seed');
    atTheStations($this, '');
});
