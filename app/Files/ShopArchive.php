<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Photo;
use App\Store\InTurn;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use ZipArchive;

/**
 * The whole shop in one archive: each table as a file of JSON lines, the photos, and a list of what is in it with its hashes. Read back
 * into an empty installation of the same version nothing is lost. Whoever holds it holds the accounts too, with hashed passwords.
 */
final class ShopArchive
{
    public const FORMAT = 'jade-spindle/shop';

    /** What is of the moment and not of the shop. */
    private const PASSING = ['job_assessments', 'job_counts', 'migrations', 'sessions', 'cache', 'cache_locks', 'job_batches',
        'failed_jobs', 'jobs', 'labour_clocks'];

    /** Where one of these holds a row, somebody works here already. */
    private const OF_SOMEBODY = ['users', 'vehicles', 'clutch_jobs', 'kits', 'suppliers', 'shop_figures', 'shop_limits', 'installation'];

    private const ROWS = 400;

    /** @return list<string> */
    public static function tables(): array
    {
        $names = array_map(static fn (array $t): string => $t['name'], Schema::getTables());
        $tables = array_values(array_filter($names, static fn (string $n): bool => ! in_array($n, self::PASSING, true)
            && ! str_starts_with($n, 'sqlite_')));
        sort($tables);

        return $tables;
    }

    public static function write(string $path): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw ShopArchiveError::cannotWrite($path);
        }
        $temporary = [];
        try {
            self::pack($zip, $temporary);
            if (! $zip->close()) {
                throw ShopArchiveError::cannotWrite($path);
            }
        } catch (\Throwable $e) {
            try {
                // An archive that is let go half filled would be written all the same.
                $zip->unchangeAll();
                @$zip->close();
            } catch (\ValueError) {
                // It was closed already.
            }
            @unlink($path);
            throw $e;
        } finally {
            // Whatever came between: what is in them is the shop's.
            array_map(unlink(...), $temporary);
        }
    }

    /** @param  list<string>  $temporary  files that are in it only once it is closed */
    private static function pack(ZipArchive $zip, array &$temporary): void
    {
        $contents = [];
        // One look at the database, whatever is entered meanwhile.
        InTurn::look(static function () use ($zip, &$temporary, &$contents): void {
            foreach (self::tables() as $table) {
                $temporary[] = $file = (string) tempnam(sys_get_temp_dir(), 'table');
                $rows = self::dump($table, $file);
                $contents["tables/{$table}.jsonl"] = ['rows' => $rows, 'sha256' => hash_file('sha256', $file)];
                $zip->addFile($file, "tables/{$table}.jsonl");
            }
        });
        $disk = Storage::disk('local');
        foreach ($disk->files('photos') as $photo) {
            $contents[$photo] = ['sha256' => hash_file('sha256', $disk->path($photo))];
            $zip->addFile($disk->path($photo), $photo);
        }
        $zip->addFromString('contents.json', json_encode(
            ['format' => self::FORMAT, 'version' => 1, 'state' => self::state(), 'at' => now()->toIso8601ZuluString(),
                'files' => $contents],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
        ));
    }

    /** The last migration: an archive is read back only into the same. */
    private static function state(): string
    {
        return (string) DB::table('migrations')->orderByDesc('id')->value('migration');
    }

    private static function dump(string $table, string $file): int
    {
        $out = fopen($file, 'wb');
        if ($out === false) {
            throw ShopArchiveError::cannotWrite($file);
        }
        $rows = 0;
        foreach (DB::table($table)->orderByRaw('rowid')->cursor() as $row) {
            fwrite($out, json_encode($row, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE | JSON_UNESCAPED_UNICODE
                | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)."\n");
            $rows++;
        }
        fclose($out);

        return $rows;
    }

    /**
     * Into an installation in which nobody and nothing is; all of it or none.
     *
     * @return int rows read
     *
     * @throws ShopArchiveError
     */
    public static function read(string $path): int
    {
        $zip = new ZipArchive;
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY) !== true) {
            throw ShopArchiveError::notAnArchive($path);
        }
        $list = json_decode((string) $zip->getFromName('contents.json'), true);
        if (! is_array($list) || ($list['format'] ?? null) !== self::FORMAT || ! is_array($list['files'] ?? null)) {
            throw ShopArchiveError::notAnArchive($path);
        }
        if (($list['state'] ?? null) !== self::state()) {
            throw ShopArchiveError::otherVersion(is_string($list['state'] ?? null) ? $list['state'] : '', self::state());
        }
        foreach (self::OF_SOMEBODY as $table) {
            if (DB::table($table)->exists()) {
                throw ShopArchiveError::notEmpty($table);
            }
        }
        $photos = [];
        $rows = 0;
        Schema::withoutForeignKeyConstraints(static function () use ($zip, $list, &$photos, &$rows): void {
            InTurn::do(static function () use ($zip, $list, &$photos, &$rows): void {
                // Inside a transaction the switch above does nothing; this does.
                DB::statement('pragma defer_foreign_keys = on');
                foreach ($list['files'] as $name => $about) {
                    $contents = $zip->getFromName((string) $name);
                    if ($contents === false || hash('sha256', $contents) !== ($about['sha256'] ?? '')) {
                        throw ShopArchiveError::damaged((string) $name);
                    }
                    if (preg_match('~^tables/(\w+)\.jsonl$~', (string) $name, $m) === 1 && in_array($m[1], self::tables(), true)) {
                        $rows += self::fill($m[1], $contents);
                    } elseif (preg_match(Photo::NAMED, (string) $name) === 1) {
                        $photos[] = (string) $name;
                    }
                }
                $dangling = DB::select('pragma foreign_key_check');
                if ($dangling !== []) {
                    throw ShopArchiveError::damaged((string) ($dangling[0]->table ?? ''));
                }
                // Files before the rows that name them are seen: nobody meets a row without its photo.
                foreach ($photos as $photo) {
                    Storage::disk('local')->put($photo, (string) $zip->getFromName($photo));
                }
            });
        });
        $zip->close();

        return $rows;
    }

    private static function fill(string $table, string $lines): int
    {
        $rows = array_map(
            static fn (string $line): array => (array) json_decode($line, true, 8, JSON_THROW_ON_ERROR),
            array_filter(explode("\n", $lines), static fn (string $l): bool => $l !== ''),
        );
        // What a new installation begins with is not what the shop had.
        DB::table($table)->delete();
        foreach (array_chunk($rows, self::ROWS) as $some) {
            DB::table($table)->insert($some);
        }

        return count($rows);
    }
}
