<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Models\Installation;
use App\Models\Role;
use App\Models\User;
use App\Store\InTurn;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password;

/**
 * Every change of an account. Each is written into the log with it, and each that takes something away ends the person's sessions.
 */
final class KeepAccounts
{
    /** Source of both lengths: OWASP ASVS 4.0.3, 2.1.1 and 2.1.2 (from memory). */
    public const SHORTEST = 12;

    public const LONGEST = 128;

    /** Days in which a first password can be used. */
    public const FIRST_PASSWORD_DAYS = 3;

    /** What a password somebody chooses has to be; spaces and every letter of the world are welcome. */
    public static function rule(string ...$ofOwner): Password
    {
        return Password::min(self::SHORTEST)->max(self::LONGEST)->rules([new NotCommon(array_values($ofOwner))]);
    }

    /**
     * @return string the first password, to be told once
     *
     * @throws AccountError
     */
    public static function open(string $login, string $name, Role $role): string
    {
        return InTurn::do(static function () use ($login, $name, $role): string {
            $login = mb_strtolower($login);
            self::checkName($name);
            if (User::query()->where('login', $login)->exists()) {
                throw AccountError::loginTaken($login);
            }
            $first = self::firstPassword();
            $user = User::query()->create([
                'login' => $login, 'name' => $name, 'role' => $role, 'password' => $first,
                'first_password_until' => now()->addDays(self::FIRST_PASSWORD_DAYS),
            ]);
            AuditLog::note(LogTopic::Accounts, "Opened the account of {$name} ({$login}), {$role->value}.", $user);

            return $first;
        });
    }

    /** @throws AccountError */
    public static function rename(User $user, string $name): void
    {
        InTurn::do(static function () use ($user, $name): void {
            if ($user->name === $name) {
                return;
            }
            self::checkName($name, $user);
            AuditLog::note(LogTopic::Accounts, "Renamed {$user->name} to {$name}. What was done before keeps the name of then.", $user);
            $user->update(['name' => $name]);
        });
    }

    /** @throws AccountError */
    public static function setRole(User $user, Role $role): void
    {
        InTurn::do(static function () use ($user, $role): void {
            $user->refresh();
            if ($user->role === $role) {
                return;
            }
            if ($role !== Role::Lead) {
                self::checkLeadRemains($user);
            }
            AuditLog::note(LogTopic::Accounts, "Changed the role of {$user->name} from {$user->role->value} to {$role->value}.", $user);
            $user->update(['role' => $role]);
            Sessions::endAll($user);
        });
    }

    /** @throws AccountError */
    public static function disable(User $user): void
    {
        InTurn::do(static function () use ($user): void {
            $user->refresh();
            if ($user->disabled_at !== null) {
                return;
            }
            self::checkLeadRemains($user);
            AuditLog::note(LogTopic::Accounts, "Disabled {$user->name}.", $user);
            $user->update(['disabled_at' => now()]);
            Sessions::endAll($user);
        });
    }

    public static function enable(User $user): void
    {
        InTurn::do(static function () use ($user): void {
            $user->update(['disabled_at' => null]);
            AuditLog::note(LogTopic::Accounts, "Enabled {$user->name} again.", $user);
        });
    }

    /**
     * A first password again; the role stays what it is.
     *
     * @return string to be told once
     *
     * @throws AccountError
     */
    public static function reset(User $user): string
    {
        self::checkIsNotPublished($user);

        return InTurn::do(static function () use ($user): string {
            if ($user->disabled_at !== null) {
                throw AccountError::isDisabled($user->name);
            }
            $first = self::firstPassword();
            $user->update(['password' => $first, 'first_password_until' => now()->addDays(self::FIRST_PASSWORD_DAYS)]);
            AuditLog::note(LogTopic::Accounts, "Gave {$user->name} a first password again.", $user);
            Sessions::endAll($user);
            SignInTries::free($user);

            return $first;
        });
    }

    /** @throws AccountError when the present password is another */
    public static function choosePassword(User $user, string $current, string $new): void
    {
        self::checkIsNotPublished($user);
        if (! Hash::check($current, $user->password)) {
            AuditLog::note(LogTopic::Access, "A change of {$user->name}’s password was refused: the present one was not given.", $user);
            throw AccountError::wrongPassword();
        }
        if (hash_equals($current, $new)) {
            throw AccountError::samePassword();
        }
        // Made before the turn: a hash takes its time on purpose, and nobody waits for it.
        $hash = Hash::make($new);
        InTurn::do(static function () use ($user, $hash): void {
            $user->update(['password' => $hash, 'first_password_until' => null]);
            AuditLog::note(LogTopic::Accounts, "{$user->name} chose a new password.", $user);
            Sessions::endOthers($user);
        });
    }

    /** Somebody guesses at this name and keeps its owner out: the owner can try again. */
    public static function letTry(User $user): void
    {
        InTurn::do(static fn () => AuditLog::note(LogTopic::Accounts, "Let {$user->name} try to sign in again.", $user));
        SignInTries::free($user);
    }

    public static function endSessions(User $user): void
    {
        InTurn::do(static function () use ($user): void {
            Sessions::endAll($user);
            AuditLog::note(LogTopic::Accounts, "Ended every session of {$user->name}.", $user);
        });
    }

    /** Four groups of five letters and digits that are not taken for one another: about 98 bits. */
    private static function firstPassword(): string
    {
        $letters = 'abcdefghjkmnpqrstuvwxyz23456789';
        $groups = [];
        for ($i = 0; $i < 4; $i++) {
            $groups[] = implode('', array_map(static fn (): string => $letters[random_int(0, strlen($letters) - 1)], range(1, 5)));
        }

        return implode('-', $groups);
    }

    private static function checkName(string $name, ?User $but = null): void
    {
        if (User::query()->where('name_key', User::nameKey($name))->where('id', '!=', $but->id ?? 0)->exists()) {
            throw AccountError::nameTaken(Str::limit($name, 60));
        }
    }

    private static function checkLeadRemains(User $without): void
    {
        if ($without->isLead() && ! User::active()->where('role', Role::Lead)->where('id', '!=', $without->id)->exists()) {
            throw AccountError::lastLead();
        }
    }

    /** The demonstration's own accounts are for everybody; one that somebody adds there is theirs. */
    private static function checkIsNotPublished(User $user): void
    {
        if (Installation::isDemo() && in_array($user->login, DemoSeeder::logins(), true)) {
            throw AccountError::publishedPassword();
        }
    }
}
