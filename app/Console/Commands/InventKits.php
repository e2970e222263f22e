<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\InventedLists;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Writes the lists of three invented suppliers, for the demonstration and for measuring. */
final class InventKits extends Command
{
    protected $signature = 'kits:invent {folder} {--kits=420} {--seed=7}';

    protected $description = 'Write lists of invented kits';

    public function handle(): int
    {
        [$folder, $kits, $seed] = [$this->argument('folder'), $this->option('kits'), $this->option('seed')];
        if (! is_string($folder) || ! is_string($kits) || ! ctype_digit($kits) || ! is_string($seed) || ! ctype_digit($seed)) {
            $this->error('A folder is expected, and numbers of kits and of the seed.');

            return self::INVALID;
        }
        File::ensureDirectoryExists($folder);
        foreach (InventedLists::write($folder, (int) $kits, (int) $seed) as $path) {
            $this->line($path);
        }

        return self::SUCCESS;
    }
}
