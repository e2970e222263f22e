<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Photo;
use App\Models\Role;
use App\Models\User;
use App\Upkeep\Backup;
use App\Upkeep\BackupArchive;
use App\Upkeep\BackupError;
use App\Upkeep\RestoreBackup;
use App\Upkeep\Shape;
use App\Upkeep\ShopCheck;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Tests\Support\OwnFile;

/*
 * Backups of a shop whose database is a file, as in a workshop: made while somebody writes, read again, restored into an empty
 * installation and into a used one. Everything is compared, row by row and file by file.
 */

/** @return array<string, mixed> everything of the installation that is at hand */
function wholeInstallation(): array
{
    $all = [];
    foreach (DB::select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name") as $table) {
        if (! in_array($table->name, ['sessions', 'cache', 'cache_locks', 'activity_log'], true)) {
            $all[$table->name] = array_map(static fn (object $row): array => (array) $row, DB::table($table->name)->orderByRaw('rowid')
                ->get()->all());
        }
    }
    $all['triggers'] = DB::table('sqlite_master')->where('type', 'trigger')->orderBy('name')->pluck('sql')->all();
    foreach (Storage::disk('local')->files('photos') as $photo) {
        $all[$photo] = hash_file('sha256', Storage::disk('local')->path($photo));
    }

    return $all;
}

beforeEach(function () {
    $this->root = sys_get_temp_dir().'/spindle-backup-'.bin2hex(random_bytes(4));
    $this->default = config('database.default');
    OwnFile::at("{$this->root}/one");
    touch("{$this->root}/one/shop.sqlite");
    Artisan::call('migrate', ['--force' => true]);
    config(['spindle.demo' => true]);
    (new DemoSeeder)->run();
    $this->actingAs($this->bram = User::query()->where('login', 'bram')->firstOrFail());
    $this->post('/jobs/2/photos', ['station' => 'strip', 'caption' => 'Heat spots', 'photo' => UploadedFile::fake()
        ->image('f.jpg', 60, 40)]);
});

afterEach(function () {
    DB::purge('shop');
    config(['database.default' => $this->default]);
    File::deleteDirectory($this->root);
});

it('restores into an empty installation everything there was', function () {
    $before = wholeInstallation();
    $path = Backup::make("{$this->root}/one/backups");
    expect(fileperms($path) & 0777)->toBe(0600)->and(glob("{$this->root}/one/backups/*"))->toBe([$path]);

    OwnFile::at("{$this->root}/two");
    expect((new RestoreBackup(BackupArchive::open($path)))->restore(false, "{$this->root}/two/backups"))->toBeNull();

    expect(wholeInstallation())->toBe($before)->and(count($before['readings']))->toBeGreaterThan(400)
        ->and(fileperms("{$this->root}/two/shop.sqlite") & 0777)->toBe(0600)
        ->and(Photo::query()->count())->toBe(1);
    $this->artisan('backup:check', ['file' => $path])->expectsOutputToContain('whole. 13 jobs')->assertExitCode(0);
});

it('restores into a used installation, and nothing of the later time leaks in', function () {
    $before = wholeInstallation();
    $path = Backup::make("{$this->root}/one/backups");
    $late = $this->newJob($this->bram, 'car', 'LATE 1');
    $this->post("/jobs/{$late->id}/photos", ['station' => 'strip', 'caption' => 'late', 'photo' => UploadedFile::fake()
        ->image('g.jpg', 50, 40)]);
    // Somebody has the database open, and what was written last is still in the write-ahead file.
    $open = new PDO("sqlite:{$this->root}/one/shop.sqlite");
    expect($open->query("select count(*) from vehicles where plate = 'LATE 1'")->fetchColumn())->toBe(1)
        ->and(filesize("{$this->root}/one/shop.sqlite-wal"))->toBeGreaterThan(0);

    expect(fn () => (new RestoreBackup(BackupArchive::open($path)))->restore(false, "{$this->root}/one/backups"))
        ->toThrow(BackupError::class, 'this installation is in use (14 jobs)');
    $kept = (new RestoreBackup(BackupArchive::open($path)))->restore(true, "{$this->root}/one/backups");

    expect(wholeInstallation())->toBe($before)->and($open->query("select count(*) from vehicles where plate = 'LATE 1'")->fetchColumn())
        ->toBe(0);
    // What was there before is not gone: it was backed up, and comes back the same way.
    (new RestoreBackup(BackupArchive::open((string) $kept)))->restore(true, "{$this->root}/one/backups");
    expect(Job::query()->count())->toBe(14)->and(Photo::query()->count())->toBe(2)
        ->and(Storage::disk('local')->exists(Photo::query()->orderByDesc('id')->firstOrFail()->file))->toBeTrue();
});

