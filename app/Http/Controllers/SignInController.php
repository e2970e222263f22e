<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\LiveSession;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Support\Timebox;

final class SignInController
{
    /** Failed tries a minute for one name from one address, and for one address whatever the name. */
    private const TRIES = 6;

    private const TRIES_FROM_ADDRESS = 30;

    /** Failed tries an hour for one name from wherever. Source: OWASP ASVS 4.0.3, 2.2.1, at most a hundred (from memory). */
    private const TRIES_FOR_NAME = 60;

    /** Microseconds that a failed try takes at least, whatever failed: more than holding a password against a hash twice. */
    private const FAILED_TAKES = 400_000;

    public function show(): View|RedirectResponse
    {
        if (Auth::check()) {
            return redirect()->route('bay');
        }

        return view('sign-in', ['accounts' => config('spindle.demo') === true
            ? User::active()->whereIn('login', DemoSeeder::logins())->orderBy('id')->get() : collect()]);
    }

    public function enter(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'login' => ['required', 'string', 'max:100'],
            'password' => ['required', 'string', 'max:200'],
        ]);
        $login = mb_strtolower($given['login']);
        $refuse = static fn (string $why): RedirectResponse => redirect()
            ->route('sign-in')
            ->withInput(['login' => $given['login']])
            ->withErrors(['login' => $why]);
        $name = hash('sha256', $login);
        $counters = [
            "sign-in:{$name}|{$request->ip()}" => [self::TRIES, 60],
            "sign-in:{$request->ip()}" => [self::TRIES_FROM_ADDRESS, 60],
            "sign-in:{$name}" => [self::TRIES_FOR_NAME, 3600],
        ];
        foreach ($counters as $counter => [$most]) {
            if (RateLimiter::tooManyAttempts($counter, $most)) {
                return $refuse('Too many failed tries. Wait '.RateLimiter::availableIn($counter).' seconds, then try again.');
            }
        }
        if (! $this->isLetIn($login, $given['password'])) {
            foreach ($counters as $counter => [, $seconds]) {
                RateLimiter::hit($counter, $seconds);
            }

            return $refuse('Name and password do not go together.');
        }
        RateLimiter::clear(array_key_first($counters));
        $user = Auth::user();
        if ($user instanceof User && $user->first_password_until?->isPast() === true) {
            Auth::logout();

            return $refuse('This first password has run out. Ask the lead for another.');
        }
        $request->session()->regenerate();
        $request->session()->put(LiveSession::SINCE, now()->getTimestamp());

        return redirect()->intended(route('bay'));
    }

    /** Takes the same time for a name that nobody has: a password is held against something either way. */
    private function isLetIn(string $login, string $password): bool
    {
        return (new Timebox)->call(static function (Timebox $time) use ($login, $password): bool {
            $isLetIn = Auth::attempt(['login' => $login, 'password' => $password, 'disabled_at' => null]);
            if ($isLetIn) {
                $time->returnEarly();
            } elseif (! User::active()->where('login', $login)->exists()) {
                Hash::check($password, Cache::rememberForever('sign-in.nobody', static fn (): string => Hash::make(Str::random(40))));
            }

            return $isLetIn;
        }, self::FAILED_TAKES);
    }

    public function leave(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
