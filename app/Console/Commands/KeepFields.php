<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Store\ReadyFields;
use Illuminate\Console\Command;

final class KeepFields extends Command
{
    protected $signature = 'fields:cache {--clear : Have them written down anew with every request}';

    protected $description = 'For a server: keep the fields of the dictionary ready, as config:cache keeps the settings';

    public function handle(): int
    {
        $this->option('clear') ? ReadyFields::forget() : ReadyFields::write();
        $this->line($this->option('clear') ? 'No fields are kept.' : 'The fields are kept.');

        return self::SUCCESS;
    }
}
