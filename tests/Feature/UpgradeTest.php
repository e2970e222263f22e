<?php

declare(strict_types=1);

use App\Changes\WriteStanding;
use App\Files\ShopArchive;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\Reading;
use App\Models\Role;
use App\Models\User;
use App\Models\Vehicle;
use App\Upkeep\Rebuild;
use App\Upkeep\Shape;
use App\Upkeep\ShopCheck;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Hash;
use Spindle\Proving\Test;
use Tests\Support\EveryPage;
use Tests\Support\OwnFile;

/*
 * What a shop of before has is there after the upgrade, and means what it meant. tests/Support/upgrades holds databases that were
 * filled by earlier versions; each release adds one.
 */

function upgrades(): string
{
    return dirname(__DIR__).'/Support/upgrades';
}

beforeEach(function () {
    $this->root = sys_get_temp_dir().'/spindle-upgrade-'.bin2hex(random_bytes(4));
    $this->default = config('database.default');
    OwnFile::at($this->root);
});

afterEach(function () {
    DB::purge('shop');
    config(['database.default' => $this->default]);
    File::deleteDirectory($this->root);
});

it('brings the database of every earlier version to the present, with everything in it', function (string $of) {
    file_put_contents("{$this->root}/shop.sqlite", gzdecode((string) file_get_contents(upgrades()."/{$of}.sqlite.gz")));
    chmod("{$this->root}/shop.sqlite", 0600);
    $count = static fn (): array => array_map(static fn (string $t): int => DB::table($t)->count(), [
        'users', 'vehicles', 'clutch_jobs', 'readings', 'kits', 'waivers', 'notes', 'signed_sheets', 'shop_figures', 'model_figures',
    ]);
    $typed = static fn (): string => hash('sha256', DB::table('readings')->orderBy('id')->get(['id', 'field', 'typed', 'value'])->toJson()
        .DB::table('signed_sheets')->orderBy('id')->get(['json', 'sha256'])->toJson());
    $before = [$count(), $typed()];
    expect(Shape::differences())->not->toBe([])->and($before[0][3])->toBeGreaterThan(300);

    // Half a migration may have run before somebody pulled the plug: it is gone on with.
    expect(Artisan::call('migrate', ['--force' => true]))->toBe(0)->and(Shape::differences())->toBe([]);
    DB::table('migrations')->where('migration', '>=', '2026_11_29_000015')->delete();
    expect(Artisan::call('migrate', ['--force' => true]))->toBe(0)->and(Shape::differences())->toBe([]);
    expect(Artisan::call('shop:rebuild'))->toBe(0)->and(Rebuild::missing())->toBe([])->and([$count(), $typed()])->toBe($before);

    // Every page of a job of each kind, an entry, a new job, a signature, the archive, and the check of the shop.
    config(['spindle.demo' => DB::table('installation')->where('made_for', 'demo')->exists()]);
    $lead = User::query()->where('role', Role::Lead)->firstOrFail();
    $this->actingAs($lead);
    $wrong = [];
    foreach (Job::query()->whereIn('id', [1, 2, 4, 10, 12])->orderBy('id')->get() as $job) {
        $wrong = [...$wrong, ...array_filter(iterator_to_array(EveryPage::of($job)))];
    }
    $kit = Kit::query()->value('id');
    foreach (['/shelf', "/shelf/{$kit}", '/history', '/board', '/limits', '/models', '/rules', '/log', '/people'] as $page) {
        $answer = $this->get($page);
        $wrong = $answer->status() === 200 ? $wrong : [...$wrong, "{$page} answers {$answer->status()}"];
    }
    expect($wrong)->toBe([]);

    $open = Job::query()->whereDoesntHave('signedSheet')->firstOrFail();
    $shown = (int) Reading::query()->where('clutch_job_id', $open->id)->where('field', 'complaint')->max('seq');
    $this->enter($open, 'intake', 'complaint', 'Slips since the upgrade', $shown)->assertOk()->assertSee('data-state="kept"', false);
    $this->post('/vehicles/'.Vehicle::query()->value('id').'/jobs')->assertRedirect();
    // Ready to be signed as far as its own version knew; what is asked for since is entered.
    $ready = Job::query()->findOrFail(10);
    foreach (Test::cases() as $test) {
        if ((AssessedJob::of(Job::whole(10))->current->row($test->key('result'), 0)->typed ?? '') === '') {
            $this->enter($ready, 'prove', $test->key('result'), 'pass');
        }
    }
    $this->flushHeaders()->post('/jobs/10/waivers/all', ['reason' => 'What is asked for since the upgrade']);
    $this->post('/jobs/10/sign')->assertSessionHasNoErrors();
    expect($ready->refresh()->isSigned())->toBeTrue();
    ShopArchive::write("{$this->root}/shop.zip");
    $problems = array_filter((new ShopCheck)->problems(true), static fn (string $p): bool => ! str_starts_with($p, 'backups:')
        && ! str_starts_with($p, '.env'));
    expect(filesize("{$this->root}/shop.zip"))->toBeGreaterThan(10_000)->and($problems)->toBe([]);
    expect(fn () => DB::table('readings')->update(['typed' => 'x']))->toThrow(Exception::class, 'never changed')
        ->and(fn () => DB::statement('insert or replace into readings select * from readings limit 1'))->toThrow(Exception::class, 'never');
})->with(static fn (): array => array_map(
    static fn (string $file): string => basename($file, '.sqlite.gz'),
    glob(dirname(__DIR__).'/Support/upgrades/*.sqlite.gz') ?: [],
));

