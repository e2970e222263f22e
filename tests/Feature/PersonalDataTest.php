<?php

declare(strict_types=1);

use App\Audit\AuditEntry;
use App\Audit\Topic;
use App\Changes\SignSheet;
use App\Models\Job;
use App\Models\Photo;
use App\Models\SignedSheet;
use App\Models\User;
use App\Models\Vehicle;
use App\Page\JobPage;
use App\Upkeep\EraseIdentity;
use App\Upkeep\ShopCheck;
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
        ...array_map(static fn (object $t): array => DB::table($t->name)->get()->all(), DB::select(
            "select name from sqlite_master where type = 'table' and name not like 'sqlite_%'")),
        Storage::disk('local')->allFiles(),
    ], JSON_UNESCAPED_UNICODE);
    $this->figures = static fn (): array => array_map(
        static fn ($f): array => [$f->value, $f->unit], JobPage::of(Job::whole(10))->assessment->figures,
    );
    $this->verdicts = static fn (): array => collect(JobPage::of(Job::whole(10))->assessment->findings)
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
    $trace = AuditEntry::query()->where('log_name', Topic::Erasure->value)->sole();
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
