<?php

declare(strict_types=1);

use App\Audit\AuditEntry;
use App\Changes\OpenJob;
use App\Changes\SheetImport;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Role;
use App\Models\User;
use App\Models\Vehicle;
use App\Readings\CurrentReadings;
use App\Sheets\SheetBuilder;
use App\Sheets\StatedElsewhere;
use Illuminate\Http\UploadedFile;
use Spindle\Sheet\SheetError;

/** A sheet of this format with these members. */
function sheetOf(array $members): string
{
    return (string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$members], JSON_PRESERVE_ZERO_FRACTION);
}

beforeEach(function () {
    $this->take = fn (array $members): Job => (new SheetImport($this->technician()))->import(sheetOf($members))->load(Job::WHOLE);
    $this->row = static fn (int $seq, string $field, string $typed, array $more = []): array => [
        'seq' => $seq,
        'field' => $field,
        'typed' => $typed,
        'by' => 'Orla',
        'at' => '2026-11-02T09:00:00Z',
        ...$more,
    ];
});

it('restores who typed what and when, corrections and all', function () {
    $job = ($this->take)([
        'vehicle' => ['name' => 'Van', 'class' => 'van'],
        'readings' => ['disc.runout' => '0.31 mm'],
        'log' => [
            ($this->row)(1, 'vehicle.name', 'Van'),
            ($this->row)(2, 'vehicle.class', 'van'),
            ($this->row)(3, 'disc.runout', '3.1', ['unit' => 'mm', 'instrument' => 'dial_indicator']),
            ($this->row)(4, 'disc.runout', '0.31', ['unit' => 'mm', 'supersedes' => 3]),
        ],
    ]);

    expect($job->readings->pluck('by_name')->unique()->all())
        ->toBe(['Orla'])
        ->and($job->readings->where('field', 'disc.runout')->pluck('typed')->all())
        ->toBe(['3.1', '0.31'])
        ->and($job->readings->firstWhere('seq', 4)->supersedes)
        ->toBe(3)
        ->and($job->readings->firstWhere('seq', 4)->value)
        ->toBe(0.31)
        ->and($job->readings->firstWhere('seq', 4)->at->toDateString())
        ->toBe('2026-11-02');
});

it('takes a value that differs from the log as a correction that the file states, under nobody\'s name', function () {
    $job = ($this->take)([
        'vehicle' => ['class' => 'car'],
        'readings' => ['disc.runout' => '0.44 mm'],
        'log' => [($this->row)(1, 'disc.runout', '0.31', ['unit' => 'mm'])],
    ]);
    $rows = $job->readings->where('field', 'disc.runout')->values();

    expect($rows->pluck('typed')->all())->toBe(['0.31', '0.44 mm'])
        ->and($rows->map->author()->all())->toBe(['“Orla”, as the file states', 'the file taken in, as the file states'])
        ->and((new CurrentReadings($job->readings))->typed('disc.runout'))->toBe('0.44 mm');
});

it('keeps places apart where one in the middle was never measured', function () {
    $job = ($this->take)([
        'vehicle' => ['class' => 'car'],
        'readings' => ['disc.thickness' => ['7.4 mm', '7.6 mm']],
        'log' => [
            ($this->row)(1, 'disc.thickness', '7.4', ['unit' => 'mm', 'position' => 0]),
            ($this->row)(2, 'disc.thickness', '7.6', ['unit' => 'mm', 'position' => 2]),
        ],
    ]);

    expect(array_keys((new CurrentReadings($job->readings))->filled('disc.thickness')))
        ->toBe([0, 2])
        ->and(SheetBuilder::document($job)->get(['readings', 'disc.thickness']))
        ->toBe(['7.4 mm', '7.6 mm']);
});

it('keeps a number a number and a list of one a list', function () {
    $job = ($this->take)([
        'engine' => ['peak_torque' => 210.5],
        'readings' => ['disc.thickness' => ['7.4 mm'], 'flywheel.flatness' => 0.05],
        'launch' => ['ratio' => 15],
    ]);
    $document = SheetBuilder::document($job);

    expect($document->get(['engine', 'peak_torque']))
        ->toBe(210.5)
        ->and($document->get(['readings', 'disc.thickness']))
        ->toBe(['7.4 mm'])
        ->and($document->get(['readings', 'flywheel.flatness']))
        ->toBe(0.05)
        ->and($document->get(['launch', 'ratio']))
        ->toBe(15);
});

