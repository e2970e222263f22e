<?php

declare(strict_types=1);

use App\Audit\AuditEntry;
use App\Changes\OpenJob;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Kit;
use App\Models\Row;
use App\Models\User;
use App\Models\Vehicle;
use App\Shelf\ShelfFilter;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Spindle\Sheet\Station;

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'sefi')->firstOrFail());
});

it('lists the vehicles with stage and what is missing', function () {
    $this->get('/')
        ->assertOk()
        ->assertSee('Haddek R18 ferry shunter')
        ->assertSee('Signed')
        ->assertSee('ready to sign')
        ->assertSee('housing face to finger tips');
});

it('has a demo job at every station that measures, and vehicles of all classes', function () {
    $stages = Job::query()->with(Job::WHOLE)->get()
        ->map(static fn (Job $j): string => App\Jobs\AssessedJob::of($j)->stage()->value)->unique();

    expect($stages->all())->toContain('intake', 'demand', 'strip', 'kit', 'fit', 'set', 'record')
        ->and(Vehicle::query()->count())->toBeGreaterThanOrEqual(8)
        ->and(Vehicle::query()->distinct()->orderBy('class')->pluck('class')->all())->toBe(['car', 'tractor', 'truck', 'van']);
});

it('finds a vehicle by part of plate, name or number, however it is spaced', function (string $search, string $found, string $not) {
    $this->get('/?'.http_build_query(['q' => $search]))
        ->assertSee($found)
        ->assertDontSee($not);
})->with([
    ['lb77', 'Tolvane Carrier 2.0 van', 'Haddek'],
    ['LB 77 RSA', 'Tolvane Carrier 2.0 van', 'Haddek'],
    ['ferry shunter', 'Haddek R18', 'Tolvane'],
    ['BRK62', 'Brankel 62', 'Brankel 88'],
    ['marle estate 1.6', 'Ostrel Marle 1.6', 'Ostrel Marle 2.0'],
]);

it('takes every sign of a search for itself, in vehicles, kits and the log', function (string $typed, string $name, string $other) {
    foreach ([$name, $other] as $i => $one) {
        $this->post('/new-job', ['name' => $one, 'plate' => "SIGN {$i}{$i}", 'class' => 'car', 'units' => 'metric'])->assertRedirect();
        Kit::query()->firstOrFail()->replicate()->fill(['name' => $one, 'number' => "N{$i}", 'search_text' => mb_strtolower($one)])->save();
    }
    $found = $this->get('/?'.http_build_query(['q' => $typed]))->assertOk();
    $kits = ShelfFilter::of(Request::create('/', 'GET', ['q' => $typed]))->kits()->pluck('name')->all();
    $log = AuditEntry::sieved(['words' => $typed])->pluck('description')->all();

    $found->assertSee($name)->assertDontSee($other);
    expect($kits)->toBe([$name])->and($log)->toBe(["Put N0, {$name}, on the shelf."]);
})->with([
    'an underscore' => ['a_b', 'Model a_b', 'Model axb'],
    'a per cent' => ['50%', 'Load 50% up', 'Load 5x0 up'],
    'a backslash' => ['c\\d', 'Type c\\d', 'Type cxd'],
]);

it('says so when nothing answers, and takes odd searches', function (string $search) {
    $this->get('/?'.http_build_query(['q' => $search]))->assertOk()->assertSee('Nothing here answers');
})->with(['zzzz', '100%_', '<script>', str_repeat('x', 500)]);

it('answers a search on the way with the list alone', function () {
    $this->withHeader('HX-Request', 'true')->get('/?q=ferry')->assertSee('Haddek R18')->assertDontSee('<html', false);
});

