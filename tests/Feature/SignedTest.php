<?php

declare(strict_types=1);

use App\Changes\SheetImport;
use App\Changes\SignSheet;
use App\Jobs\AssessedJob;
use App\Jobs\KeptJob;
use App\Jobs\SignedJob;
use App\Models\Job;
use App\Models\Note;
use App\Models\Photo;
use App\Models\Reading;
use App\Models\Role;
use App\Models\SignedSheet;
use App\Models\User;
use App\Models\Vehicle;
use App\Photos\CleanPicture;
use App\Photos\PhotoStore;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Spindle\Sheet\Document;

/*
 * What was signed stays as it was signed: on the pages, in print, in the file, and in the database.
 */

beforeEach(function () {
    Storage::fake('local');
    $this->seedDemo();
    $this->actingAs($this->lead = User::query()->where('role', Role::Lead)->firstOrFail());
    $this->job = Job::query()->with(Job::WHOLE)->findOrFail(10);
    $this->sign = function (): Job {
        expect((new SignSheet($this->lead))->sign($this->job))->toBeTrue();

        return Job::query()->with(Job::WHOLE)->findOrFail($this->job->id);
    };
    $this->pages = fn (): array => array_map(
        fn (string $page): string => (string) preg_replace(
            ['/"X-CSRF-TOKEN":"[^"]+"|name="_token" value="[^"]+"/', '/<head>.*?<\/head>/s'],
            '',
            (string) $this->get("/jobs/{$this->job->id}/{$page}")
                ->assertOk()
                ->getContent(),
        ),
        ['strip' => 'strip?part=disc', 'record' => 'record', 'sheet' => 'sheet', 'json' => 'sheet.json'],
    );
    /** Past the triggers, as somebody with the file in hand could. */
    $this->alter = function (string $statement): void {
        DB::statement('DROP TRIGGER signed_sheets_never_changed');
        DB::statement($statement);
    };
});

it('shows it from what is kept as from the file, and asks for no entry beside it', function () {
    ($this->sign)();
    DB::table('job_assessments')->delete();
    $fromTheFile = ($this->pages)();
    $kept = KeptJob::find($whole = Job::whole($this->job->id), KeptJob::stamp($whole));
    $asked = [];
    DB::listen(function (QueryExecuted $query) use (&$asked): void {
        $asked[] = $query->sql;
    });
    $fromWhatIsKept = ($this->pages)();

    expect($kept['signed']['readings'] ?? [])->not->toBe([])->and($fromWhatIsKept)->toBe($fromTheFile)
        ->and(preg_grep('/from "(readings|waivers|kit_choices)" where .*clutch_job_id/', $asked))->toBe([])
        ->and(preg_grep('/from "job_assessments"/', $asked))->toHaveCount(count($fromTheFile));
});

it('takes what was kept of one file for no other', function () {
    ($this->sign)();
    $this->get("/jobs/{$this->job->id}/record")->assertOk();
    $whole = Job::whole($this->job->id);
    $stamp = KeptJob::stamp($whole);
    $whole->signedSheet?->setAttribute('elsewhere', true);
    expect(KeptJob::stamp($whole))->not->toBe($stamp);

    // Of an open job nothing kept is taken that a signed one left, even under the same stamp.
    $whole->setRelation('signedSheet', null);
    expect(KeptJob::find($whole, $stamp))->toBeNull();
});

it('shows a signed job as its file has it, whatever is edited beside it later', function () {
    ($this->sign)();
    $before = ($this->pages)();

    Vehicle::query()
        ->whereKey($this->job->vehicle_id)
        ->update(['name' => 'Another name', 'plate' => 'XX 99 XXX', 'number' => 'NONE']);
    DB::table('clutch_jobs')
        ->where('id', $this->job->id)
        ->update(['units' => 'inch', 'base_sheet' => null]);
    Reading::query()->create([
        'clutch_job_id' => $this->job->id,
        'seq' => 9000,
        'field' => 'disc.thickness',
        'position' => 0,
        'kind' => Reading::ENTRY,
        'typed' => '1 mm',
        'is_number' => false,
        'by_name' => 'x',
        'at' => now(),
    ]);
    DB::table('waivers')->insert([
        'clutch_job_id' => $this->job->id,
        'finding' => 'disc.wear',
        'reason' => 'slipped in',
        'withdrawn' => false,
        'by_name' => 'x',
        'at' => now(),
    ]);
    DB::table('kit_choices')->insert([
        'clutch_job_id' => $this->job->id,
        'kit_id' => null,
        'data' => '{"name":"Another kit"}',
        'by_name' => 'x',
        'at' => now(),
    ]);

    expect(($this->pages)())->toBe($before);
});

