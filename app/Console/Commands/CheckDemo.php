<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Installation;
use Illuminate\Console\Command;

/** Says whether the database the settings point at is the demonstration's. */
final class CheckDemo extends Command
{
    protected $signature = 'demo:check {--where : only print which database the settings point at}';

    protected $description = 'Say whether the database in use was made for the demonstration';

    public function handle(): int
    {
        if ($this->option('where') === true) {
            $this->line((string) config('database.connections.sqlite.database'));

            return self::SUCCESS;
        }
        $isDemo = config('spindle.demo') === true && Installation::isDemo();
        $this->line($isDemo ? 'The demonstration, in a database of its own.' : 'Not the demonstration.');

        return $isDemo ? self::SUCCESS : self::FAILURE;
    }
}
