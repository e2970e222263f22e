<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Models\User;
use App\Store\InTurn;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Support\Timebox;

/** Whether somebody is let in. It is written down before the door opens: what cannot be written down is no sign-in. */
final class SignIn
{
    /** Microseconds that a failed try takes at least, whatever failed: more than holding a password against a hash twice. */
    private const FAILED_TAKES = 400_000;

    /** @throws AccountError when they are not let in, saying why */
    public static function with(string $login, string $password, string $address): User
    {
        $login = mb_strtolower($login);
        $tries = new SignInTries($login, $address);
        $wait = $tries->begin();
        if ($wait !== null) {
            throw AccountError::tooManyTries($wait);
        }
        $user = self::known($login, $password) ?? throw AccountError::doNotGoTogether();
        $tries->succeeded();
        if ($user->first_password_until?->isPast() === true) {
            throw AccountError::firstPasswordIsOver();
        }
        // A hash of before is made anew while the password is at hand; outside the turn, since it takes its time on purpose.
        $hash = Hash::needsRehash($user->password) ? Hash::make($password) : null;
        InTurn::do(static function () use ($user, $hash, $address): void {
            if ($hash !== null) {
                $user->update(['password' => $hash]);
            }
            AuditLog::note(LogTopic::Access, "{$user->name} signed in.", $user, $user, [AuditLog::SIGNED_IN_FROM => $address]);
        });
        Auth::login($user);

        return $user;
    }

    /** Takes the same time for a name that nobody has: a password is held against something either way. */
    private static function known(string $login, string $password): ?User
    {
        return (new Timebox)->call(static function (Timebox $time) use ($login, $password): ?User {
            $user = User::query()->where('login', $login)->first();
            $active = $user?->disabled_at === null ? $user : null;
            $hash = $active->password
                ?? Cache::rememberForever('sign-in.nobody', static fn (): string => Hash::make(Str::random(40)));
            if (Hash::check($password, $hash) && $active !== null) {
                $time->returnEarly();

                return $active;
            }
            // What was typed is not kept: it may be a password in the wrong field.
            AuditLog::note(LogTopic::Access, $user === null ? 'Signing in failed: no account of that name.'
                : "Signing in as {$user->name} failed.", $user);

            return null;
        }, self::FAILED_TAKES);
    }
}
