<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Store\InTurn;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** What somebody who watches the server is told, without a name or a number of the shop. */
final class Health
{
    private const WAIT_MS = 1000;

    /** @return array{database: string, photos: string, backup: string} each "ok", or what is the matter */
    public static function report(): array
    {
        $newest = ShopCheck::newestBackup();

        return [
            'database' => self::database(),
            'photos' => self::photos(),
            'backup' => match (true) {
                $newest === null => 'none yet',
                ShopCheck::isOld($newest) => 'older than two days',
                default => 'ok',
            },
        ];
    }

    /** @param  array{database: string, photos: string, backup: string}  $report */
    public static function isUp(array $report): bool
    {
        return $report['database'] === 'ok' && $report['photos'] === 'ok';
    }

    /** Read, and taken for writing: a disk that is full or turned read-only shows here. */
    private static function database(): string
    {
        try {
            $pdo = DB::connection()->getPdo();
            if (Shape::differences() !== []) {
                return 'waits for a migration, or was changed by hand';
            }
            $pdo->exec('pragma busy_timeout = '.self::WAIT_MS);
            InTurn::do(static fn (): int => DB::update('update clutch_jobs set id = 0 where id = 0'));

            return 'ok';
        } catch (Throwable $e) {
            report($e);

            return str_contains($e->getMessage(), 'locked') ? 'busy' : 'cannot be read or written';
        }
    }

    private static function photos(): string
    {
        $folder = Storage::disk('local')->path('');

        return is_dir($folder) && is_writable($folder) ? 'ok' : 'cannot be written';
    }
}
