<?php

declare(strict_types=1);

use App\Audit\AuditEntry;
use App\Audit\LogTopic;
use App\Changes\SignSheet;
use App\Jobs\AssessedJob;
use App\Models\Device;
use App\Models\Job;
use App\Models\OrderStep;
use App\Models\Photo;
use App\Models\SignedSheet;
use App\Models\User;
use App\Models\Vehicle;
use App\Upkeep\EraseIdentity;
use App\Upkeep\ShopCheck;
use App\Upkeep\WhereWordsStand;
use App\Upkeep\WrittenOnce;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Spindle\Sheet\Document;

/* What is known of one vehicle: given out whole, or erased without a word left, with the numbers of signed work as they were. */

beforeEach(function () {
    $this->seedDemo();
    Storage::fake('local');
    $this->lead = User::query()->where('login', 'ines')->firstOrFail();
    $this->bram = User::query()->where('login', 'bram')->firstOrFail();
    $this->actingAs($this->lead);
    // A signed job, with a name wherever somebody can write one.
    $this->job = Job::query()->findOrFail(10);
    $this->vehicle = $this->job->vehicle;
    $this->enter($this->job, 'intake', 'complaint', 'Mrs Pellow says it bites at the floor')->assertOk();
    $this->enter($this->job, 'prove', 'prove.creep.felt', 'as Pellow described')->assertOk();
    $this->flushHeaders()->post('/jobs/10/notes', ['station' => 'strip', 'text' => 'Ring Pellow before ordering.']);
    $this->post('/jobs/10/waivers', ['finding' => 'release.air_gap', 'reason' => 'Pellow agreed by telephone']);
    $this->post('/jobs/10/photos', ['station' => 'strip', 'caption' => 'Pellow’s disc', 'photo' => UploadedFile::fake()
        ->image('f.jpg', 60, 40)]);
    (new SignSheet($this->lead))->sign(Job::whole(10));
    $this->everything = fn (): string => (string) json_encode([
        // What is kept packed is looked at as it is when it is unpacked.
        ...array_map(static fn (string $d): string => (string) gzuncompress($d), DB::table('job_assessments')->pluck('data')->all()),
        ...array_map(static fn (object $t): array => DB::table($t->name)->get()->all(), DB::select(
            "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name <> 'job_assessments'")),
        Storage::disk('local')->allFiles(),
    ], JSON_UNESCAPED_UNICODE);
    $this->figures = static fn (): array => array_map(
        static fn ($f): array => [$f->value, $f->unit], AssessedJob::of(Job::whole(10))->assessment->figures,
    );
    $this->verdicts = static fn (): array => collect(AssessedJob::of(Job::whole(10))->assessment->findings)
        ->mapWithKeys(static fn ($f): array => [$f->id => $f->verdict->value])->all();
});

