<?php

declare(strict_types=1);

use App\Files\ShopArchive;
use App\Files\ShopArchiveError;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Sabre\VObject\Node;
use Sabre\VObject\Reader;

/* A job and the whole shop in open formats: what goes out can be read by somebody else, and by us. */

beforeEach(function () {
    Storage::fake('local');
    $this->seedDemo();
    $this->actingAs($this->lead = User::query()->where('role', Role::Lead)->firstOrFail());
    $this->path = (string) tempnam(sys_get_temp_dir(), 'test');
});

afterEach(function () {
    @unlink($this->path);
});

/** @return list<array<string, string>> by the names of the columns */
function csvRows(string $text): array
{
    $file = new SplTempFileObject;
    $file->fwrite($text);
    $file->setFlags(SplFileObject::READ_CSV | SplFileObject::READ_AHEAD | SplFileObject::SKIP_EMPTY);
    $file->setCsvControl(',', '"', '');
    $rows = array_values(array_filter(iterator_to_array($file), is_array(...)));

    return array_map(static fn (array $row): array => array_combine($rows[0], $row), array_slice($rows, 1));
}

it('gives one row a reading, with number, unit, verdict, limit, who and when', function () {
    $this->enter(Job::query()->findOrFail(2), 'strip', 'disc.hub_play', '0,013 in');
    $response = $this->get('/jobs/2/readings.csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=UTF-8');
    $rows = array_column(csvRows((string) $response->getContent()), null, 'reading');

    expect($rows['disc.hub_play'])->toMatchArray(['unit' => 'mm', 'verdict' => 'within', 'by' => $this->lead->name, 'place' => '1'])
        ->and((float) $rows['disc.hub_play']['value'])->toEqualWithDelta(0.3302, 1e-4)
        ->and($rows['disc.hub_play']['limit'])->toContain('0.4')->and($rows['disc.hub_play']['at'])->toMatch('/^\d{4}-\d\d-\d\dT/');
});

it('writes no cell that a spreadsheet would run, and keeps what was typed', function () {
    $job = $this->newJob($this->lead);
    $this->enter($job, 'intake', 'complaint', '=HYPERLINK("http://example.invalid","x"), "quoted", and a line');
    $rows = array_column(csvRows((string) $this->get("/jobs/{$job->id}/readings.csv")->getContent()), null, 'reading');

    expect($rows['complaint']['typed'])->toBe('\'=HYPERLINK("http://example.invalid","x"), "quoted", and a line');
});

it('puts promise and next look into a calendar that another reader takes', function () {
    $job = Job::query()->findOrFail(2);
    $this->enter($job, 'intake', 'promised_on', '2026-12-01');
    $this->enter($job, 'prove', 'prove.recheck.on', '2027-01-11');
    $text = (string) $this->get('/jobs/2/due.ics')->assertOk()->getContent();
    $calendar = Reader::read($text);

    expect($calendar->validate(Node::REPAIR))->toBe([])->and(count($calendar->VEVENT))->toBe(2)
        ->and((string) $calendar->VEVENT[0]->DTSTART)->toBe('20261201')->and((string) $calendar->VEVENT[1]->DTSTART)->toBe('20270111')
        ->and((string) $calendar->VEVENT[1]->DTEND)->toBe('20270112')
        ->and((string) $calendar->VEVENT[1]->SUMMARY)->toContain('looked at again');
});

it('says that no day is known rather than give an empty calendar', function () {
    $job = $this->newJob($this->lead);
    $this->get("/jobs/{$job->id}/due.ics")->assertNotFound();
});

it('prints every job of the demonstration on one or two pages', function () {
    foreach (Job::query()->pluck('id') as $id) {
        $pdf = (string) $this->get("/jobs/{$id}/sheet.pdf")->assertOk()->getContent();
        expect($pdf)->toStartWith('%PDF-')->and(preg_match_all('~/Type /Page\b(?!s)~', $pdf))->toBeLessThanOrEqual(2, "job {$id}")
            ->toBeGreaterThanOrEqual(2);
    }
});

it('puts all of a job into one archive', function () {
    $zip = new ZipArchive;
    file_put_contents($this->path, (string) $this->get('/jobs/1/archive.zip')->assertOk()->streamedContent());
    expect($zip->open($this->path))->toBeTrue()
        ->and(hash('sha256', (string) $zip->getFromName('sheet.json')))->toBe(Job::query()->findOrFail(1)->signedSheet->sha256)
        ->and($zip->getFromName('sheet.pdf'))->toStartWith('%PDF-')->and($zip->getFromName('readings.csv'))->toContain('disc.thickness');
});

/** @return array<string, list<string>> every row of the shop, by table */
function everything(): array
{
    $all = [];
    foreach (ShopArchive::tables() as $table) {
        $all[$table] = DB::table($table)->orderByRaw('rowid')->get()->map(static fn ($row): string => (string) json_encode($row))->all();
    }

    return $all;
}

