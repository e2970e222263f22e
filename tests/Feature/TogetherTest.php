<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\KitImport;
use App\Models\Reading;
use App\Models\Role;
use App\Models\Supplier;
use App\Models\User;
use App\Shelf\KitListImport;
use Database\Seeders\InventedLists;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/*
 * Several processes on one database file, as a server has them: nothing is lost, nothing is half there.
 */

/** Starts a process that runs this PHP inside the application, on the given database. */
function worker(string $database, string $php): Process
{
    $code =
        'require "vendor/autoload.php"; $app = require "bootstrap/app.php"; '.
        '$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();'.
        $php;
    $process = new Process([PHP_BINARY, '-r', $code], base_path(), [
        'APP_ENV' => 'testing',
        'DB_CONNECTION' => 'sqlite',
        'DB_DATABASE' => $database,
        'CACHE_STORE' => 'array',
        'SESSION_DRIVER' => 'array',
    ]);
    $process->setTimeout(60);
    $process->start();

    return $process;
}

beforeEach(function () {
    $this->database = (string) tempnam(sys_get_temp_dir(), 'spindle');
    config([
        'database.connections.together' => [...config('database.connections.sqlite'), 'database' => $this->database],
        'database.default' => 'together',
    ]);
    Artisan::call('migrate', ['--force' => true]);
    $this->job = $this->newJob($this->technician());
});

afterEach(function () {
    DB::purge('together');
    config(['database.default' => 'sqlite']);
    array_map(unlink(...), glob("{$this->database}*") ?: []);
});

it('keeps every entry of four people typing at once, each under a number of its own', function () {
    $before = Reading::query()->count();
    $each = 12;
    $workers = array_map(
        fn (string $field): Process => worker(
            $this->database,
            <<<PHP
            \$by = App\\Models\\User::query()->firstOrFail();
            \$job = App\\Models\\Job::query()->findOrFail({$this->job->id});
            for (\$i = 0; \$i < {$each}; \$i++) {
                \$shown = (int) App\\Models\\Reading::query()->where('field', '{$field}')->max('seq');
                \$field = Spindle\\Assessment\\Subjects::dictionary()->get('{$field}');
                \$typed = sprintf('%.2f mm', 0.1 + \$i / 100);
                \$outcome = (new App\\Changes\\RecordEntry(\$job->id, \$by))->record(\$field, 0, \$typed, \$shown, null);
                if (! \$outcome->isKept()) { fwrite(STDERR, 'not kept: '.\$outcome->refusal); exit(1); }
            }
            PHP
            ,
        ),
        ['disc.runout', 'disc.hub_play', 'flywheel.face_runout', 'pilot.play'],
    );
    foreach ($workers as $worker) {
        expect($worker->wait())->toBe(0, $worker->getErrorOutput());
    }
    $numbers = Reading::query()->where('clutch_job_id', $this->job->id)->orderBy('seq')->pluck('seq')->all();

    expect(Reading::query()->count())
        ->toBe($before + 4 * $each)
        ->and($numbers)
        ->toBe(range(1, count($numbers)));
});

it('keeps both when two people change one field at the same moment', function () {
    $workers = array_map(
        fn (string $typed): Process => worker(
            $this->database,
            <<<PHP
            \$by = App\\Models\\User::query()->firstOrFail();
            \$job = App\\Models\\Job::query()->findOrFail({$this->job->id});
            \$field = Spindle\\Assessment\\Subjects::dictionary()->get('disc.runout');
            (new App\\Changes\\RecordEntry(\$job->id, \$by))->record(\$field, 0, '{$typed}', 0, null);
            PHP
            ,
        ),
        ['0.21 mm', '0.34 mm'],
    );
    foreach ($workers as $worker) {
        expect($worker->wait())->toBe(0, $worker->getErrorOutput());
    }
    $rows = Reading::query()->where('field', 'disc.runout')->orderBy('seq')->get();

    expect($rows->pluck('typed')->sort()->values()->all())
        ->toBe(['0.21 mm', '0.34 mm'])
        ->and($rows->pluck('kind')->all())
        ->toBe([Reading::ENTRY, Reading::SET_ASIDE]);
});

it('leaves nothing half done when it is killed in the middle of an entry', function () {
    $before = [Reading::query()->count(), Job::query()->findOrFail($this->job->id)->updated_at->timestamp];
    $worker = worker(
        $this->database,
        <<<PHP
        Illuminate\\Support\\Facades\\DB::beginTransaction();
        App\\Models\\Reading::query()->create([
            'clutch_job_id' => {$this->job->id}, 'seq' => 99, 'field' => 'disc.runout', 'position' => 0, 'kind' => 'entry',
            'typed' => '0.2 mm', 'is_number' => false, 'by_name' => 'x', 'at' => now(),
        ]);
        fwrite(STDOUT, 'written');
        sleep(30);
        PHP
        ,
    );
    $worker->waitUntil(static fn (string $type, string $out): bool => str_contains($out, 'written'));
    $worker->signal(SIGKILL);
    $worker->wait();

    expect([Reading::query()->count(), Job::query()->findOrFail($this->job->id)->updated_at->timestamp])->toBe($before);
    $outcome = $this->actingAs($this->technician('Omar'))->enter($this->job, 'strip', 'disc.runout', '0.3 mm');
    $outcome->assertOk()->assertSee('data-state="kept"', false);
});

