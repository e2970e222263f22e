<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\BackupArchive;
use App\Upkeep\BackupError;
use App\Upkeep\RestoreBackup;
use Illuminate\Console\Command;

/** Puts a backup in the place of what is here, or into an installation in which nothing is. */
final class RestoreFromBackup extends Command
{
    protected $signature = 'backup:restore {file : the archive} {--replace : put it in the place of a shop that is in use}';

    protected $description = 'Restore a backup; what is here now is backed up first, and everybody signs in anew';

    public function handle(): int
    {
        $file = $this->argument('file');
        try {
            $before = (new RestoreBackup(BackupArchive::open(is_string($file) ? $file : '')))
                ->restore($this->option('replace') === true, (string) config('spindle.outbox'));
        } catch (BackupError $e) {
            $this->error(ucfirst($e->getMessage()).'.');

            return self::FAILURE;
        }
        $this->line('Restored.'.($before === null ? '' : " What was here before is in {$before}."));

        return self::SUCCESS;
    }
}