it('erases whose vehicle it is, everywhere, and keeps every number and verdict of signed work', function () {
    [$figures, $verdicts, $signed] = [($this->figures)(), ($this->verdicts)(), SignedSheet::query()->where('clutch_job_id', 10)->sole()];
    foreach (['Pellow', 'GW 033 L', 'USMRL16E5M0039112'] as $identity) {
        expect(($this->everything)())->toContain($identity);
    }
    $this->post("/vehicles/{$this->vehicle->id}/erase", ['plate' => 'gw033l', 'reason' => 'asked for by letter'])
        ->assertSessionHasNoErrors();

    foreach (['Pellow', 'GW 033 L', 'gw033l', 'USMRL16E5M0039112', 'usmrl16e5m0039112'] as $identity) {
        expect(($this->everything)())->not->toContain($identity);
    }
    $after = SignedSheet::query()->where('clutch_job_id', 10)->sole();
    expect(($this->figures)())->toEqual($figures)->and(($this->verdicts)())->toBe(array_diff_key($verdicts, ['vehicle.number' => 1]))
        ->and(count($figures))->toBeGreaterThan(30)
        ->and($after->isWhole())->toBeTrue()->and($after->sha256_as_signed)->toBe($signed->sha256)->and($after->by_name)
        ->toBe('Ines Tarrow')
        ->and(json_decode($after->json)->signed)->toEqual(json_decode($signed->json)->signed)
        ->and(Photo::query()->where('clutch_job_id', 10)->exists())->toBeFalse()->and(Storage::disk('local')->allFiles())->toBe([])
        ->and(array_filter((new ShopCheck)->problems(true), static fn (string $p): bool => str_contains($p, 'J-0010')))->toBe([]);
    $trace = AuditEntry::query()->where('log_name', LogTopic::Erasure->value)->sole();
    expect($trace->who())->toBe('Ines Tarrow')
        ->and($trace->description)->toBe('Erased whose vehicle 10, Ostrel Marle 1.6 estate, is, on 1 jobs: asked for by letter');
    foreach (['record', 'strip', 'sheet', 'sheet.pdf', 'sheet.json', 'readings.csv', 'archive.zip'] as $page) {
        $this->get("/jobs/10/{$page}")->assertOk();
    }
    $this->get('/jobs/10/record')->assertSee($signed->sha256)->assertSee('Whose vehicle it is was taken out on');
    $this->get("/vehicles/{$this->vehicle->id}")->assertOk()->assertSee('Ostrel Marle 1.6 estate');
    $this->get('/?q=GW033L')->assertDontSee('Marle 1.6');
});

it('erases open jobs as well, and they can be gone on with', function () {
    $vehicle = Vehicle::query()->findOrFail(2);
    (new EraseIdentity($this->lead))->of($vehicle, 'sold');

    expect(DB::table('readings')->where('clutch_job_id', 2)->where('field', 'vehicle.plate')->pluck('typed')->unique()->all())->toBe(['']);
    $this->get('/jobs/2/strip')->assertOk();
    $this->enter(Job::query()->findOrFail(2), 'strip', 'disc.runout', '0.3')->assertOk();
});

it('erases what cannot be read any more as a whole, and is not held up by it', function () {
    DB::statement('drop trigger signed_sheets_never_changed');
    DB::table('signed_sheets')->where('clutch_job_id', 10)->update(['json' => '{"vehicle": {"plate": "GW 033 L", cut off']);
    (new EraseIdentity($this->lead))->of($this->vehicle, 'asked for');

    expect(($this->everything)())->not->toContain('GW 033 L')->not->toContain('Pellow');
    $this->get('/')->assertOk();
});

it('keeps what a file brought that is no one\'s identity', function () {
    $sheet = json_decode((string) file_get_contents(collect(glob(database_path('demo/08-*.json')))->sole()));
    $sheet->vehicle->plate = 'QX 9';
    $sheet->customer = (object) ['name' => 'T. Pellow'];
    $sheet->kits = [$sheet->kit];
    $this->post('/import', ['file' => UploadedFile::fake()->createWithContent('s.json', (string) json_encode($sheet))]);
    $job = Job::query()->orderByDesc('id')->firstOrFail();
    (new EraseIdentity($this->lead))->of($job->vehicle, 'asked for');
    $after = json_decode((string) $this->get("/jobs/{$job->id}/sheet.json")->getContent());

    expect($after->kits)->toHaveCount(1)->and((string) json_encode($after))->not->toContain('Pellow')->not->toContain('QX 9');
});