it('turns an imported number into what is typed over it', function () {
    $job = ($this->take)(['vehicle' => ['class' => 'car'], 'engine' => ['peak_torque' => 210]]);
    $this->actingAs($this->technician('Omar'))->enter(
        $job,
        'demand',
        'engine.peak_torque',
        '160 lb ft',
        (int) $job->readings->firstWhere('field', 'engine.peak_torque')->seq,
    );

    expect(SheetBuilder::document($job->fresh(Job::WHOLE))->get(['engine', 'peak_torque']))->toBe('160 lb ft');
});

it('brings waivers, notes, instruments and maker\'s figures along', function () {
    $job = ($this->take)([
        'vehicle' => ['class' => 'car', 'flywheel' => 'solid'],
        'readings' => ['flywheel.flatness' => ['0.08 mm', '0.08 mm', '0.08 mm']],
        'instruments' => ['flywheel.flatness' => 'steel_rule'],
        'limits' => ['flywheel.flatness' => ['max' => '0.05 mm', 'source' => 'maker']],
        'materials' => ['organic' => ['mu' => 0.4]],
        'waivers' => ['flywheel.thickness' => ['reason' => 'replaced', 'by' => 'Orla', 'at' => '2026-11-02T09:00:00Z']],
        'notes' => [['station' => 'strip', 'text' => 'Dry inside.', 'by' => 'Orla', 'at' => '2026-11-02T09:00:00Z']],
    ]);
    $page = AssessedJob::of($job);

    // What is only stated elsewhere is not what anything is judged by, and the assessment says so.
    expect($page->assessment->find('flywheel.flatness')?->limit?->source->value)->toBe('practice')
        ->and($page->assessment->find('limits.elsewhere')?->say(metric()))->toContain('Stated by the file and not used')
        ->and(SheetBuilder::document($job)->get(['materials']))->toBeNull()
        ->and($page->assessment->find('flywheel.thickness')?->waiver)->toBe('replaced')
        ->and($job->waivers[0]->by_name)->toBe('Orla')
        ->and($job->notes[0]->text)->toBe('Dry inside.')
        ->and(Reading::query()->where('field', 'flywheel.flatness')->where('position', 0)->sole()->instrument)->toBe('steel_rule')
        ->and(Reading::query()->where('field', 'like', 'limits.%')->exists())->toBeFalse();
});

it('puts what a file stated elsewhere in force when the lead takes it over, each by itself, and writes that down', function () {
    $job = ($this->take)([
        'vehicle' => ['name' => 'Van', 'class' => 'van', 'flywheel' => 'solid'],
        'readings' => [
            'flywheel.flatness' => ['0.08 mm', '0.08 mm', '0.08 mm'], 'flywheel.thickness' => '26 mm', 'flywheel.thickness_min' => '20 mm',
        ],
        'limits' => ['flywheel.flatness' => ['max' => '0.05 mm', 'source' => 'maker']],
        'calendar' => ['week' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], 'closed')],
    ]);
    $find = static fn (string $id) => AssessedJob::of(Job::whole($job->id))->assessment->find($id);
    // A calendar without an open day is nobody's but the file's: everybody plans on.
    $this->actingAs($this->technician('Tilda'))->get("/jobs/{$job->id}/plan")->assertOk()->assertSee('Likely');
    $this->get("/jobs/{$job->id}/intake")->assertOk()->assertSee('Stated elsewhere, not in force')
        ->assertSee('at most 0.05 mm, by the maker')->assertSee('Monday closed')
        ->assertDontSee('Take over');
    $this->post("/jobs/{$job->id}/take-over", ['name' => 'limits.flywheel.flatness'])->assertForbidden();
    expect($find('flywheel.flatness')->limit?->source->value)->toBe('practice')
        ->and(AssessedJob::of(Job::whole($job->id))->values()->has('flywheel.thickness_min'))->toBeFalse();

    $lead = User::factory()->create(['name' => 'Orla Lead', 'role' => Role::Lead]);
    $this->actingAs($lead)->get("/jobs/{$job->id}/intake")->assertSee('Take over');
    foreach (['limits.flywheel.flatness', 'readings.flywheel.thickness_min', 'calendar'] as $name) {
        $this->post("/jobs/{$job->id}/take-over", ['name' => $name])->assertSessionHasNoErrors();
    }
    $this->post("/jobs/{$job->id}/take-over", ['name' => 'calendar'])->assertSessionHasErrors('name');
    expect($find('flywheel.flatness')->limit?->source->value)->toBe('maker')
        ->and(AssessedJob::of(Job::whole($job->id))->values()->has('flywheel.thickness_min'))->toBeTrue()
        ->and($find('limits.elsewhere'))->toBeNull()
        ->and(AuditEntry::query()->where('description', 'like', '%took over%')->pluck('description')->implode(' '))
        ->toContain('Flatness')->toContain('20 mm')->toContain('Hours and closed days');
    // In force for this job, it stops this job's plan, and nobody else's.
    $this->get("/jobs/{$job->id}/plan")->assertOk()->assertSee('No day is open');
    $this->propose(now()->addDay()->format('Y-m-d'))->assertRedirect()->assertSessionHasNoErrors();
});

