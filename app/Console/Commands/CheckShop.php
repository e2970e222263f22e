<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\ShopCheck;
use Illuminate\Console\Command;

/** Holds what is kept against what was kept. */
final class CheckShop extends Command
{
    protected $signature = 'shop:check {--each : also show every job once} {--tidy : delete files that no job names}';

    protected $description = 'Check the database, every signed sheet and photo against its hash, stray files, and who can read secrets';

    public function handle(): int
    {
        $check = new ShopCheck;
        if ($this->option('tidy') === true) {
            $this->line("{$check->tidy()} files that no job names were deleted.");
        }
        $problems = $check->problems($this->option('each') === true);
        array_map($this->error(...), $problems);
        $this->info("{$check->checked} checked, ".count($problems).' not as they should be.');

        return $problems === [] ? self::SUCCESS : self::FAILURE;
    }
}
