<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\Rebuild;
use Illuminate\Console\Command;

/** Works out anew what the lists show of each job: after an upgrade, or when a list is doubted. */
final class RebuildStandings extends Command
{
    protected $signature = 'standings:rebuild {--missing : only jobs that have none}';

    protected $description = 'Work out anew what each job stands at';

    public function handle(): int
    {
        [$done, $broken] = Rebuild::standings($this->option('missing') === true);
        $this->info("{$done} worked out; {$broken} cannot be shown.");

        return self::SUCCESS;
    }
}