it('leaves nobody what somebody else practised', function () {
    $path = Backup::make("{$this->root}/one/backups");
    config(['database.practice' => "{$this->root}/one/shop-practice"]);
    User::query()->create(['login' => 'later', 'name' => 'Later Comer', 'role' => Role::Technician, 'password' => 'a long enough word']);
    $later = (int) User::query()->max('id');
    foreach (["{$this->bram->id}", "{$this->bram->id}-wal", "{$later}", "{$later}-wal", "{$later}.making"] as $of) {
        touch("{$this->root}/one/shop-practice-{$of}");
    }
    (new RestoreBackup(BackupArchive::open($path)))->restore(true, "{$this->root}/one/backups");

    // The next account has the number of the one that is not known any more; who was there and still is keeps what is his.
    expect(User::query()->find($later))->toBeNull()->and(array_map(basename(...), glob("{$this->root}/one/shop-practice-*")))
        ->toBe(["shop-practice-{$this->bram->id}", "shop-practice-{$this->bram->id}-wal"]);
});

it('does not let the write-ahead file of a lost database into the restored one', function () {
    $before = wholeInstallation();
    $path = Backup::make("{$this->root}/one/backups");
    $open = new PDO("sqlite:{$this->root}/one/shop.sqlite");
    $open->exec("update vehicles set plate = 'LEAKING'");
    copy("{$this->root}/one/shop.sqlite-wal", "{$this->root}/wal");
    OwnFile::at("{$this->root}/two");
    // The disk broke: the file is gone, what stood beside it is not.
    copy("{$this->root}/wal", "{$this->root}/two/shop.sqlite-wal");
    (new RestoreBackup(BackupArchive::open($path)))->restore(false, "{$this->root}/two/backups");

    expect(wholeInstallation())->toBe($before);
});

it('signs nobody in by restoring', function () {
    DB::table('sessions')->insert(['id' => 'of-then', 'user_id' => $this->bram->id, 'payload' => '', 'last_activity' => time()]);
    $path = Backup::make("{$this->root}/one/backups");
    (new RestoreBackup(BackupArchive::open($path)))->restore(true, "{$this->root}/one/backups");

    expect(DB::table('sessions')->count())->toBe(0);
});

it('takes nothing of a backup that is damaged, of another kind, or newer', function (string $how, string $said) {
    $before = wholeInstallation();
    $path = Backup::make("{$this->root}/one/backups");
    $zip = new ZipArchive;
    $zip->open($path);
    $list = json_decode((string) $zip->getFromName('backup.json'), true);
    match ($how) {
        'no zip' => null,
        'another file' => $zip->addFromString('backup.json', '{"format":"something/else"}'),
        'a reading changed' => $zip->addFromString('database.sqlite', str_replace('Ostrel', 'Ostrol',
            (string) $zip->getFromName('database.sqlite'))),
        'a photo gone' => $zip->deleteName((string) array_key_last($list['files'])),
        'a path out of the folder' => $zip->addFromString('backup.json', (string) json_encode(
            ['files' => [...$list['files'], '../../evil.php' => ['sha256' => 'x']]] + $list)),
        'newer' => $zip->addFromString('backup.json', (string) json_encode(['state' => '2031_01_01_000001_later'] + $list)),
        default => throw new LogicException($how),
    };
    $zip->close();
    if ($how === 'no zip') {
        file_put_contents($path, substr((string) file_get_contents($path), 0, 5000));
    }
    $this->artisan('backup:restore', ['file' => $path, '--replace' => true])->expectsOutputToContain($said)->assertExitCode(1);
    if ($how !== 'newer') {
        $this->artisan('backup:check', ['file' => $path])->assertExitCode(1);
    }

    expect(wholeInstallation())->toBe($before);
})->with([
    'cut off' => ['no zip', 'is not a backup'],
    'another file' => ['another file', 'is not a backup'],
    'a reading changed' => ['a reading changed', 'damaged at database.sqlite'],
    'a photo gone' => ['a photo gone', 'damaged at photos/'],
    'a path out of the folder' => ['a path out of the folder', 'damaged at ../../evil.php'],
    'a newer version' => ['newer', 'made by a newer version'],
]);

