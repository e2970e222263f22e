<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Events\CommandStarting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Throwable;

/** A command that works on a workshop says in a sentence what is missing where there is none yet. */
final class NeedsShop
{
    private const COMMANDS = ['account:*', 'kits:*', 'shelf:*', 'standings:*', 'plan:*', 'text:*', 'backup:make', 'shop:rebuild',
        'shop:archive'];

    private const MAKE = 'php artisan migrate --force';

    public static function check(CommandStarting $starting): void
    {
        $why = Str::is(self::COMMANDS, $starting->command ?? '') ? self::missing() : '';
        if ($why !== '') {
            $starting->output->writeln("<error>{$why}</error>");
            exit(1);
        }
    }

    /** What is missing before a command can work; empty where nothing is. */
    public static function missing(): string
    {
        $file = (string) config('database.connections.sqlite.database');
        try {
            return match (true) {
                $file !== ':memory:' && ! is_file($file) => "There is no workshop here yet: {$file} does not exist. "
                    .'Make it with: '.self::MAKE,
                ! Schema::connection(DB::getDefaultConnection())->hasTable('users') => "The workshop in {$file} is empty. Set it up with: "
                    .self::MAKE,
                default => '',
            };
        } catch (Throwable $e) {
            return "The workshop in {$file} cannot be read: ".$e->getMessage();
        }
    }
}
