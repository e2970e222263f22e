<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

/** Who has an account, one a line: sign-in name, name, role, and whether it is disabled. */
final class ListAccounts extends Command
{
    protected $signature = 'account:list';

    protected $description = 'List the accounts';

    public function handle(): int
    {
        foreach (User::query()->orderBy('login')->get() as $user) {
            $this->line("{$user->login}  {$user->name}, {$user->role->value}".($user->disabled_at === null ? '' : ', disabled'));
        }

        return self::SUCCESS;
    }
}
