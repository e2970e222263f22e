<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\MendText;
use Illuminate\Console\Command;

/** For a shop in whose database text stands that cannot be shown: entered before that was refused. */
final class MendStoredText extends Command
{
    protected $signature = 'text:mend';

    protected $description = 'Take bytes and control characters that cannot be shown out of what is stored';

    public function handle(): int
    {
        $mended = MendText::all();
        foreach ($mended as $what => $n) {
            $this->line("{$what}: {$n}");
        }
        $this->info(array_sum($mended).' texts mended.');

        return self::SUCCESS;
    }
}
