<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

final class SignInController
{
    /** Failed tries a minute for one name from one address, and for one address whatever the name. */
    private const TRIES = 6;

    private const TRIES_FROM_ADDRESS = 30;

    public function show(): View|RedirectResponse
    {
        if (Auth::check()) {
            return redirect()->route('bay');
        }

        return view('sign-in', ['accounts' => config('spindle.demo') === true ? User::query()->orderBy('id')->get() : collect()]);
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
        $counters = ["sign-in:{$login}|{$request->ip()}" => self::TRIES, "sign-in:{$request->ip()}" => self::TRIES_FROM_ADDRESS];
        foreach ($counters as $counter => $most) {
            if (RateLimiter::tooManyAttempts($counter, $most)) {
                return $refuse('Too many failed tries. Wait '.RateLimiter::availableIn($counter).' seconds, then try again.');
            }
        }
        if (! Auth::attempt(['login' => $login, 'password' => $given['password']])) {
            foreach (array_keys($counters) as $counter) {
                RateLimiter::hit($counter);
            }

            return $refuse('Name and password do not go together.');
        }
        RateLimiter::clear(array_key_first($counters));
        $request->session()->regenerate();

        return redirect()->intended(route('bay'));
    }

    public function leave(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
