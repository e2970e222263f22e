<?php

declare(strict_types=1);

use App\Changes\SheetImport;
use App\Jobs\AssessedJob;
use App\Jobs\KeptJob;
use App\Models\Job;
use App\Models\ShopFigure;
use App\Models\ShopLimit;
use App\Sheets\SheetBuilder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;

/*
 * What a job was worked out to is kept with it, and counts only for just what it was made from. To see whether it is taken, a figure of it
 * is changed in the store: a page that shows the figure has worked nothing out.
 */

beforeEach(function () {
    $this->actingAs($by = $this->technician());
    $this->job = $this->newJob($by);
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.4 mm', '0.4 mm', '0.4 mm'])->assertOk();
    $this->kept = fn (): string => (string) gzuncompress((string) DB::table('job_assessments')
        ->where('clutch_job_id', $this->job->id)->value('data'));
    $this->mark = fn () => DB::table('job_assessments')->where('clutch_job_id', $this->job->id)
        ->update(['data' => gzcompress(str_replace('d:0.4;', 'd:0.7;', ($this->kept)()))]);
    $this->message = fn (): string => (string) AssessedJob::of(Job::whole($this->job->id))->assessment->find('flywheel.flatness')
        ?->say(metric());
});

it('takes what was kept while nothing has changed', function () {
    expect(plain(($this->message)()))->toStartWith('Grind: 0.4 mm');
    ($this->mark)();

    expect(plain(($this->message)()))->toStartWith('Grind: 0.7 mm');
    expect(plain((string) $this->flushHeaders()->get("/jobs/{$this->job->id}/strip")->getContent()))->toContain('Grind: 0.7 mm');
});

it('takes it for a reader of another decimal sign as well, and says it to him as he writes', function () {
    ($this->mark)();
    app()->instance('request', Request::create('/', server: ['HTTP_ACCEPT_LANGUAGE' => 'de-DE']));
    $page = AssessedJob::of(Job::whole($this->job->id));

    expect(plain((string) $page->assessment->find('flywheel.flatness')?->say($page->display)))->toStartWith('Grind: 0,7 mm');
});

it('works it out anew once an entry, a limit, a rule or the program has changed', function (Closure $change) {
    ($this->mark)();
    $change->call($this);

    expect(plain(($this->message)()))->not->toContain('0.7')->toContain('0.4 mm');
})->with([
    'an entry' => [fn () => $this->enter($this->job, 'strip', 'disc.runout', '0.2 mm')],
    'a limit of the shop' => [fn () => ShopLimit::query()->create(['name' => 'flywheel.flatness',
        'classes' => 'car,van,truck,tractor', 'least' => '',
        'greatest' => '0.35 mm', 'by_name' => 'x', 'at' => now()])],
    'a rule of the shop' => [fn () => ShopFigure::query()->create(['section' => 'duties', 'name' => 'town.reserve', 'value' => '1.4',
        'by_name' => 'x', 'at' => now()])],
    'another program' => [fn () => DB::table('job_assessments')->update(['stamp' => hash('xxh128', 'of another')])],
]);

it('works it out anew where what is kept cannot be read', function (string $data) {
    DB::table('job_assessments')->where('clutch_job_id', $this->job->id)->update(['data' => $data]);

    expect(($this->message)())->toStartWith('Grind: ');
    $this->flushHeaders()->get("/jobs/{$this->job->id}/strip")->assertOk()->assertSee('Grind: ');
})->with([
    'no data' => [''], 'noise' => ['not packed at all'], 'nothing of ours' => [gzcompress(serialize(['figures' => 'x']))],
    'another class' => [gzcompress(serialize(['figures' => [], 'findings' => [new ArrayObject], 'found' => []]))],
    'cut off' => [substr((string) gzcompress(serialize([1, 2, 3])), 0, 9)],
]);

it('has another stamp for every row and figure that a sheet is made of', function (Closure $change, bool $isOfVehicle = true) {
    $stamps = fn (): array => [KeptJob::stamp($job = Job::whole($this->job->id)), KeptJob::stampOfVehicle($job)];
    $before = $stamps();
    expect($stamps())->toBe($before);
    $change->call($this);
    App\Limits\ShopBooks::forget();
    $after = $stamps();

    expect($after[0])->not->toBe($before[0])->and($after[1] !== $before[1])->toBe($isOfVehicle);
})->with([
    'the file it came in' => [fn () => DB::table('clutch_jobs')->update([
        'base_sheet' => '{"format":"jade-spindle/job-sheet","version":1}',
    ])],
    'its units' => [fn () => DB::table('clutch_jobs')->update(['units' => 'imperial'])],
    'one row more' => [fn () => DB::table('readings')->insert([
        ...(array) DB::table('readings')->orderByDesc('id')->first(), 'id' => null, 'seq' => 99, 'kind' => 'again',
    ])],
    'a waiver' => [fn () => DB::table('waivers')->insert(['clutch_job_id' => $this->job->id, 'finding' => 'flywheel.flatness',
        'reason' => 'x', 'by_name' => 'x', 'at' => now(), 'reach' => 'out'])],
    'a note' => [fn () => DB::table('notes')->insert(['clutch_job_id' => $this->job->id, 'station' => 'strip', 'text' => 'x',
        'by_name' => 'x', 'at' => now()])],
    'a kit' => [fn () => DB::table('kit_choices')->insert(['clutch_job_id' => $this->job->id, 'data' => '{"name":"x"}', 'by_name' => 'x',
        'at' => now()]), false],
    'a limit of the shop' => [fn () => ShopLimit::query()->create(['name' => 'flywheel.flatness', 'classes' => 'car,van,truck,tractor',
        'least' => '', 'greatest' => '0.35 mm', 'by_name' => 'x', 'at' => now()])],
    'a figure of the shop' => [fn () => ShopFigure::query()->create(['section' => 'uncertainties', 'name' => 'calliper',
        'value' => '0.05 mm', 'by_name' => 'x', 'at' => now()])],
]);