it('prints later notes apart and dated, and leaves what was signed without them', function () {
    $job = ($this->sign)();
    $hash = $job->signedSheet->sha256;
    $this->travel(3)->days();
    $this->post("/jobs/{$job->id}/notes", [
        'station' => 'strip',
        'text' => 'The customer came back with the old bolts.',
    ])->assertRedirect();
    $sheet = (string) $this->get("/jobs/{$job->id}/sheet")->getContent();

    expect(Note::query()->where('text', 'like', 'The customer came back%')->sole()->after_signing)
        ->toBeTrue()
        ->and(substr_count($sheet, 'The customer came back'))
        ->toBe(1)
        ->and(strpos($sheet, 'The customer came back'))
        ->toBeGreaterThan((int) strpos($sheet, 'Added after sign-off, not part of what was signed'))
        ->and((string) $this->get("/jobs/{$job->id}/sheet.json")->getContent())
        ->not->toContain('The customer came back')
        ->and(hash('sha256', (string) $this->get("/jobs/{$job->id}/sheet.json")->getContent()))
        ->toBe($hash);
    $this->get("/jobs/{$job->id}/strip")->assertSee('added after sign-off');
});

it('tells a note of before from one of after, even with the same words', function () {
    $this->post("/jobs/{$this->job->id}/notes", ['station' => 'strip', 'text' => 'Same words.']);
    $this->job = $this->job->fresh(Job::WHOLE);
    $job = ($this->sign)();
    $this->post("/jobs/{$job->id}/notes", ['station' => 'strip', 'text' => 'Same words.']);

    expect(SignedJob::additions($job))->toHaveCount(1)
        ->and(AssessedJob::of($job)->job->notes->where('text', 'Same words.'))->toHaveCount(1);
});

it('shows the photos that were signed, and no other', function () {
    $photo = fn (string $caption) => $this->post("/jobs/{$this->job->id}/photos", [
        'station' => 'strip',
        'part' => 'disc',
        'caption' => $caption,
        'photo' => UploadedFile::fake()->image('f.jpg', 40 + strlen($caption), 40),
    ]);
    $photo('Rivets of the old disc')->assertSessionHasNoErrors();
    $job = ($this->sign)();
    $photo('Taken later')->assertSessionHasErrors('photo');
    // One that came by while it was being signed.
    Photo::query()->create([
        'clutch_job_id' => $job->id,
        'station' => 'strip',
        'part' => 'disc',
        'caption' => 'Slipped in',
        'file' => 'photos/x.jpg',
        'width' => 1,
        'height' => 1,
        'sha256' => str_repeat('a', 64),
        'by_name' => 'x',
        'at' => now()->subHour(),
    ]);

    expect(Document::ofJson($job->signedSheet->json)->get(['photos']))
        ->toHaveCount(1)
        ->and(AssessedJob::of($job)->job->photos->pluck('caption')->all())
        ->toBe(['Rivets of the old disc'])
        ->and(Photo::query()->where('caption', 'Rivets of the old disc')->sole()->sha256)
        ->toBe(
            hash(
                'sha256',
                (string) Storage::disk('local')->get(Photo::query()->where('caption', 'Rivets of the old disc')->sole()->file),
            ),
        );
    $this->get("/jobs/{$job->id}/strip?part=disc")
        ->assertSee('Rivets of the old disc')
        ->assertDontSee('Slipped in');
});