it('reads the whole shop back into an empty installation, and nothing is lost', function () {
    Storage::disk('local')->put('photos/1-abc.jpg', 'a picture');
    $this->post('/jobs/2/notes', ['station' => 'bench', 'text' => 'Old disc marked: “½ worn”.']);
    $before = everything();
    ShopArchive::write($this->path);
    DB::statement('pragma defer_foreign_keys = on');
    $triggers = DB::select("select name, sql from sqlite_master where type = 'trigger'");
    foreach ($triggers as $trigger) {
        DB::statement("drop trigger {$trigger->name}");
    }
    // As a new installation begins: with a stamp of its own for the shelf, and with what its database keeps by itself.
    foreach ([...array_diff(ShopArchive::tables(), ['shelf_stamps']), 'job_counts'] as $table) {
        DB::table($table)->delete();
    }
    foreach ($triggers as $trigger) {
        DB::statement($trigger->sql);
    }
    DB::table('shelf_stamps')->update(['stamp' => 4711]);
    Storage::disk('local')->delete('photos/1-abc.jpg');
    $rows = ShopArchive::read($this->path);

    expect($rows)->toBe(array_sum(array_map(count(...), $before)))->toBeGreaterThan(500)
        ->and(everything())->toBe($before)
        ->and(Storage::disk('local')->get('photos/1-abc.jpg'))->toBe('a picture')
        ->and(DB::table('job_counts')->sum('jobs'))->toEqual(DB::table('clutch_jobs')->count());
    $this->get('/jobs/1/sheet')->assertOk();
});

it('reads an archive into no shop that is in use, and takes nothing of a damaged one', function () {
    ShopArchive::write($this->path);
    $before = everything();
    expect(fn () => ShopArchive::read($this->path))->toThrow(ShopArchiveError::class, 'not empty')
        ->and(everything())->toBe($before);
    file_put_contents($this->path, 'no archive');
    expect(fn () => ShopArchive::read($this->path))->toThrow(ShopArchiveError::class, 'not the archive of a shop');
});

it('gives the archive of the shop to nobody but a lead', function () {
    $this->get('/shop.zip')->assertOk();
    $this->actingAs($this->technician());
    $this->get('/shop.zip')->assertForbidden();
});

it('gives drawings as files that stand by themselves', function (string $name) {
    $svg = (string) $this->get("/jobs/10/drawings/{$name}.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
    $document = new DOMDocument;

    expect($document->loadXML($svg))->toBeTrue()->and($document->documentElement?->namespaceURI)->toBe('http://www.w3.org/2000/svg')
        ->and($document->getElementsByTagName('path')->length + $document->getElementsByTagName('rect')->length)->toBeGreaterThan(2);
})->with(App\Files\SvgFile::NAMES);

it('gives the shop a calendar of its promises and checks', function () {
    $this->enter(Job::query()->findOrFail(2), 'intake', 'promised_on', '2026-12-01');
    $calendar = Reader::read((string) $this->get('/board.ics')->assertOk()->getContent());

    expect($calendar->validate())->toBe([])->and((string) $calendar->serialize())->toContain('UID:promise-2@jade-spindle');
});

it('puts the photos that were chosen on the sheet, and still on two pages', function () {
    foreach (['worn', 'other'] as $i => $caption) {
        $picture = UploadedFile::fake()->image("{$caption}.jpg", 400 + $i, 300);
        $this->post('/jobs/10/photos', ['station' => 'strip', 'part' => 'disc', 'caption' => $caption, 'photo' => $picture]);
    }
    $photos = Job::query()->findOrFail(10)->photos()->get();
    $images = fn (): int => (int) preg_match_all('~/Subtype /Image~', (string) $this->get('/jobs/10/sheet.pdf')->getContent());
    $name = substr($photos[0]->sha256, 0, 12);
    expect($images())->toBe(0);
    $this->post('/jobs/10/record', ['t' => ['photo' => "{$name} +"]], ['HX-Request' => 'true'])->assertOk();
    $this->post('/jobs/10/record', ['t' => ['photo' => "{$name} +"]], ['HX-Request' => 'true'])->assertOk();
    expect($images())->toBe(1)
        ->and(preg_match_all('~/Type /Page\b(?!s)~', (string) $this->get('/jobs/10/sheet.pdf')->getContent()))->toBe(2);
    $this->flushHeaders()->get('/jobs/10/record')->assertSee('On the sheet')->assertSee('Put on the sheet');
    $this->post('/jobs/10/record', ['t' => ['photo' => "{$name} -"]], ['HX-Request' => 'true'])->assertOk();
    expect($images())->toBe(0);
});