it('asks before a file joins a vehicle that has another name here', function () {
    $van = ($this->take)(['vehicle' => ['name' => 'Ostrel Marle van', 'class' => 'van', 'plate' => 'LB 77 RSA']]);
    $json = (string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['name' => 'Haddek truck', 'class' => 'truck', 'plate' => 'LB77RSA']]);
    $file = static fn (): UploadedFile => UploadedFile::fake()->createWithContent('s.json', $json);
    $this->actingAs($this->technician());
    $this->from('/import')->followingRedirects()->post('/import', ['file' => $file()])->assertSee('Haddek truck')
        ->assertSee('Ostrel Marle van');
    expect(Job::query()->count())->toBe(1);
    $this->post('/import', ['file' => $file(), 'same' => '1'])->assertSessionHasNoErrors();
    expect(Job::query()->where('vehicle_id', $van->vehicle_id)->count())->toBe(2);
});

it('finds no vehicle by an empty plate, a dash or two letters', function (string $plate) {
    ($this->take)(['vehicle' => ['name' => 'Somebody’s', 'class' => 'van', 'plate' => $plate]]);
    $other = ($this->take)(['vehicle' => ['name' => 'Another', 'class' => 'van', 'plate' => $plate]]);

    expect(Vehicle::known($plate, ''))->toBeNull()->and(Vehicle::known($plate, '—'))->toBeNull()
        ->and(Job::query()->where('vehicle_id', $other->vehicle_id)->count())->toBe(1);
    $this->actingAs($this->technician())->post('/new-job', ['name' => 'X', 'plate' => $plate, 'class' => 'van', 'units' => 'metric'])
        ->assertSessionHasErrors('plate');
})->with(['', '-', '…', 'AB', '😀😀😀']);

it('finds the vehicle it is about by plate or number, however they are spaced', function () {
    $first = ($this->take)(['vehicle' => ['name' => 'Van', 'class' => 'van', 'plate' => 'LB 77 RSA']]);
    $second = ($this->take)(['vehicle' => ['name' => 'VAN', 'class' => 'van', 'plate' => 'lb77-rsa']]);
    $third = ($this->take)(['vehicle' => ['name' => 'Other', 'class' => 'van', 'plate' => 'LB 77 RS']]);
    $fourth = ($this->take)(['vehicle' => ['name' => 'No plate', 'class' => 'van']]);

    expect($second->vehicle_id)->toBe($first->vehicle_id)
        ->and($third->vehicle_id)->not->toBe($first->vehicle_id)
        ->and($fourth->vehicle_id)->not->toBe($first->vehicle_id)
        ->and(Vehicle::query()->count())->toBe(3);
});

it('refuses a log that cannot be true, and stores nothing', function (array $row, string $place) {
    expect(fn () => ($this->take)(['log' => [$row]]))
        ->toThrow(SheetError::class, $place)
        ->and(Job::query()->count())
        ->toBe(0)
        ->and(Reading::query()->count())
        ->toBe(0);
})->with([
    'no such field' => [['seq' => 1, 'field' => 'sun.shade', 'typed' => '1', 'by' => 'x', 'at' => '2026-11-02T09:00:00Z'], 'log[0]'],
    'a number for the text' => [
        ['seq' => 1, 'field' => 'disc.runout', 'typed' => 1, 'by' => 'x', 'at' => '2026-11-02T09:00:00Z'],
        'log[0]',
    ],
    'an absurd value' => [
        ['seq' => 1, 'field' => 'disc.runout', 'typed' => '7 m', 'by' => 'x', 'at' => '2026-11-02T09:00:00Z'],
        'log[0].typed',
    ],
    'no date' => [['seq' => 1, 'field' => 'disc.runout', 'typed' => '0.1', 'by' => 'x', 'at' => 'yesterday-ish'], 'log[0].at'],
]);