it('checks in turn that a job is still open before it keeps a photo, and leaves no file when it is not', function () {
    $file = UploadedFile::fake()->image('f.jpg', 40, 40);
    $picture = CleanPicture::of($file->getContent());
    $store = new PhotoStore($this->job, $this->lead);
    ($this->sign)();

    expect($store->keep($picture, 'strip', null, 'late'))->toBeFalse()
        ->and(Photo::query()->count())->toBe(0)->and(Storage::disk('local')->allFiles())->toBe([]);
});

it('says loudly when the stored file is not what was signed, on every page and in print', function () {
    $job = ($this->sign)();
    ($this->alter)("UPDATE signed_sheets SET json = replace(json, '\"by\": \"Ines', '\"by\": \"Innes') WHERE clutch_job_id = {$job->id}");

    foreach (['strip', 'record', 'sheet'] as $page) {
        $this->get("/jobs/{$job->id}/{$page}")
            ->assertOk()
            ->assertSee('This is not what was signed.');
    }
    $this->get("/vehicles/{$job->vehicle_id}")
        ->assertOk()
        ->assertSee('This is not what was signed.');
    expect((string) $this->get("/jobs/{$job->id}/sheet.json")->headers->get('Content-Disposition'))->toContain('not-what-was-signed');
    $this->artisan('shop:check')
        ->expectsOutputToContain("{$job->label()}: the stored file is not what Ines Tarrow signed")
        ->assertExitCode(1);
});

it('shows a signed job whose file is no job sheet any more as one that cannot be shown', function () {
    $job = ($this->sign)();
    ($this->alter)("UPDATE signed_sheets SET json = '{' WHERE clutch_job_id = {$job->id}");

    $this->get("/jobs/{$job->id}/record")->assertStatus(409)->assertSee('This job cannot be shown');
    $this->get('/')->assertOk();
    // Nothing of a signed job is taken back.
    $this->post("/jobs/{$job->id}/take-back", ['seq' => 1])->assertSessionHasErrors('seq');
});

it('finds every signed file and every photo as it was kept', function () {
    $this->post("/jobs/{$this->job->id}/photos", [
        'station' => 'strip',
        'caption' => 'Disc',
        'photo' => UploadedFile::fake()->image('f.jpg', 40, 40),
    ]);
    ($this->sign)();
    $this->artisan('shop:check')->doesntExpectOutputToContain($this->job->label());

    Storage::disk('local')->put(Photo::query()->sole()->file, 'something else');
    $this->artisan('shop:check')->expectsOutputToContain('the photo “Disc” is not the one that was kept')->assertExitCode(1);
    Storage::disk('local')->delete(Photo::query()->sole()->file);
    $this->artisan('shop:check')->expectsOutputToContain('the photo “Disc” is missing')->assertExitCode(1);
});

it('refuses SQL that changes or deletes what is written once', function (string $table, string $statement) {
    ($this->sign)();
    $this->post("/jobs/{$this->job->id}/notes", ['station' => 'strip', 'text' => 'x']);
    foreach (
        [
            ['shop_limits', ['name' => 'x', 'classes' => 'car', 'by_name' => 'x', 'at' => now()]],
            ['shop_figures', ['section' => 'causes', 'name' => 'pilot.prior', 'value' => '5', 'by_name' => 'x', 'at' => now()]],
            [
                'photos',
                [
                    'clutch_job_id' => 1,
                    'station' => 'strip',
                    'caption' => 'x',
                    'file' => 'x',
                    'width' => 1,
                    'height' => 1,
                    'by_name' => 'x',
                    'at' => now(),
                ],
            ],
        ] as [$name, $row]
    ) {
        DB::table($name)->insert($row);
    }
    expect(DB::table($table)->count())
        ->toBeGreaterThan(0)
        ->and(fn () => DB::statement($statement))
        ->toThrow(QueryException::class, "rows of {$table} are never");
})->with(function () {
    foreach (
        [
            'readings' => 'typed',
            'kit_choices' => 'by_name',
            'waivers' => 'reason',
            'notes' => 'text',
            'photos' => 'caption',
            'signed_sheets' => 'json',
            'shop_limits' => 'least',
            'shop_figures' => 'value',
            'model_figures' => 'value',
        ] as $table => $column
    ) {
        yield "change of {$table}" => [$table, "UPDATE {$table} SET {$column} = 'other'"];
        yield "deletion from {$table}" => [$table, "DELETE FROM {$table}"];
    }
});

