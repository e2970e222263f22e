<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\Backup;
use App\Upkeep\BackupArchive;
use App\Upkeep\BackupError;
use Illuminate\Console\Command;

/** Reads a backup from end to end. */
final class CheckBackup extends Command
{
    protected $signature = 'backup:check {file? : the archive; the newest one where it is not said}';

    protected $description = 'Read a backup from end to end and say whether it is whole';

    public function handle(): int
    {
        $all = Backup::all((string) config('spindle.backups'));
        $file = $this->argument('file') ?? end($all);
        if (! is_string($file)) {
            $this->error('There is no backup in '.config('spindle.backups').'.');

            return self::FAILURE;
        }
        try {
            $archive = BackupArchive::open($file);
            $held = $archive->check();
        } catch (BackupError $e) {
            $this->error(ucfirst($e->getMessage()).'.');

            return self::FAILURE;
        }
        $this->line("{$file}, of {$archive->at}: whole. {$held['jobs']} jobs, {$held['signed']} signed, {$held['readings']} readings, "
            ."{$held['photos']} photos.");
        $missing = $held['photos'] - (count($archive->files) - 1);
        if ($missing > 0) {
            $this->warn("{$missing} photos were missing when it was made; php artisan shop:check names them.");
        }

        return self::SUCCESS;
    }
}