it('opens a job on a new vehicle, and on a known one with what does not change', function () {
    $this->post('/new-job', ['name' => 'Ostrel Wend 1.2', 'plate' => 'ZZ 11', 'class' => 'car', 'units' => 'metric'])->assertRedirect();
    expect(Vehicle::query()->where('plate', 'ZZ 11')->exists())->toBeTrue();

    $vehicles = Vehicle::query()->count();
    $typed = ['name' => 'whatever', 'plate' => 'ef204kt', 'class' => 'car', 'units' => 'metric'];
    // Another name than the vehicle has is asked about, and nothing is opened or lost meanwhile.
    $this->followingRedirects()->post('/new-job', $typed)->assertOk()->assertSee('This plate is EF 204 KT')
        ->assertSee('Ostrel Wend 1.4 hatchback')->assertSee('You typed whatever')->assertSee('value="ef204kt"', false);
    $this->post('/new-job', [...$typed, 'same' => 'yes', 'another' => 'yes'])->assertRedirect();
    $job = Job::query()->with(Job::WHOLE)->orderByDesc('id')->firstOrFail();
    $fields = $job->readings->pluck('field');

    expect(Vehicle::query()->count())
        ->toBe($vehicles)
        ->and($job->vehicle->name)
        ->toBe('Ostrel Wend 1.4 hatchback')
        ->and($fields)
        ->toContain('engine.peak_torque', 'flywheel.thickness_min')
        ->not->toContain('disc.thickness', 'flywheel.thickness', 'complaint', 'release.free_play');
});

it('names the field that is missing when a job is opened', function () {
    $this->from('/new-job')
        ->followingRedirects()
        ->post('/new-job', ['plate' => '', 'class' => 'boat'])
        ->assertSee('Vehicle: enter')
        ->assertSee('Plate: enter');
});

it('shows every station of every demo job', function () {
    foreach (Job::query()->pluck('id') as $id) {
        foreach (Station::cases() as $station) {
            $this->get("/jobs/{$id}/{$station->value}")->assertOk()->assertSee($station->label());
        }
    }
});

it('takes notes and photos at the stations of the work', function (string $station) {
    $this->get("/jobs/2/{$station}")->assertSee('Add a note')->assertSee('Keep the photo');
})->with(['strip', 'bench', 'fit', 'prove']);

it('keeps a note at its station', function () {
    $this->post('/jobs/2/notes', ['station' => 'bench', 'text' => 'Old disc marked.'])->assertRedirect('/jobs/2/bench');
    $this->get('/jobs/2/bench')->assertSee('Old disc marked.')->assertSee('Sefi Lund');
    $this->post('/jobs/2/notes', ['station' => 'bench', 'text' => ''])->assertSessionHasErrors('text');
});

it('writes dates and decimals as the reader is used to', function () {
    $this->withHeader('Accept-Language', 'de-DE')->get('/jobs/2/strip?finding=disc.wear')
        ->assertSee('7.42 mm');
    $this->withHeader('Accept-Language', 'de-DE')->get('/jobs/2/strip')->assertSee('0,13');
});

it('shows a vehicle with its jobs', function () {
    $this->get('/vehicles/4')->assertOk()->assertSee('Haddek R26')->assertSee('grinds into first from rest');
    $this->post('/vehicles/4/jobs')->assertRedirect();
    $this->get('/vehicles/4')->assertSee('J-0014')->assertSee('J-0004');
});

/** The jobs a list shows, by their numbers. */
function listed(Illuminate\Testing\TestResponse $page): array
{
    // The list alone, not what the morning says over it.
    $list = strstr((string) $page->assertOk()->getContent(), 'id="bay-list"');
    preg_match_all('/>J-(\d+)</', (string) $list, $m);

    return array_map(intval(...), $m[1]);
}

it('shows the jobs at work, those that wait, and those that are signed, each with their number', function () {
    $this->enter(Job::query()->findOrFail(2), 'intake', 'waits_for', 'parts')->assertOk();
    $this->post('/jobs/9/again', ['field' => 'disc.thickness', 'position' => 0])->assertRedirect();
    $signed = Job::query()->whereHas('signedSheet')->pluck('id')->all();

    expect(listed($this->get('/?show=parts')))
        ->toEqualCanonicalizing([2, 3])
        ->and(listed($this->get('/?show=check')))
        ->toBe([9])
        ->and(listed($this->get('/?show=signed')))
        ->toEqualCanonicalizing($signed)
        ->and(listed($this->get('/?show=unsigned')))
        ->toHaveCount(13 - count($signed))
        ->not->toContain(...$signed)
        ->and(listed($this->get('/?show=nonsense')))
        ->toHaveCount(13);
    $this->get('/')->assertSeeInOrder([
        'All',
        '13',
        'Open',
        (string) (13 - count($signed)),
        'Waiting for parts',
        '2',
        'Waiting for a check',
        '1',
        'Signed',
        (string) count($signed),
    ]);
});