it('checks everything in a file like an entry, and names the place', function (array $members, string $message) {
    expect(fn () => ($this->take)($members))
        ->toThrow(SheetError::class, $message)
        ->and(Job::query()->count())
        ->toBe(0)
        ->and(Vehicle::query()->count())
        ->toBe(0)
        ->and(Reading::query()->count())
        ->toBe(0);
})->with(function () {
    $row = static fn (array $more = []): array => [
        'seq' => 1,
        'field' => 'disc.runout',
        'typed' => '0.1 mm',
        'by' => 'x',
        'at' => '2026-11-02T09:00:00Z',
        ...$more,
    ];
    $note = static fn (array $more = []): array => [
        'station' => 'strip',
        'text' => 'x',
        'by' => 'x',
        'at' => '2026-11-02T09:00:00Z',
        ...$more,
    ];

    return [
        'a word that the field does not know' => [
            ['log' => [$row(['field' => 'vehicle.class', 'typed' => 'boat'])]],
            'log[0].typed: one of car, van, truck, tractor is expected',
        ],
        'a place the field has not' => [['log' => [$row(['position' => 1])]], 'log[0].position: a place from 0 to 1 less one'],
        'a place below the first' => [['log' => [$row(['position' => -1])]], 'log[0].position'],
        'a number of an entry given twice' => [['log' => [$row(), $row()]], 'log[1].seq: entries are numbered upwards, and 1 follows 1'],
        'an entry that takes the place of a later one' => [
            ['log' => [$row(['supersedes' => 1])]],
            'log[0].supersedes: an entry takes the place of an earlier one',
        ],
        'a day that never was' => [['log' => [$row(['at' => '2026-02-30T09:00:00Z'])]], 'log[0].at: a date and time such as'],
        'a day in words' => [['log' => [$row(['at' => 'tomorrow'])]], 'log[0].at'],
        'no day' => [['log' => [$row(['at' => ''])]], 'log[0].at'],
        'the future' => [['log' => [$row(['at' => '2199-01-01T00:00:00Z'])]], 'lies in the future'],
        'long before any file of this format' => [['log' => [$row(['at' => '1899-01-01T00:00:00Z'])]], 'log[0].at'],
        'a name that is a list' => [['log' => [$row(['by' => ['x']])]], 'log[0].by: a text is expected'],
        'a name of many lines' => [['log' => [$row(['by' => "x\ny"])]], 'log[0].by: a name of up to 200 characters'],
        'a name without end' => [['log' => [$row(['by' => str_repeat('x', 201)])]], 'log[0].by: a name of up to 200 characters'],
        'a number where the text is no number' => [['log' => [$row(['typed' => 'soup', 'number' => true])]], 'log[0].typed'],
        'a curve that is none' => [['log' => [$row(['field' => 'engine.curve', 'typed' => 'soup'])]], 'log[0].typed'],
        'a note at no station' => [['notes' => [$note(['station' => 'cellar'])]], 'notes[0].station: the name of a station'],
        'a note without words' => [['notes' => [$note(['text' => ['x']])]], 'notes[0].text: a text is expected'],
        'a note without end' => [['notes' => [$note(['text' => str_repeat('x', 4001)])]], 'notes[0].text: the text is longer than 4000'],
        'a note of a day that never was' => [['notes' => [$note(['at' => '2026-13-01T00:00:00Z'])]], 'notes[0].at'],
        'a waiver of a day that never was' => [
            ['waivers' => ['disc.wear' => ['reason' => 'x', 'at' => 'never']]],
            'waivers.disc.wear.at',
        ],
        'a waiver without end' => [
            ['waivers' => ['disc.wear' => ['reason' => str_repeat('x', 4001)]]],
            'waivers.disc.wear.reason: the text is longer',
        ],
        'a waiver under a name of many lines' => [['waivers' => ["disc\nwear" => ['reason' => 'x']]], 'a name of up to 200 characters'],
        'a signature without a name' => [['signed' => ['at' => '2026-11-02T09:00:00Z']], 'signed.by'],
        'a signature of the future' => [['signed' => ['by' => 'Orla', 'at' => '2199-01-01T00:00:00Z']], 'lies in the future'],
        'a kit inside out' => [['kit' => ['lining_outer' => '150 mm', 'lining_inner' => '240 mm']], 'kit.lining_inner'],
        'a number without end' => [['kit' => ['price' => 1.0e300, 'clamp_load' => 1.0e300]], 'kit.clamp_load'],
        'too many places' => [
            ['readings' => ['disc.thickness' => array_fill(0, 25, '7 mm')]],
            'readings.disc.thickness: 25 values, and there can be 24 at most',
        ],
        'too many kits' => [['kits' => array_fill(0, 201, ['name' => 'x'])], 'kits: 201 values, and there can be 200 at most'],
        'too many notes' => [['notes' => array_fill(0, 1001, $note())], 'notes: 1001 values, and there can be 1000 at most'],
        'too many waivers' => [
            ['waivers' => array_fill_keys(array_map(static fn (int $i): string => "w{$i}", range(1, 501)), ['reason' => 'x'])],
            'waivers: 501 values',
        ],
        'too many entries' => [
            ['log' => array_map(static fn (int $i): array => $row(['seq' => $i]), range(1, 5_001))],
            'log: 5001 values, and there can be 5000 at most',
        ],
        'too many points of a curve' => [['engine' => ['curve' => array_fill(0, 201, [1500, 200])]], 'engine.curve: 201 values'],
    ];
});

