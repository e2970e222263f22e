<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Installation;
use App\Models\NotForTheDemo;
use Database\Seeders\InventedHistory;
use Illuminate\Console\Command;

/** Gives the demonstration three years of signed jobs. Never anything but the demonstration. */
final class InventHistory extends Command
{
    protected $signature = 'demo:history {--jobs=240} {--seed=5}';

    protected $description = 'Fill the demonstration with three years of invented signed jobs';

    public function handle(): int
    {
        [$jobs, $seed] = [$this->option('jobs'), $this->option('seed')];
        if (! is_string($jobs) || ! ctype_digit($jobs) || ! is_string($seed) || ! ctype_digit($seed)) {
            $this->error('Numbers of jobs and of the seed are expected.');

            return self::INVALID;
        }
        if (! Installation::isDemo()) {
            $this->error(NotForTheDemo::bySettings()->getMessage());

            return self::FAILURE;
        }
        $this->line(InventedHistory::write((int) $jobs, (int) $seed).' jobs signed.');

        return self::SUCCESS;
    }
}