it('works before anything is worked out anew, and says that it has to be', function () {
    $of = basename((string) (glob(upgrades().'/*-2e403cc.sqlite.gz') ?: [''])[0], '.sqlite.gz');
    file_put_contents("{$this->root}/shop.sqlite", gzdecode((string) file_get_contents(upgrades()."/{$of}.sqlite.gz")));
    Artisan::call('migrate', ['--force' => true]);
    $this->actingAs(User::query()->where('role', Role::Lead)->firstOrFail());

    $this->get('/')->assertOk();
    $this->get('/shelf')->assertOk();
    $this->get('/jobs/2/kit')->assertOk();
    expect(implode(' ', (new ShopCheck)->problems()))->toContain('12 jobs do not say what they stand at')->toContain('kits are not worked');
    WriteStanding::anew(2);
    expect(Rebuild::missing()[0])->toStartWith('11 jobs');
});

it('is as it was made: no migration that has landed is changed, and none calls the application', function () {
    $kept = [];
    foreach (file(database_path('migrations.sha256'), FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        [$hash, $name] = explode('  ', $line);
        $kept[$name] = $hash;
    }
    $files = glob(database_path('migrations/*.php')) ?: [];
    foreach ($files as $file) {
        $source = (string) file_get_contents($file);
        expect($kept[basename($file)] ?? null)->toBe(hash('sha256', $source), basename($file).': write a new one instead')
            ->and(preg_match(
                '/\b(App|Spindle)\\\\|^use Database\\\\|\bArtisan\b|\bapp\(|\bresolve\(|\bconfig\(/m', $source,
            ))->toBe(0, basename($file));
    }
    expect(array_keys($kept))->toBe(array_map(basename(...), $files));
});

it('is made of what shape.json says, and sees what is taken away, added or changed', function () {
    touch("{$this->root}/shop.sqlite");
    Artisan::call('migrate', ['--force' => true]);
    expect(Shape::now())->toBe(Shape::expected())->and($this->get('/up')->json('database'))->toBe('ok');
    foreach ([
        'drop trigger readings_never_changed' => 'trigger readings_never_changed is missing',
        'create trigger more after insert on notes begin select 1; end' => 'trigger more does not belong here',
        'alter table notes add column colour text' => 'column notes.colour does not belong here',
        'alter table photos drop column height' => 'column photos.height is missing',
        'drop table job_facts' => 'column job_facts.causes is missing',
        'drop index readings_clutch_job_id_field_position_index' => 'index readings(clutch_job_id,field,position) is missing',
    ] as $sql => $said) {
        DB::beginTransaction();
        if (str_contains($sql, 'drop column')) {
            DB::statement('drop trigger photos_never_changed');
        }
        DB::statement($sql);
        expect(Shape::differences())->toContain($said);
        expect($this->get('/up')->assertStatus(503)->json('database'))->toContain('waits for a migration');
        DB::rollBack();
    }
    DB::statement('drop trigger notes_never_deleted');
    DB::statement('create trigger readings_spy after insert on readings begin select 1; end');
    expect(Shape::holdTriggers())->toBe(2)->and(Shape::differences())->toBe([]);
});

it('takes accounts, waivers and makers\' figures of before along', function () {
    $of = basename((string) (glob(upgrades().'/*-92fe588.sqlite.gz') ?: [''])[0], '.sqlite.gz');
    file_put_contents("{$this->root}/shop.sqlite", gzdecode((string) file_get_contents(upgrades()."/{$of}.sqlite.gz")));
    DB::table('users')->insert(['name' => 'bram oakes', 'login' => 'bram2', 'role' => 'technician', 'password' => Hash::make('x')]);
    foreach (['Bram Oakes', 'Ines Tarrow'] as $by) {
        DB::table('model_figures')->insert(['model' => 'x', 'written' => 'X', 'field' => $by, 'value' => '1 mm', 'by_name' => $by,
            'at' => now()]);
    }
    expect(Artisan::call('migrate', ['--force' => true]))->toBe(0);

    expect(User::query()->orderBy('id')->pluck('name')->all())->toBe(['Ines Tarrow', 'Bram Oakes', 'Sefi Lund', 'bram oakes (bram2)'])
        ->and(User::query()->where('login', 'bram')->firstOrFail()->disabled_at)->toBeNull()
        ->and(DB::table('model_figures')->where('model', 'x')->pluck('checked_by', 'by_name')->all())
        ->toBe(['Bram Oakes' => '', 'Ines Tarrow' => 'Ines Tarrow'])
        ->and(DB::table('waivers')->distinct()->pluck('reach')->all())->toBe(['out'])
        ->and(fn () => DB::table('waivers')->update(['reach' => 'near']))->toThrow(Exception::class, 'never changed')
        ->and(fn () => DB::table('activity_log')->insert(['description' => 'x', 'created_at' => now()])
            && DB::table('activity_log')->delete())->toThrow(Exception::class, 'never deleted');
});

it('lets the log forget what is older than three years, and nothing younger', function () {
    touch("{$this->root}/shop.sqlite");
    Artisan::call('migrate', ['--force' => true]);
    foreach ([1000, 1100] as $days) {
        DB::table('activity_log')->insert(['description' => "{$days} days", 'created_at' => now()->subDays($days)]);
    }
    $this->artisan('activitylog:clean', ['--days' => 1095, '--force' => true])->assertExitCode(0);

    expect(DB::table('activity_log')->pluck('description')->all())->toBe(['1000 days']);
});

it('sets apart what a file brought to judge by before that was asked of the lead', function () {
    $of = basename((string) (glob(upgrades().'/*-5e496aa.sqlite.gz') ?: [''])[0], '.sqlite.gz');
    file_put_contents("{$this->root}/shop.sqlite", gzdecode((string) file_get_contents(upgrades()."/{$of}.sqlite.gz")));
    $sheet = ['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'van'], 'engine' => ['peak_torque' => 210.0],
        'limits' => ['flywheel.flatness' => ['max' => '5 mm', 'source' => 'maker']], 'calendar' => ['week' => ['mon' => 'closed']]];
    foreach ([2, 3] as $job) {
        DB::table('clutch_jobs')->where('id', $job)->update(['base_sheet' => json_encode($sheet, JSON_PRESERVE_ZERO_FRACTION)]);
    }
    // Job 2 came in from elsewhere; job 3 is one of the shop's own.
    DB::table('readings')->insert(['clutch_job_id' => 2, 'seq' => 999, 'field' => 'complaint', 'typed' => 'x', 'by_name' => 'y',
        'at' => now(), 'stated' => true]);
    Artisan::call('migrate', ['--force' => true]);

    $after = json_decode((string) DB::table('clutch_jobs')->where('id', 2)->value('base_sheet'));
    expect(array_keys(get_object_vars($after)))->toBe(['format', 'version', 'vehicle', 'engine', 'elsewhere'])
        ->and($after->elsewhere)->toEqual((object) [
            'limits' => (object) ['flywheel.flatness' => (object) $sheet['limits']['flywheel.flatness']],
            'calendar' => (object) ['week' => (object) ['mon' => 'closed']]])
        ->and((string) DB::table('clutch_jobs')->where('id', 2)->value('base_sheet'))->toContain('210.0')
        ->and(json_decode((string) DB::table('clutch_jobs')->where('id', 3)->value('base_sheet'))->limits)->not->toBeNull();
});