it('finds a word in every text column of every table', function () {
    $text = [];
    foreach (DB::select("select m.name as t, p.name as c, lower(p.type) as type from sqlite_master m join pragma_table_info(m.name) p
        where m.type = 'table' and m.name not like 'sqlite%'") as $column) {
        if (in_array($column->type, ['varchar', 'text'], true) && ! in_array($column->t, WhereWordsStand::OF_NO_VEHICLE, true)) {
            $text[$column->t][] = $column->c;
        }
    }
    // Each is named once: as erased, as looked through, or as holding no such thing, with the reason.
    foreach ($text as $table => $columns) {
        $named = [...WhereWordsStand::FREE[$table] ?? [], ...WhereWordsStand::SENTENCES[$table] ?? [],
            ...WhereWordsStand::LOOKED_THROUGH[$table] ?? [], ...array_keys(WhereWordsStand::STAYS[$table] ?? [])];
        expect($named)->toEqualCanonicalizing($columns, $table);
    }
    // Two words: one that only erasing a whole column can take, and the plate, which is known.
    [$free, $plate] = ['Zephyrine Quill', 'GW 033 L'];
    OrderStep::query()->create(['clutch_job_id' => 10, 'part' => 'pilot', 'number' => 'P1', 'state' => 'ordered', 'by_name' => 'x',
        'at' => now()]);
    $device = Device::query()->create(['name' => 'Gauge', 'instrument' => 'calliper', 'by_name' => 'x']);
    DB::table('device_readings')->insert(['device_id' => $device->id, 'text' => 'x', 'outcome' => 'taken', 'clutch_job_id' => 10,
        'at' => now()]);
    DB::table('board_slots')->insert(['clutch_job_id' => 10, 'task' => 'fitting', 'starts_at' => now(), 'ends_at' => now(),
        'by_name' => 'x']);
    DB::table('kit_choices')->where('clutch_job_id', 10)->exists() || DB::table('kit_choices')->insert(['clutch_job_id' => 10,
        'data' => '{}', 'by_name' => 'x', 'at' => now()]);
    $of = static fn (string $table) => match ($table) {
        'vehicles' => DB::table('vehicles')->where('id', 10),
        'clutch_jobs' => DB::table('clutch_jobs')->where('id', 10),
        'activity_log' => DB::table('activity_log')->where('subject_type', Job::class)->where('subject_id', 10),
        default => DB::table($table)->where('clutch_job_id', 10),
    };
    $sheet = json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'keeper' => $free, 'engine' => ['owner' => $free],
        'vehicle' => ['plate' => $plate, 'keeper' => $free], 'readings' => ['whose' => $free, 'complaint' => "{$free} {$plate}"],
        'calendar' => ['closed' => ['2026-12-24' => $free]], 'elsewhere' => ['limits' => ['x' => ['who' => $free]]],
        'log' => [['seq' => 1, 'field' => 'whose', 'typed' => $free, 'unit' => 'mm', 'by' => 'Orla', 'at' => '2026-11-02T09:00:00Z']]]);
    $planted = 0;
    WrittenOnce::opened(array_keys($text), function () use ($text, $of, $free, $plate, $sheet, &$planted): void {
        foreach ($text as $table => $columns) {
            foreach (array_diff($columns, array_keys(WhereWordsStand::STAYS[$table] ?? [])) as $column) {
                $isFree = ! in_array($column, WhereWordsStand::SENTENCES[$table] ?? [], true) && $table !== 'activity_log';
                $word = $isFree ? "{$free} {$plate}" : "so {$plate} is said";
                // The plate itself stays where it stands, so that it is known what to look for.
                if ($table === 'vehicles') {
                    continue;
                }
                $rows = $table === 'readings' && $column === 'typed' ? $of($table)->where('field', 'complaint') : $of($table);
                $rows->update([$column => match (true) {
                    in_array($column, ['json', 'base_sheet'], true) => $sheet,
                    $table === 'kit_choices' => json_encode(['number' => "K {$plate}", 'whose' => $free]),
                    in_array($column, ['marks', 'hours', 'causes', 'figures'], true) => json_encode([$word]),
                    $table === 'activity_log' && $column === 'properties' => json_encode(['said' => $word]),
                    default => $word,
                }]);
                $planted++;
            }
        }
    });
    expect($planted)->toBeGreaterThan(40)->and(($this->everything)())->toContain($free)->toContain($plate);
    (new EraseIdentity($this->lead))->of(Vehicle::query()->findOrFail(10), 'asked for');

    expect(($this->everything)())->not->toContain('Zephyrine')->not->toContain('Quill')->not->toContain('033 L');
    // What was planted is nonsense, so the job is one that cannot be shown; its entries are, and everybody else's pages.
    $this->get('/jobs/10/record')->assertStatus(409);
    $this->get('/')->assertOk();
});

