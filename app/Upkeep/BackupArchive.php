<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Models\Photo;
use PDO;
use ZipArchive;

/** A backup that is read: what it holds, and whether it is whole. */
final readonly class BackupArchive
{
    /**
     * @param  string  $state  the last migration of the installation that made it
     * @param  array<string, string>  $files  SHA-256 by name
     */
    private function __construct(private ZipArchive $zip, public string $state, public string $at, public array $files)
    {
    }

    /** @throws BackupError when the file is none */
    public static function open(string $path): self
    {
        $zip = new ZipArchive;
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY) !== true) {
            throw BackupError::notABackup($path);
        }
        $list = json_decode((string) $zip->getFromName(Backup::LIST), true);
        if (! is_array($list) || ($list['format'] ?? '') !== Backup::FORMAT || ! is_array($list['files'] ?? null)
            || ! isset($list['files'][Backup::DATABASE]) || ! is_string($list['state'] ?? null)) {
            throw BackupError::notABackup($path);
        }
        $files = [];
        foreach ($list['files'] as $name => $about) {
            // A name that leads elsewhere is nobody's photo.
            if ($name !== Backup::DATABASE && preg_match(Photo::NAMED, (string) $name) !== 1) {
                throw BackupError::damaged((string) $name);
            }
            $files[(string) $name] = is_string($about['sha256'] ?? null) ? $about['sha256'] : '';
        }

        return new self($zip, $list['state'], is_string($list['at'] ?? null) ? $list['at'] : '', $files);
    }

    /**
     * Reads all of it: every file has its hash, the database is whole by SQLite's own checks, and every photo it names is there.
     *
     * @return array{jobs: int, readings: int, signed: int, photos: int}
     *
     * @throws BackupError naming what is damaged
     */
    public function check(): array
    {
        $database = (string) tempnam(sys_get_temp_dir(), 'backup');
        try {
            foreach (array_keys($this->files) as $name) {
                $this->extract($name, $name === Backup::DATABASE ? $database : '/dev/null');
            }

            return $this->checkDatabase($database);
        } finally {
            unlink($database);
        }
    }

    /** @throws BackupError when what comes out is not what was packed */
    public function extract(string $name, string $to): void
    {
        $from = $this->zip->getStream($name);
        $into = fopen($to, 'wb');
        if ($from === false || $into === false) {
            throw BackupError::damaged($name);
        }
        $hash = hash_init('sha256');
        while (! feof($from)) {
            $bytes = fread($from, 1 << 20);
            if ($bytes === false || fwrite($into, $bytes) !== strlen($bytes)) {
                throw BackupError::damaged($name);
            }
            hash_update($hash, $bytes);
        }
        $isOnDisk = $to === '/dev/null' || (fflush($into) && fsync($into));
        fclose($from);
        fclose($into);
        if (! $isOnDisk) {
            throw BackupError::cannotWrite($to);
        }
        if (! hash_equals($this->files[$name] ?? '', hash_final($hash))) {
            throw BackupError::damaged($name);
        }
    }

    /** @return list<string> the photos a database names */
    public static function photosOf(string $database): array
    {
        return array_column(self::rows($database, "select file from photos where file <> '' order by id"), 'file');
    }

    /** @return array{jobs: int, readings: int, signed: int, photos: int} */
    private function checkDatabase(string $file): array
    {
        try {
            foreach (self::photosOf($file) as $photo) {
                if (preg_match(Photo::NAMED, $photo) !== 1) {
                    throw BackupError::damaged("the photo {$photo}");
                }
            }
            $isWhole = self::rows($file, 'pragma integrity_check')[0]['integrity_check'] === 'ok'
                && self::rows($file, 'pragma foreign_key_check') === [];
            $counted = static fn (string $table): int => (int) self::rows($file, "select count(*) as n from {$table}")[0]['n'];
            $counts = ['jobs' => $counted('clutch_jobs'), 'readings' => $counted('readings'), 'signed' => $counted('signed_sheets'),
                'photos' => $counted('photos')];
        } catch (\PDOException $e) {
            throw BackupError::damaged(Backup::DATABASE." ({$e->getMessage()})");
        }
        if (! $isWhole) {
            throw BackupError::damaged(Backup::DATABASE);
        }

        return $counts;
    }

    /** @return list<array<string, string>> */
    private static function rows(string $file, string $sql): array
    {
        $database = new PDO("sqlite:{$file}", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
            PDO::ATTR_STRINGIFY_FETCHES => true]);
        $answer = $database->query($sql);
        /** @var list<array<string, string>> $rows */
        $rows = $answer === false ? [] : $answer->fetchAll(PDO::FETCH_ASSOC);

        return $rows;
    }
}
