<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\AccountError;
use App\Accounts\KeepAccounts;
use App\Models\User;
use Illuminate\Console\Command;

/** For a lead who forgot the password: nobody else in the application could help. The role stays what it is. */
final class ResetAccount extends Command
{
    protected $signature = 'account:reset {login : the name used to sign in}';

    protected $description = 'Give an account a first password again; the role stays what it is';

    public function handle(): int
    {
        $login = $this->argument('login');
        $user = User::query()->where('login', is_string($login) ? mb_strtolower($login) : '')->first();
        if ($user === null) {
            $this->error('Login: no account has this name.');

            return self::FAILURE;
        }
        try {
            $this->info('First password, shown this once, good for '.KeepAccounts::FIRST_PASSWORD_DAYS.' days: '
                .KeepAccounts::reset($user));
        } catch (AccountError $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
