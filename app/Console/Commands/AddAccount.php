<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;

/** Adds an account on a real installation, or gives an existing one a new password. */
final class AddAccount extends Command
{
    private const SHORTEST = 10;

    protected $signature = 'account:add {login : the name used to sign in} {name : the name shown} {--lead : may decide for the shop}';

    protected $description = 'Add an account, or set a new password for one; asks for the password';

    public function handle(): int
    {
        $password = $this->secret('Password');
        if (! is_string($password) || mb_strlen($password) < self::SHORTEST) {
            $this->error('Password: at least '.self::SHORTEST.' characters are expected.');

            return self::FAILURE;
        }
        [$login, $name] = [$this->argument('login'), $this->argument('name')];
        if (! is_string($login) || ! is_string($name)) {
            $this->error('Login and name: one word each is expected; put a name of several words in quotes.');

            return self::FAILURE;
        }
        User::query()->updateOrCreate(['login' => mb_strtolower($login)], [
            'name' => $name,
            'role' => $this->option('lead') === true ? Role::Lead : Role::Technician,
            'password' => $password,
        ]);
        $this->info('Done.');

        return self::SUCCESS;
    }
}
