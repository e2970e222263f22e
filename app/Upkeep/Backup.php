<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PDO;
use ZipArchive;

/**
 * Everything of the shop in one archive: the database as it was at one moment, the photos it names, which version made it, and the
 * hash of each file. People work on meanwhile.
 */
final class Backup
{
    public const FORMAT = 'jade-spindle/backup';

    public const LIST = 'backup.json';

    public const DATABASE = 'database.sqlite';

    /** Nobody is still making a backup that was begun so long ago. */
    private const HALF_MADE_SECONDS = 3600;

    /** What is of the moment: nobody is signed in by restoring a backup. */
    private const PASSING = ['sessions', 'cache', 'cache_locks'];

    /**
     * @param  int  $keep  how many of the folder's backups stay; the oldest go, once the new one was read and found whole
     * @return string the archive
     *
     * @throws BackupError
     */
    public static function make(string $folder, int $keep = 0): string
    {
        if (DB::connection()->getDriverName() !== 'sqlite') {
            throw BackupError::notSqlite();
        }
        if (! is_dir($folder) && ! @mkdir($folder, 0700, true)) {
            throw BackupError::cannotWrite($folder);
        }
        self::clearAway($folder);
        $path = rtrim($folder, '/').'/backup-'.now()->format('Ymd-His').'-'.bin2hex(random_bytes(2)).'.zip';
        $snapshot = "{$path}.sqlite";
        try {
            self::snapshot($snapshot);
            self::pack("{$path}.part", $snapshot);
            if (! rename("{$path}.part", $path)) {
                throw BackupError::cannotWrite($path);
            }
        } finally {
            array_map(static fn (string $of): bool => @unlink($of), [$snapshot, "{$path}.part"]);
        }
        BackupArchive::open($path)->check();
        AuditLog::note(LogTopic::Backups, 'Made the backup '.basename($path).'.');
        if ($keep > 0) {
            array_map(unlink(...), array_slice(array_reverse(self::all($folder)), $keep));
        }

        return $path;
    }

    /** @return list<string> the backups of a folder, the oldest first */
    public static function all(string $folder): array
    {
        $all = glob(rtrim($folder, '/').'/backup-*.zip') ?: [];
        sort($all);

        return $all;
    }

    /** What a kill left half made: it holds the shop as well, and nobody would look for it. */
    private static function clearAway(string $folder): void
    {
        foreach (glob(rtrim($folder, '/').'/backup-*.zip.*') ?: [] as $half) {
            if (filemtime($half) < time() - self::HALF_MADE_SECONDS) {
                unlink($half);
            }
        }
    }

    /** The database at one moment, without what is of the moment. VACUUM INTO reads in one transaction and keeps nobody from writing. */
    private static function snapshot(string $file): void
    {
        $before = umask(0077);
        try {
            DB::statement('vacuum into ?', [$file]);
        } catch (QueryException $e) {
            throw BackupError::cannotWrite("{$file} ({$e->getPrevious()?->getMessage()})");
        } finally {
            umask($before);
        }
        $copy = new PDO("sqlite:{$file}", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        foreach (self::PASSING as $table) {
            $copy->exec("delete from {$table}");
        }
    }

    private static function pack(string $path, string $snapshot): void
    {
        $zip = new ZipArchive;
        $before = umask(0077);
        try {
            if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
                throw BackupError::cannotWrite($path);
            }
            $files = [self::DATABASE => $snapshot];
            $disk = Storage::disk('local');
            foreach (BackupArchive::photosOf($snapshot) as $photo) {
                // One that is named and not there is told by the check of the shop; the rest is worth keeping all the same.
                $files += $disk->exists($photo) ? [$photo => $disk->path($photo)] : [];
            }
            foreach ($files as $name => $file) {
                $zip->addFile($file, $name);
                if (str_starts_with($name, 'photos/')) {
                    $zip->setCompressionName($name, ZipArchive::CM_STORE);
                }
            }
            $zip->addFromString(self::LIST, json_encode([
                'format' => self::FORMAT, 'version' => 1, 'state' => DB::table('migrations')->orderByDesc('id')->value('migration'),
                'at' => now()->toIso8601ZuluString(),
                'files' => array_map(static fn (string $file): array => [
                    'sha256' => hash_file('sha256', $file), 'bytes' => filesize($file),
                ], $files),
            ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
            if (! $zip->close()) {
                throw BackupError::cannotWrite($path);
            }
        } finally {
            umask($before);
        }
        // Where the folder hands what is in it to a group, that group puts it away.
        chmod($path, (fileperms(dirname($path)) & 02000) !== 0 ? 0640 : 0600);
        self::toDisk($path);
    }

    /** Not only written but on the disk, before an older one goes. */
    private static function toDisk(string $path): void
    {
        $handle = fopen($path, 'r+b');
        if ($handle === false || ! fsync($handle)) {
            throw BackupError::cannotWrite($path);
        }
        fclose($handle);
    }
}