it('knows how many jobs there are of each state as they come, change and go, without counting them', function () {
    $counted = static fn (): array => Job::query()->toBase()->selectRaw('state, count(*) as jobs')->groupBy('state')->orderBy('state')
        ->pluck('jobs', 'state')->all();
    $kept = static fn (): array => DB::table('job_counts')->where('jobs', '>', 0)->orderBy('state')->pluck('jobs', 'state')->all();
    expect($kept())->toBe($counted())->not->toBe([]);

    $this->newJob($this->technician());
    expect($kept())->toBe($counted());
    $open = Job::query()->where('is_open', true)->firstOrFail();
    DB::table('clutch_jobs')->where('id', $open->id)->update(['state' => JobState::Parts->value]);
    expect($kept())->toBe($counted());
    // Without a row of its own, so that nothing holds it.
    $bare = DB::table('clutch_jobs')->insertGetId([...array_diff_key($open->getAttributes(), ['id' => 1]), 'state' => 'closed']);
    expect($kept())->toBe($counted());
    DB::table('clutch_jobs')->where('id', $bare)->delete();
    expect($kept())->toBe($counted());

    $asked = [];
    DB::listen(function (QueryExecuted $query) use (&$asked): void {
        $asked[] = $query->sql;
    });
    $this->get('/')->assertOk()->assertSee('All');
    expect(preg_grep('/count\(\*\).*group by/', $asked))->toBe([])->and($asked)->not->toBe([]);
});

it('hands out of every row what the framework would', function () {
    $seen = [];
    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $model = 'App\\Models\\'.basename($file, '.php');
        if (! is_subclass_of($model, Row::class) || (new ReflectionClass($model))->isAbstract()) {
            continue;
        }
        $columns = Schema::getColumnListing((new $model)->getTable());
        foreach ((new $model)->newQuery()->limit(40)->get() as $each) {
            foreach ($columns as $column) {
                expect($each->getAttribute($column))->toEqual($each->getAttributeValue($column), "{$column} of {$each->getTable()}");
            }
            $seen[$model] = true;
        }
    }
    // Of those that the demonstration has none of, nothing was seen.
    expect(count($seen))->toBeGreaterThan(12);
});

it('puts the job touched last first, and the soonest promise first where that is asked for', function () {
    $this->travel(1)->minutes();
    $this->enter(Job::query()->findOrFail(7), 'intake', 'promised_on', '2026-12-04')->assertOk();
    $this->travel(1)->minutes();
    $this->enter(Job::query()->findOrFail(5), 'intake', 'promised_on', '2026-12-01')->assertOk();
    $promised = listed($this->get('/?sort=promised'));

    expect(array_slice(listed($this->get('/')), 0, 2))->toBe([5, 7])
        ->and(array_values(array_intersect($promised, [5, 7])))->toBe([5, 7]);
});

it('finds a job by its complaint and by its number', function () {
    expect(listed($this->get('/?q=reverse+when+warm')))
        ->toBe([10])
        ->and(listed($this->get('/?q=J-0004')))
        ->toBe([4])
        ->and(listed($this->get('/?q=j-4')))
        ->toBe([4]);
});

it('asks the database as often for many jobs as for few, and assesses none', function () {
    $ask = function (): int {
        $asked = 0;
        DB::listen(static function () use (&$asked): void {
            $asked++;
        });
        $this->get('/')->assertOk();

        return $asked;
    };
    // The books of the shop are read once, by whoever comes first.
    $ask();
    $few = $ask();
    for ($i = 0; $i < 60; $i++) {
        $this->newJob($this->technician("T{$i}"), plate: "MANY {$i}");
    }

    expect(listed($this->get('/')))->toHaveCount(25)->and($ask())->toBe($few);
});

it('carries the bores of a slave to the next job, and not how far its piston could still be pushed back', function () {
    $job = $this->newJob($this->technician(), 'van', 'SL 4711');
    foreach (['slave_bore' => '20.64', 'slave_stroke_max' => '24', 'slave_stroke_left' => '6'] as $name => $typed) {
        $this->enter($job, 'set', "release.{$name}", $typed)->assertOk();
    }
    $next = OpenJob::again($job->vehicle, $this->technician());
    $carried = $next->readings->where('typed', '!=', '')->pluck('field')->all();

    expect($carried)->toContain('release.slave_bore', 'release.slave_stroke_max')->not->toContain('release.slave_stroke_left');
});