it('takes a curve with both kinds of points, and gives it out again', function () {
    $job = ($this->take)([
        'vehicle' => ['class' => 'car'],
        'engine' => ['curve' => [[1500, 200], ['3000 rpm', '155 lb ft'], ["4 000\nrpm", '500 N·m']]],
    ]);

    expect(SheetBuilder::document($job)->get(['engine', 'curve']))
        ->toBe([[1500, 200], ['3000 rpm', '155 lb ft'], ['4 000 rpm', '500 N·m']])
        ->and(AssessedJob::of($job)->assessment->figure('demand.engine_torque'))
        ->toEqualWithDelta(500.0, 0.1);
});

it('refuses a number without end wherever it stands', function () {
    expect(
        fn () => (new SheetImport($this->technician()))->import('{"format":"jade-spindle/job-sheet","version":1,"extra":{"a":[1,1e999]}}'),
    )->toThrow(SheetError::class, 'extra.a[1]: the number is too large');
});

it('puts nothing of a file under the name of somebody here, on any page or in print', function () {
    $this->actingAs($ines = $this->technician('Ines Tarrow'));
    $at = '2026-11-02T09:00:00Z';
    $job = ($this->take)([
        'vehicle' => ['class' => 'car', 'name' => 'Van'],
        'readings' => ['disc.runout' => '0.31 mm', 'disc.hub_play' => '0.1 mm'],
        'kit' => ['name' => 'A kit of theirs'],
        'waivers' => ['disc.wear' => ['reason' => 'seen elsewhere', 'by' => 'Ines Tarrow', 'at' => $at]],
        'notes' => [['station' => 'strip', 'text' => 'Dry inside.', 'by' => 'Ines Tarrow', 'at' => $at]],
        'log' => [($this->row)(1, 'disc.runout', '0.31 mm', ['by' => 'Ines Tarrow'])],
    ]);
    expect($job->readings->every(fn (Reading $r): bool => $r->stated && $r->user_id === null))
        ->toBeTrue()
        ->and($job->waivers[0]->author())
        ->toBe('“Ines Tarrow”, as the file states')
        ->and($job->notes[0]->author())
        ->toBe('“Ines Tarrow”, as the file states');

    $said = '“Ines Tarrow”, as the file states';
    $this->get("/jobs/{$job->id}/strip?part=disc")
        ->assertSee('From a file taken in by Tilda')
        ->assertSee('as the file states')
        ->assertSee($said);
    $this->get("/jobs/{$job->id}/record")->assertSee($said);
    $this->get("/jobs/{$job->id}/kit")
        ->assertSee('as the file states')
        ->assertDontSee('by Ines Tarrow<', false);
    $this->get("/jobs/{$job->id}/history/disc.runout")->assertSee($said);
    $this->get("/jobs/{$job->id}/entries")->assertSee($said);
    $sheet = (string) $this->get("/jobs/{$job->id}/sheet")
        ->assertSee($said)
        ->getContent();
    // In print the name stands nowhere but in quotes, and where it is said who took the file in.
    expect(
        preg_match_all(
            '/(?<!“)Ines Tarrow(?!”)/u',
            (string) preg_replace(['/taken in by Tilda/', '/<header.*?<\/header>/s'], '', $sheet),
        ),
    )->toBe(0);
    // What is entered here afterwards is somebody's own.
    $answer = (string) $this->enter(
        $job,
        'strip',
        'disc.hub_play',
        '0.2 mm',
        (int) Reading::query()->where('field', 'disc.hub_play')->value('seq'),
    )->getContent();
    expect(substr($answer, 0, (int) strpos($answer, '</div>')))
        ->toContain('id="meta-disc-hub-play-0"')
        ->not->toContain('as the file states');
    expect(Reading::query()->where('typed', '0.2 mm')->sole()->author())->toBe('Ines Tarrow');
});