it('puts the whole of a list on the shelf or nothing of it, killed at any moment of the taking', function () {
    $folder = sys_get_temp_dir().'/'.uniqid('killed');
    mkdir($folder);
    $list = array_values(InventedLists::write($folder, 3000, 4))[0];
    $import = KitListImport::begin(Supplier::query()->create(['name' => 'Killed']), $list, basename($list), 'Ines');
    $import->map($import->proposed());
    while (! $import->read(5.0));
    File::deleteDirectory($folder);
    $id = $import->import()->id;
    $rows = $import->import()->rows_new;
    $take = <<<PHP
        \$list = new App\\Shelf\\KitListImport(App\\Models\\KitImport::query()->findOrFail({$id}));
        fwrite(STDOUT, 'begun');
        \$list->take(true);
        PHP;
    $state = static fn (): array => [
        DB::table('kits')->count(), DB::table('kit_details')->count(), KitImport::query()->findOrFail($id)->state,
    ];
    $seen = [];
    foreach ([1, 20, 50, 80, 110, 140, 170, 200] as $after) {
        $worker = worker($this->database, $take);
        $worker->waitUntil(static fn (string $type, string $out): bool => str_contains($out, 'begun'));
        usleep($after * 1000);
        if ($worker->isRunning()) {
            $worker->signal(SIGKILL);
        }
        $worker->wait();
        $seen[] = $state();
        if ($state()[2] === KitImport::TAKEN) {
            break;
        }
    }
    // Nothing, and then all of it; never between, and whoever comes later can still take it.
    foreach ($seen as $one) {
        expect($one)->toBeIn([[0, 0, KitImport::READ], [$rows, $rows, KitImport::TAKEN]]);
    }
    if ($state()[2] === KitImport::READ) {
        expect(worker($this->database, $take)->wait())->toBe(0);
    }
    expect($rows)->toBeGreaterThan(900)->and($seen[0][2])->toBe(KitImport::READ)
        ->and($state())->toBe([$rows, $rows, KitImport::TAKEN])->and(DB::table('kit_import_rows')->count())->toBe(0)
        ->and((array) DB::selectOne('pragma integrity_check'))->toBe(['integrity_check' => 'ok']);
});

it('writes to the disk before it says so, and waits for others instead of failing', function () {
    $pragma = static fn (string $name): mixed => array_values((array) DB::selectOne("PRAGMA {$name}"))[0];

    expect($pragma('journal_mode'))->toBe('wal')
        ->and((int) $pragma('synchronous'))->toBe(2)
        ->and((int) $pragma('foreign_keys'))->toBe(1)
        ->and((int) $pragma('busy_timeout'))->toBe(20000)
        ->and((int) $pragma('recursive_triggers'))->toBe(1);
});

it('keeps every mark that several people place on one face at once', function () {
    $each = 10;
    $workers = array_map(
        fn (string $kind): Process => worker(
            $this->database,
            <<<PHP
            \$by = App\\Models\\User::query()->firstOrFail();
            \$job = App\\Models\\Job::query()->findOrFail({$this->job->id});
            for (\$i = 1; \$i <= {$each}; \$i++) {
                \$mark = ['kind' => '{$kind}', 'clock' => (string) \$i, 'radius' => '100 mm', 'place' => '1'];
                \$request = Illuminate\\Http\\Request::create('/', 'POST', ['m' => ['flywheel' => \$mark]]);
                \$outcome = App\\Changes\\PostedMark::of(\$request)[0]->record(\$job->id, \$by);
                if (! \$outcome->isKept()) { fwrite(STDERR, 'not kept: '.\$outcome->refusal); exit(1); }
            }
            PHP
            ,
        ),
        ['heat_spot', 'scoring', 'crack', 'open_crack'],
    );
    foreach ($workers as $worker) {
        expect($worker->wait())->toBe(0, $worker->getErrorOutput());
    }
    $rows = Reading::query()->where('field', 'flywheel.marks')->where('kind', Reading::ENTRY)->get();

    expect($rows)
        ->toHaveCount(4 * $each)
        ->and($rows->pluck('position')->unique())
        ->toHaveCount(4 * $each);
});

it('says to the next page what is said once, though the page before still fetches something', function (): void {
    $lead = User::factory()->create(['role' => Role::Lead]);
    $this->actingAs($lead)->get('/')->assertOk();
    $this->post('/people', ['name' => 'Tarn Wick', 'login' => 'tarn', 'role' => 'technician'])->assertSessionHasNoErrors();
    $this->get('/promises', ['HX-Request' => 'true'])->assertOk();
    $this->get('/people')->assertSee('First password of Tarn Wick');
});