it('keeps all that an assessment says', function () {
    foreach (glob(database_path('demo/[0-9]*.json')) ?: [] as $file) {
        $sheet = JobSheet::ofJson((string) file_get_contents($file), Subjects::dictionary());
        $worked = Assessment::of($sheet);
        $kept = Assessment::again($sheet, unserialize(serialize($worked->parts())));

        expect($kept)->not->toBeNull()
            ->and(serialize($kept?->parts()))->toBe(serialize($worked->parts()), $file)
            ->and($kept?->reach?->outcome)->toBe($worked->reach?->outcome)
            ->and($kept?->verdict())->toBe($worked->verdict());
        foreach ($worked->findings as $i => $finding) {
            expect($kept?->findings[$i]->say(metric()))->toBe($finding->say(metric()))
                ->and($kept?->findings[$i]->formula(metric()))->toBe($finding->formula(metric()));
        }
        $parts = serialize($sheet->parts());
        $again = JobSheet::again(unserialize($parts), Subjects::dictionary());
        expect(serialize($again->parts()))->toBe($parts)
            ->and(serialize(Assessment::of($again)->parts()))->toBe(serialize($worked->parts()));
    }
});

it('is kept once a page has gone out that had to work it out, and not by a look from the command line', function () {
    $fits = function (): bool {
        $whole = Job::whole($this->job->id);

        return KeptJob::find($whole, KeptJob::stamp($whole)) !== null;
    };
    ShopLimit::query()->create(['name' => 'flywheel.flatness', 'classes' => 'car,van,truck,tractor', 'least' => '',
        'greatest' => '0.35 mm', 'by_name' => 'x', 'at' => now()]);
    AssessedJob::of(Job::whole($this->job->id));
    expect($fits())->toBeFalse();
    $this->flushHeaders()->get("/jobs/{$this->job->id}/strip")->assertOk();
    expect($fits())->toBeTrue()->and(plain(($this->message)()))->toContain('0.4 mm');

    // Somebody else is writing: the page is shown all the same.
    DB::table('job_assessments')->delete();
    DB::beforeExecuting(static function (string $sql): void {
        if (str_contains($sql, 'insert into "job_assessments"')) {
            throw new PDOException('database is locked');
        }
    });
    $this->get("/jobs/{$this->job->id}/strip")->assertOk()->assertSee('Grind: ');
    expect($fits())->toBeFalse();
});

it('has an assessment that fits for every job after the shop is rebuilt', function () {
    DB::table('job_assessments')->delete();
    $this->artisan('shop:rebuild')->assertSuccessful();
    $job = AssessedJob::of(Job::whole($this->job->id));

    expect(KeptJob::find($job->job, $job->stamp))->not->toBeNull();
});

it('reads the rules of a shop from what is kept as from the shop', function () {
    ShopFigure::query()->create(['section' => 'calendar', 'name' => 'week.mon', 'value' => '09:00-11:00', 'by_name' => 'x', 'at' => now()]);
    ShopFigure::query()->create(['section' => 'duties', 'name' => 'town.reserve', 'value' => '1.4', 'by_name' => 'x', 'at' => now()]);
    $this->artisan('shop:rebuild')->assertSuccessful();
    $whole = Job::whole($this->job->id);
    $kept = KeptJob::find($whole, KeptJob::stamp($whole))['sheet'] ?? null;
    $again = Assessment::of(JobSheet::of(SheetBuilder::document($whole), Subjects::dictionary()));

    expect($kept?->section('calendar'))->not->toBeNull()
        ->and(serialize(Assessment::of($kept)->parts()))->toBe(serialize($again->parts()));
});

it('is found by the page that comes next, whatever was done', function (Closure $do) {
    $done = $do->call($this);
    $job = $done instanceof Job ? $done : $this->job;
    $whole = Job::whole($job->id);

    expect(KeptJob::find($whole, KeptJob::stamp($whole)))->not->toBeNull();
})->with([
    'an entry' => [fn () => $this->enter($this->job, 'strip', 'disc.runout', '0,2 mm')->assertOk()],
    'an entry taken out' => [fn () => $this->enter($this->job, 'strip', 'flywheel.flatness', '', shown: 1)->assertOk()],
    'a mark of doubt' => [fn () => $this->post("/jobs/{$this->job->id}/again", ['field' => 'flywheel.flatness', 'position' => 0])],
    'a note' => [fn () => $this->flushHeaders()->post("/jobs/{$this->job->id}/notes", ['station' => 'strip', 'text' => 'Seen'])],
    'something asked to pass' => [fn () => $this->post("/jobs/{$this->job->id}/waivers", [
        'finding' => 'flywheel.flatness', 'reason' => 'Ground',
    ])],
    'a job opened' => [fn () => $this->newJob($this->technician(), 'truck', 'XY 1')],
    'a file made here' => [fn () => (new SheetImport($this->technician()))->importOwn(
        Document::ofJson((string) file_get_contents((glob(database_path('demo/[0-9]*.json')) ?: [])[1])),
    )],
    'a file from elsewhere' => [fn () => (new SheetImport($this->technician()))->import(
        (string) file_get_contents((glob(database_path('demo/[0-9]*.json')) ?: [])[2]),
    )],
    'a shop rebuilt' => [fn () => $this->artisan('shop:rebuild')->assertSuccessful()],
]);
