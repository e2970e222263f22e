<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\Rebuild;
use Illuminate\Console\Command;

/** Works out anew what is searched and sieved of every kit, from its data. */
final class RebuildShelf extends Command
{
    protected $signature = 'shelf:rebuild';

    protected $description = 'Work the columns of every kit on the shelf out anew';

    public function handle(): int
    {
        [$done, $bad] = Rebuild::shelf();
        $this->info("{$done} kits worked out anew".($bad === 0 ? '.' : "; {$bad} cannot be read and stay on the shelf as that."));

        return self::SUCCESS;
    }
}