it('leaves every other vehicle as it is', function () {
    $others = fn (): array => [
        DB::table('readings')->where('clutch_job_id', '<>', 10)->orderBy('id')->get()->all(),
        DB::table('signed_sheets')->where('clutch_job_id', '<>', 10)->orderBy('id')->get()->all(),
        DB::table('notes')->where('clutch_job_id', '<>', 10)->get()->all(), DB::table('vehicles')->where('id', '<>', 10)->get()->all(),
    ];
    $before = $others();
    (new EraseIdentity($this->lead))->of($this->vehicle, 'asked for');

    expect($others())->toEqual($before);
});

it('asks for the plate and a reason, and only a lead', function () {
    $this->post('/vehicles/10/erase', ['plate' => 'LB 77 RSA', 'reason' => 'asked for'])->assertSessionHasErrors('plate');
    $this->post('/vehicles/10/erase', ['plate' => 'GW 033 L', 'reason' => ''])->assertSessionHasErrors('reason');
    $this->actingAs($this->bram)->post('/vehicles/10/erase', ['plate' => 'GW 033 L', 'reason' => 'asked for'])->assertForbidden();
    $this->get('/vehicles/10/data.zip')->assertForbidden();
    $this->get('/vehicles/10')->assertDontSee('What is known of whoever');

    expect(Vehicle::query()->findOrFail(10)->plate)->toBe('GW 033 L');
});

it('lets the database refuse changes again afterwards', function () {
    $triggers = fn (): array => DB::table('sqlite_master')->where('type', 'trigger')->orderBy('name')->pluck('sql', 'name')->all();
    $before = $triggers();
    (new EraseIdentity($this->lead))->of($this->vehicle, 'asked for');

    expect($triggers())->toBe($before)->and(count($before))->toBeGreaterThan(15)
        ->and(fn () => DB::table('notes')->update(['text' => 'x']))->toThrow(Exception::class, 'never changed');
});

it('takes out what a stranger\'s file says in words of its own', function () {
    $before = Document::ofJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'plate' => 'QX 1', 'owner' => 'T. Pellow'], 'customer' => ['phone' => '0999 1234'],
        'complaint' => 'T. Pellow heard a rattle', 'readings' => ['disc.thickness' => '7.1 mm'],
        'assessment' => ['findings' => [['message' => 'Proved: “T. Pellow heard a rattle”.', 'value' => 1.25]]]]));
    $after = EraseIdentity::document($before)->toJson();

    expect($after)->not->toContain('Pellow')->not->toContain('0999')->not->toContain('QX 1')->toContain('7.1 mm')->toContain('1.25');
});

it('gives out everything of one vehicle and says so in the log', function () {
    $answer = $this->get('/vehicles/10/data.zip')->assertOk();
    $zip = new ZipArchive;
    $zip->open($answer->baseResponse->getFile()->getPathname());
    $names = array_map(static fn (int $i): string => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1));

    expect($names)->toBe(['J-0010.zip', 'vehicle.json', 'log.json'])
        ->and(json_decode((string) $zip->getFromName('vehicle.json'))->plate)->toBe('GW 033 L')
        ->and((string) $zip->getFromName('log.json'))->toContain('Signed J-0010')->not->toContain('J-0001')
        ->and(AuditEntry::query()->where('log_name', 'exports')->sole()->description)
        ->toBe('Took out the data of vehicle 10, Ostrel Marle 1.6 estate.');
});
