<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountError;
use App\Accounts\KeepAccounts;
use App\Accounts\Sessions;
use App\Accounts\SignInTries;
use App\Models\Role;
use App\Models\User;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Everybody's accounts, kept by the lead. */
final class PeopleController
{
    private const NAME = ['required', 'string', 'min:2', 'max:60', 'regex:/^[\p{L}\p{M}][\p{L}\p{M}\p{N} .’\'()-]*$/u'];

    private const SAID = [
        'name.regex' => 'Name: letters, numbers, spaces, dots and hyphens are expected.',
        'login.regex' => 'Sign-in name: lower-case letters, numbers, dots and hyphens are expected.',
    ];

    public function index(): View
    {
        return view('accounts.people', [
            'people' => User::query()->orderByRaw('disabled_at is not null')->orderBy('name')->get(),
            'sessions' => Sessions::counted(), 'roles' => Role::cases(), 'firstPasswordDays' => KeepAccounts::FIRST_PASSWORD_DAYS,
            'heldBack' => static fn (User $of): bool => SignInTries::isHeldBack($of),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'name' => self::NAME,
            'login' => ['required', 'string', 'min:2', 'max:40', 'regex:/^[a-z0-9][a-z0-9._-]*$/i'],
            'role' => ['required', Rule::enum(Role::class)],
        ], self::SAID);

        return self::try(static function () use ($given): RedirectResponse {
            $first = KeepAccounts::open($given['login'], trim($given['name']), Role::from($given['role']));

            return redirect()->route('people')->with('first', [trim($given['name']), $first]);
        });
    }

    public function rename(Request $request, User $person): RedirectResponse
    {
        $given = $request->validate(['name' => self::NAME], self::SAID);

        return self::try(static function () use ($person, $given): string {
            KeepAccounts::rename($person, trim($given['name']));

            return "{$person->name}: the name from now on.";
        });
    }

    public function role(Request $request, User $person): RedirectResponse
    {
        $given = $request->validate(['role' => ['required', Rule::enum(Role::class)]]);

        return self::try(static function () use ($person, $given): string {
            KeepAccounts::setRole($person, Role::from($given['role']));

            return "{$person->name} is {$person->role->value} now and signs in anew.";
        });
    }

    public function disable(User $person): RedirectResponse
    {
        return self::try(static function () use ($person): string {
            KeepAccounts::disable($person);

            return "{$person->name} is disabled and signed out everywhere. What they did stays under their name.";
        });
    }

    public function enable(User $person): RedirectResponse
    {
        return self::try(static function () use ($person): string {
            KeepAccounts::enable($person);

            return "{$person->name} can sign in again.";
        });
    }

    public function reset(User $person): RedirectResponse
    {
        return self::try(static fn (): RedirectResponse => redirect()->route('people')->with('first', [
            $person->name, KeepAccounts::reset($person),
        ]));
    }

    public function endSessions(User $person): RedirectResponse
    {
        return self::try(static function () use ($person): string {
            KeepAccounts::endSessions($person);

            return "{$person->name} is signed out everywhere.";
        });
    }

    public function letTry(User $person): RedirectResponse
    {
        return self::try(static function () use ($person): string {
            KeepAccounts::letTry($person);

            return "{$person->name} can try to sign in again.";
        });
    }

    /** @param  Closure(): (string|RedirectResponse)  $change  what is said afterwards, or where it leads */
    private static function try(Closure $change): RedirectResponse
    {
        try {
            $done = $change();
        } catch (AccountError $e) {
            return redirect()->route('people')->withInput()->withErrors([$e->field => $e->getMessage()]);
        }

        return $done instanceof RedirectResponse ? $done : redirect()->route('people')->with('notice', $done);
    }
}
