<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;

/** An installation whose database is a file of its own, as in a workshop. */
final class OwnFile
{
    /** Makes a folder the installation at hand: its own database, photos, sessions and backups. */
    public static function at(string $folder): void
    {
        File::ensureDirectoryExists("{$folder}/photos");
        config([
            'database.connections.shop' => [...config('database.connections.sqlite'), 'database' => "{$folder}/shop.sqlite"],
            'database.default' => 'shop', 'session.connection' => 'shop', 'spindle.backups' => "{$folder}/backups",
            'spindle.outbox' => "{$folder}/backups",
            'filesystems.disks.local.root' => $folder,
        ]);
        DB::purge('shop');
        Storage::forgetDisk('local');
    }
}
