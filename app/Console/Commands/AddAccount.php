<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\AccountError;
use App\Accounts\KeepAccounts;
use App\Models\Role;
use Illuminate\Console\Command;

/** Adds an account on the server: the first one, the lead's, cannot come about otherwise. */
final class AddAccount extends Command
{
    protected $signature = 'account:add {login : the name used to sign in} {name : the name shown} {--lead : may decide for the shop}';

    protected $description = 'Add an account; shows its first password, which is exchanged for one of one\'s own';

    public function handle(): int
    {
        $login = $this->argument('login');
        $name = $this->argument('name');
        if (! is_string($login) || ! is_string($name) || preg_match('/^[a-z0-9][a-z0-9._-]{1,39}$/i', $login) !== 1 || trim($name) === '') {
            $this->error('Login: two to forty letters, numbers, dots and hyphens are expected; put a name of several words in quotes.');

            return self::FAILURE;
        }
        try {
            $first = KeepAccounts::open($login, trim($name), $this->option('lead') === true ? Role::Lead : Role::Technician);
        } catch (AccountError $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->info('First password, shown this once, good for '.KeepAccounts::FIRST_PASSWORD_DAYS." days: {$first}");

        return self::SUCCESS;
    }
}
