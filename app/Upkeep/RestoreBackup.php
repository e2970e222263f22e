<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Practice\GroundFile;
use App\Store\InTurn;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use PDO;
use SQLite3;

/**
 * Puts a backup in the place of what is here. The database takes it through SQLite's own way of copying one database into another,
 * as one change: whoever reads meanwhile sees the old or the new, a kill leaves the old, and write-ahead files of before are part of
 * what is replaced. No file is moved under a database that is open. Source: sqlite.org, Backup API (from memory).
 */
final readonly class RestoreBackup
{
    /** How long to wait for somebody who is writing. */
    private const PATIENCE_MS = 15_000;

    public function __construct(private BackupArchive $archive)
    {
    }

    /**
     * @param  string  $folder  where what is here now is backed up first
     * @return string|null that backup; none where nothing was here
     *
     * @throws BackupError before anything is changed, or with the database as it was
     */
    public function restore(bool $replace, string $folder): ?string
    {
        $this->archive->check();
        $this->checkVersion();
        $jobs = $this->jobsHere();
        if ($jobs !== null && ! $replace) {
            throw BackupError::inUse($jobs);
        }
        $before = $jobs === null ? null : Backup::make($folder);
        $were = $jobs === null ? [] : self::people();
        $this->photos();
        $snapshot = (string) tempnam(sys_get_temp_dir(), 'restore');
        try {
            $this->archive->extract(Backup::DATABASE, $snapshot);
            self::withoutTriggers($snapshot);
            self::copyInto($snapshot, self::database());
        } finally {
            unlink($snapshot);
        }
        DB::purge();
        $this->afterwards();
        GroundFile::keepOnly(array_keys(array_intersect_assoc($were, self::people())));

        return $before;
    }

    /** @return array<int, string> who has an account, by number */
    private static function people(): array
    {
        // A version that is not brought up to date yet may not have all of it.
        return DB::table('users')->get()->mapWithKeys(static fn (\stdClass $u): array => [
            (int) $u->id => ($u->login ?? '').' '.($u->created_at ?? ''),
        ])->all();
    }

    /** A backup of a newer version holds what this one does not know. */
    private function checkVersion(): void
    {
        if (preg_match('/^\d{4}_\d\d_\d\d_\d{6}_\w+$/', $this->archive->state) !== 1
            || ! is_file(database_path("migrations/{$this->archive->state}.php"))) {
            throw BackupError::newer($this->archive->state);
        }
    }

    /** How many jobs are here; nothing where nobody has an account either. */
    private function jobsHere(): ?int
    {
        if (! is_file(self::database()) || filesize(self::database()) === 0 || ! Schema::hasTable('users')) {
            return null;
        }
        $jobs = DB::table('clutch_jobs')->count();

        return $jobs === 0 && ! DB::table('users')->exists() ? null : $jobs;
    }

    /** Before the rows that name them are seen. A photo is never changed under its name, so one that is there already is the same. */
    private function photos(): void
    {
        $disk = Storage::disk('local');
        $disk->makeDirectory('photos');
        foreach ($this->archive->files as $name => $sha256) {
            if ($name === Backup::DATABASE || ($disk->exists($name) && hash_file('sha256', $disk->path($name)) === $sha256)) {
                continue;
            }
            $this->archive->extract($name, $disk->path("{$name}.part"));
            rename($disk->path("{$name}.part"), $disk->path($name));
        }
    }

    /** Whatever triggers and views it brings: they are this version's, put back by their text once it is migrated. */
    private static function withoutTriggers(string $snapshot): void
    {
        $database = new PDO("sqlite:{$snapshot}", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $found = $database->query("select type, name from sqlite_master where type in ('trigger', 'view')");
        foreach ($found === false ? [] : $found->fetchAll(PDO::FETCH_ASSOC) as $each) {
            $database->exec("drop {$each['type']} \"".str_replace('"', '""', $each['name']).'"');
        }
    }

    private static function copyInto(string $from, string $to): void
    {
        try {
            $source = new SQLite3($from, SQLITE3_OPEN_READONLY);
            $target = new SQLite3($to);
            $target->enableExceptions(true);
            $source->enableExceptions(true);
            $target->busyTimeout(self::PATIENCE_MS);
            $target->querySingle('pragma journal_mode = wal');
            $target->exec('pragma synchronous = full');
            if (! $source->backup($target)) {
                throw BackupError::notTaken($target->lastErrorMsg());
            }
            $isWhole = $target->querySingle('pragma integrity_check');
            $target->close();
            $source->close();
        } catch (\Exception $e) {
            throw $e instanceof BackupError ? $e : BackupError::notTaken($e->getMessage());
        }
        chmod($to, 0600);
        if ($isWhole !== 'ok') {
            throw BackupError::notTaken(is_string($isWhole) ? $isWhole : 'it is not whole');
        }
    }

    /** What hangs on the database follows it: its version, photos that nothing names any more, what was remembered, who is signed in. */
    private function afterwards(): void
    {
        Artisan::call('migrate', ['--force' => true]);
        InTurn::do(Shape::holdTriggers(...));
        if (Rebuild::missing() !== []) {
            Artisan::call('shop:rebuild');
        }
        $disk = Storage::disk('local');
        $disk->delete(array_diff($disk->files('photos'), DB::table('photos')->pluck('file')->all()));
        Cache::flush();
        DB::connection(config('session.connection'))->table('sessions')->delete();
        AuditLog::note(LogTopic::Backups, "Restored the backup of {$this->archive->at}.");
    }

    private static function database(): string
    {
        return (string) DB::connection()->getConfig('database');
    }
}