it('keeps a signature of elsewhere as a statement, and signs nothing with it here', function () {
    $job = ($this->take)([
        'vehicle' => ['class' => 'car', 'name' => 'Van'],
        'signed' => ['by' => 'Ines Tarrow', 'at' => '2026-11-02T09:00:00Z'],
    ]);
    $this->actingAs($this->technician('Ines Tarrow'));

    expect($job->signedSheet->elsewhere)
        ->toBeTrue()
        ->and($job->signedSheet->at->toDateString())
        ->toBe('2026-11-02');
    $this->get("/jobs/{$job->id}/record")->assertSee('Signed by “Ines Tarrow”, as the file states');
    $this->get("/jobs/{$job->id}/sheet")->assertSee('“Ines Tarrow”, as the file states');
    $this->get('/')->assertSee('by “Ines Tarrow”, as the file states');
});

it('keeps rows of the demonstration as its own people\'s', function () {
    $this->seedDemo();
    expect(Reading::query()->where('stated', true)->exists())
        ->toBeFalse()
        ->and(
            Reading::query()
                ->distinct()
                ->pluck('by_name')
                ->map(fn (string $n): string => explode(', ', $n)[0])
                ->unique()
                ->sort()
                ->values()
                ->all(),
        )
        ->toBe(['Bram Oakes', 'Ines Tarrow', 'Sefi Lund']);
});

it('carries nothing of a file that only the lead puts in force to the next job on the vehicle', function () {
    $log = [];
    $said = ['limits.flywheel.flatness.max' => '5 mm', 'flywheel.thickness_min' => '2 mm', 'release.pedal_ratio' => '5'];
    foreach ($said as $field => $typed) {
        $log[] = ['seq' => count($log) + 1, 'field' => $field, 'typed' => $typed, 'by' => 'Orla', 'at' => '2026-11-02T09:00:00Z'];
    }
    $job = ($this->take)([
        'vehicle' => ['name' => 'Van', 'class' => 'van', 'plate' => 'LB 77 RSA', 'flywheel' => 'solid'],
        'readings' => ['flywheel.thickness_min' => '2 mm', 'flywheel.flatness' => ['1.2 mm', '1.2 mm', '1.2 mm']],
        'release' => ['pedal_ratio' => '5'],
        'limits' => ['flywheel.flatness' => ['max' => '5 mm', 'source' => 'maker']], 'log' => $log,
    ]);
    expect(AssessedJob::of($job)->assessment->find('flywheel.flatness')?->verdict->value)->toBe('out');
    // Said once, by the section, and in force once it is taken over.
    expect(array_map(static fn ($s): string => $s->name, StatedElsewhere::of(SheetBuilder::document($job))))
        ->toBe(['limits.flywheel.flatness', 'readings.flywheel.thickness_min']);
    $next = OpenJob::again($job->vehicle, $this->technician());
    $carried = $next->readings->where('typed', '!=', '')->pluck('field')->all();

    expect($carried)->toContain('vehicle.name', 'release.pedal_ratio')
        ->not->toContain('limits.flywheel.flatness.max', 'flywheel.thickness_min');
    $lead = User::factory()->create(['name' => 'Orla Lead', 'role' => Role::Lead]);
    $this->actingAs($lead)->post("/jobs/{$job->id}/take-over", ['name' => 'limits.flywheel.flatness'])->assertSessionHasNoErrors();
    expect(AssessedJob::of(Job::whole($job->id))->assessment->find('flywheel.flatness')?->verdict->value)->toBe('within');
});
