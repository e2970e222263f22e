<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\Backup;
use App\Upkeep\BackupError;
use Illuminate\Console\Command;

/** One archive of everything, made while people work and read again before it is called made. */
final class MakeBackup extends Command
{
    protected $signature = 'backup:make {--to= : the folder, else SPINDLE_OUTBOX} {--keep=0 : how many stay in it; 0 keeps all}';

    protected $description = 'Back up database and photos into one archive, and read it again';

    public function handle(): int
    {
        $to = $this->option('to');
        try {
            $path = Backup::make(is_string($to) ? $to : (string) config('spindle.outbox'), max(0, (int) $this->option('keep')));
        } catch (BackupError $e) {
            $this->error(ucfirst($e->getMessage()).'.');

            return self::FAILURE;
        }
        $this->line($path);

        return self::SUCCESS;
    }
}