it('keeps as many as it is told to, and the newest always', function () {
    foreach (range(1, 4) as $day) {
        $this->travel(1)->days();
        $made[] = Backup::make("{$this->root}/one/backups", 2);
    }
    expect(Backup::all("{$this->root}/one/backups"))->toBe(array_slice($made, 2));
    $this->artisan('backup:check')->expectsOutputToContain($made[3])->assertExitCode(0);
});

it('leaves nothing half made where it cannot write', function () {
    file_put_contents("{$this->root}/in-the-way", '');
    // Begun yesterday and killed, and begun a moment ago by somebody else.
    $half = fn (string $name): string => "{$this->root}/one/backups/backup-{$name}.zip.part";
    mkdir("{$this->root}/one/backups");
    touch($half('old'), time() - 7200);
    touch($half('new'));
    Backup::make("{$this->root}/one/backups");
    expect(is_file($half('old')))->toBeFalse()->and(is_file($half('new')))->toBeTrue();
    $this->artisan('backup:make', ['--to' => "{$this->root}/in-the-way"])->expectsOutputToContain('cannot be written')->assertExitCode(1);
    expect(glob("{$this->root}/*.part"))->toBe([])->and(glob("{$this->root}/*.zip*"))->toBe([]);
});

it('tells whoever watches how it stands, without a name or a number', function () {
    $this->post('/sign-out');
    $this->get('/up')->assertOk()->assertExactJson(['database' => 'ok', 'photos' => 'ok', 'backup' => 'none yet']);
    Backup::make("{$this->root}/one/backups");
    $this->get('/up')->assertOk()->assertExactJson(['database' => 'ok', 'photos' => 'ok', 'backup' => 'ok']);
    $this->actingAs(User::query()->where('login', 'ines')->firstOrFail())->get('/log')->assertSee('The newest backup is of')
        ->assertDontSee('more than two days');
    $this->travel(49)->hours();
    // A working day is over; whoever reads it has signed in anew.
    $this->withSession([App\Http\Middleware\LiveSession::SINCE => now()->getTimestamp()])->get('/log')->assertSee('more than two days old');
    $this->get('/up')->assertOk()->assertJson(['backup' => 'older than two days']);
    DB::statement('drop trigger photos_never_changed');
    $this->get('/up')->assertStatus(503)->assertJson(['database' => 'waits for a migration, or was changed by hand']);
    config(['database.connections.shop.database' => "{$this->root}/nowhere/shop.sqlite"]);
    DB::purge('shop');
    $this->get('/up')->assertStatus(503)->assertJson(['database' => 'cannot be read or written']);
});

it('says busy of a database that somebody keeps', function () {
    $other = new PDO("sqlite:{$this->root}/one/shop.sqlite");
    $other->exec('begin immediate');
    $this->get('/up')->assertStatus(503)->assertJson(['database' => 'busy']);
    $other->exec('rollback');
    $this->get('/up')->assertOk();
});

it('finds what is not as it was kept: a changed file, a changed hash, a stray file, a secret everybody reads', function () {
    Backup::make("{$this->root}/one/backups");
    config(['spindle.demo' => false]);
    chmod("{$this->root}/one/shop.sqlite", 0600);
    $problems = fn (bool $each = false): string => implode("\n", array_filter(
        (new App\Upkeep\ShopCheck)->problems($each), static fn (string $p): bool => ! str_starts_with($p, '.env') && ! str_contains($p,
            'config.php'),
    ));
    expect($problems(true))->toBe('');

    chmod("{$this->root}/one/shop.sqlite", 0644);
    expect($problems())->toContain('shop.sqlite: everybody on this machine can read it (644)');
    chmod("{$this->root}/one/shop.sqlite", 0600);
    // Somebody who changes the file and its hash alike forgets the log.
    DB::statement('drop trigger signed_sheets_never_changed');
    $json = str_replace('Ostrel', 'Ostrol', (string) DB::table('signed_sheets')->value('json'));
    DB::table('signed_sheets')->update(['json' => $json, 'sha256' => hash('sha256', $json)]);
    expect($problems())->toContain('J-0001: the log has another hash for what was signed on');
    Storage::disk('local')->put('photos/2-stray.jpg', 'x');
    expect($problems())->not->toContain('stray');
    touch(Storage::disk('local')->path('photos/2-stray.jpg'), time() - 7200);
    expect($problems())->toContain('photos/2-stray.jpg: no job names this file');
    $this->artisan('shop:check', ['--tidy' => true])->expectsOutputToContain('1 files that no job names were deleted')->assertExitCode(1);
    expect($problems())->not->toContain('stray')->and(Photo::query()->count())->toBe(1)
        ->and(Storage::disk('local')->exists(Photo::query()->sole()->file))->toBeTrue();
    DB::table('clutch_jobs')->where('id', 5)->update(['units' => 'cubits']);
    expect($problems(true))->toContain('J-0005: cannot be shown');
});