it('signs nothing whose file could not be shown afterwards', function () {
    Illuminate\Support\Facades\View::composer('printed.body', static function ($view): void {
        if ($view->getData()['page']->job->isSigned()) {
            throw new RuntimeException('no ink');
        }
    });
    expect(fn () => (new SignSheet($this->lead))->sign($this->job))->toThrow(Spindle\Sheet\SheetError::class)
        ->and(SignedSheet::query()->where('clutch_job_id', $this->job->id)->exists())->toBeFalse();
    $this->post("/jobs/{$this->job->id}/sign")->assertRedirect()->assertSessionHasErrors('sign');
});

it('keeps apart what a file states and what was done here, through signing and its file', function () {
    // Two rows come with a file, one is entered here.
    $row = static fn (int $seq, string $field, string $typed): array => [
        'seq' => $seq,
        'field' => $field,
        'typed' => $typed,
        'by' => 'Ines Tarrow',
        'at' => '2026-11-02T09:00:00Z',
    ];
    $json = (string) json_encode([
        'format' => 'jade-spindle/job-sheet',
        'version' => 1,
        'vehicle' => ['name' => 'Van', 'class' => 'van'],
        'log' => [$row(1, 'vehicle.name', 'Van'), $row(2, 'vehicle.class', 'van')],
    ]);
    $job = (new SheetImport($this->lead))->import($json);
    $this->enter($job, 'strip', 'disc.runout', '0.2 mm')->assertOk();
    $document = Document::ofJson((string) $this->get("/jobs/{$job->id}/sheet.json")->getContent());

    expect(array_map(static fn (stdClass $r): array => [$r->field, $r->stated ?? false], (array) $document->get(['log'])))->toBe([
        ['vehicle.name', true],
        ['vehicle.class', true],
        ['disc.runout', false],
    ]);
    $own = App\Sheets\SheetRows::ofOwn($document);
    expect(array_map(static fn (Reading $r): string => $r->author(), $own->readings))->toBe([
        '“Ines Tarrow”, as the file states',
        '“Ines Tarrow”, as the file states',
        'Ines Tarrow',
    ]);
});

it('signs and shows a job with more entries than a file from elsewhere may bring, and takes no more than it can keep', function () {
    // As many corrections of one reading, put in past the pages.
    $last = (int) $this->job->readings->max('seq');
    $fill = function (int $from, int $to): void {
        foreach (array_chunk(range($from, $to), 500) as $some) {
            DB::table('readings')->insert(
                array_map(
                    fn (int $seq): array => [
                        'clutch_job_id' => $this->job->id,
                        'seq' => $seq,
                        'field' => 'disc.runout',
                        'position' => 0,
                        'kind' => Reading::SET_ASIDE,
                        'typed' => '1',
                        'is_number' => false,
                        'by_name' => 'x',
                        'at' => '2026-11-02 09:00:00',
                    ],
                    $some,
                ),
            );
        }
    };
    $fill($last + 1, 6000);
    $this->job->load('readings');
    ($this->sign)();
    expect(
        count(
            (array) Document::ofJson(
                (string) $this->get("/jobs/{$this->job->id}/sheet.json")
                    ->assertOk()
                    ->getContent(),
            )->get(['log']),
        ),
    )->toBeGreaterThan(5500);

    $this->job = Job::query()->with(Job::WHOLE)->findOrFail(9);
    $fill((int) $this->job->readings->max('seq') + 1, Job::MOST_ENTRIES + 10);
    $this->enter($this->job, 'strip', 'disc.runout', '0.2 mm')->assertOk()->assertSee('this job has 20000 entries and takes no more');
});
