<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Schema;

/** Writes the JSON Schema of the job sheet into the documentation. */
final class WriteSchema extends Command
{
    public const FILE = 'docs/job-sheet.schema.json';

    protected $signature = 'sheet:schema';

    protected $description = 'Write the JSON Schema of the job sheet to '.self::FILE;

    public function handle(): int
    {
        file_put_contents(base_path(self::FILE), self::text());
        $this->info(self::FILE.' written.');

        return self::SUCCESS;
    }

    public static function text(): string
    {
        return json_encode(
            Schema::ofSheet(Subjects::dictionary()),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        )."\n";
    }
}