it('keeps who is signed in apart, makes that file itself, and puts an unreadable one aside', function () {
    config([
        'database.connections.sessions.database' => $file = "{$this->root}/one/shop-sessions.sqlite",
        'session.connection' => 'sessions', 'session.driver' => 'database',
    ]);
    App\Accounts\SessionsDatabase::keepReady();
    expect(fileperms($file) & 0777)->toBe(0600);
    expect(DB::connection('sessions')->table('sessions')->count())->toBe(0);
    DB::purge('sessions');
    file_put_contents($file, 'this is no database at all, and never was one');
    expect(fn () => DB::connection('sessions')->table('sessions')->count())->toThrow(Exception::class);
    DB::purge('sessions');
    App\Accounts\SessionsDatabase::keepReady();
    expect(DB::connection('sessions')->table('sessions')->count())->toBe(0)->and(is_file("{$file}.unreadable"))->toBeTrue();
    DB::purge('sessions');
});

it('lets nothing of an archive leave its folder, and puts back the triggers that hold, whatever it brings', function () {
    $path = Backup::make("{$this->root}/one/backups");
    $forged = function (Closure $change, ?Closure $of = null) use ($path): string {
        $copy = "{$this->root}/forged-".bin2hex(random_bytes(3)).'.zip';
        copy($path, $copy);
        $zip = new ZipArchive;
        $zip->open($copy);
        $list = json_decode((string) $zip->getFromName('backup.json'), true);
        if ($of !== null) {
            file_put_contents("{$copy}.sqlite", $zip->getFromName('database.sqlite'));
            $database = new PDO("sqlite:{$copy}.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $of($database);
            unset($database);
            $zip->addFile("{$copy}.sqlite", 'database.sqlite');
            $list['files']['database.sqlite']['sha256'] = hash_file('sha256', "{$copy}.sqlite");
        }
        $zip->addFromString('backup.json', (string) json_encode($change($list)));
        $zip->close();

        return $copy;
    };
    $restore = fn (string $archive) => (new RestoreBackup(BackupArchive::open($archive)))->restore(true, "{$this->root}/one/backups");
    $before = wholeInstallation();
    foreach (['../../../etc/passwd', '2026/../x', '', "2026_11_24_000001_create_people\0"] as $state) {
        expect(fn () => $restore($forged(static fn (array $l): array => [...$l, 'state' => $state])))->toThrow(BackupError::class);
    }
    foreach (['photos/../../.env', 'photos/..', 'photos/.hidden', '../x', 'photos/a/b.jpg'] as $name) {
        expect(fn () => $restore($forged(static fn (array $l): array => [...$l, 'files' => [...$l['files'],
            $name => ['sha256' => str_repeat('0', 64), 'bytes' => 1]]])))->toThrow(BackupError::class);
        expect(fn () => $restore($forged(static fn (array $l): array => $l, static function (PDO $db) use ($name): void {
            $db->exec('drop trigger photos_never_changed');
            $db->prepare('update photos set file = ?')->execute([$name]);
        })))->toThrow(BackupError::class, 'damaged');
    }
    expect(wholeInstallation())->toBe($before);

    $restore($forged(static fn (array $l): array => $l, static function (PDO $db): void {
        $db->exec('drop trigger readings_never_changed');
        $db->exec("create trigger users_lead after insert on notes begin update users set role = 'lead'; end");
        $db->exec('drop trigger notes_never_deleted');
        $db->exec('create trigger notes_never_deleted before delete on notes begin select 1; end');
        $db->exec('create view people as select * from users');
    }));
    expect(Shape::differences())->toBe([])->and(fn () => DB::table('notes')->delete())->toThrow(Exception::class, 'never deleted')
        ->and(fn () => DB::table('readings')->update(['typed' => 'x']))->toThrow(Exception::class, 'never changed');
});

it('says which triggers are not as they should be', function () {
    DB::statement('drop trigger readings_never_deleted');
    DB::statement('create trigger readings_never_deleted before delete on readings begin select 1; end');
    DB::statement('create trigger spy after insert on readings begin select 1; end');

    expect(implode(' ', (new ShopCheck)->problems()))->toContain('trigger readings_never_deleted is another')
        ->toContain('trigger spy does not belong here');
});
