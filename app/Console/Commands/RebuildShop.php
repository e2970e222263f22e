<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\Rebuild;
use Illuminate\Console\Command;

/** After migrating: everything that is kept with the data and hangs on the program's version. */
final class RebuildShop extends Command
{
    protected $signature = 'shop:rebuild {--missing : only where something waits for it}';

    protected $description = 'After an upgrade: work out anew what jobs stand at and what kits are sieved by';

    public function handle(): int
    {
        if ($this->option('missing') === true && Rebuild::missing() === []) {
            return self::SUCCESS;
        }
        [$kits, $bad] = Rebuild::shelf();
        [$jobs, $broken] = Rebuild::standings();
        $this->info("{$kits} kits and {$jobs} jobs worked out anew; {$bad} kits and {$broken} jobs cannot be read.");

        return self::SUCCESS;
    }
}
