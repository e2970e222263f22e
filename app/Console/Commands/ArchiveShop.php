<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Files\ShopArchive;
use App\Files\ShopArchiveError;
use Illuminate\Console\Command;

/** Writes the whole shop into one archive, or reads it back into an empty installation. */
final class ArchiveShop extends Command
{
    protected $signature = 'shop:archive {file : the archive} {--read : read it into this installation, which has to be empty}';

    protected $description = 'The whole shop as one archive: write it, or read it into an empty installation';

    public function handle(): int
    {
        $file = $this->argument('file');
        $file = is_string($file) ? $file : '';
        try {
            if ($this->option('read') === true) {
                $this->line(ShopArchive::read($file).' rows read.');
            } else {
                ShopArchive::write($file);
                AuditLog::note(LogTopic::Exports, 'Took out the whole shop.');
                chmod($file, 0600);
                $this->line("{$file} written. It holds the accounts too: keep it where only the lead can read it.");
            }
        } catch (ShopArchiveError $e) {
            $this->error(ucfirst($e->getMessage()).'.');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
