<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Upkeep\Shape;
use Illuminate\Console\Command;

/** For whoever adds a migration: writes down what the database is made of afterwards. */
final class WriteShape extends Command
{
    protected $signature = 'shape:write';

    protected $description = 'Write database/shape.json from the database as it is now';

    public function handle(): int
    {
        Shape::write();
        $this->info(count(Shape::expected()).' parts written.');

        return self::SUCCESS;
    }
}
