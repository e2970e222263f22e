<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountError;
use App\Accounts\SignIn;
use App\Http\Middleware\LiveSession;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SignInController
{
    public function show(): View|RedirectResponse
    {
        if (Auth::check()) {
            return redirect()->route('bay');
        }

        return view('sign-in', ['password' => DemoSeeder::PASSWORD, 'accounts' => config('spindle.demo') === true
            ? User::active()->whereIn('login', DemoSeeder::logins())->orderBy('id')->get() : collect()]);
    }

    public function enter(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'login' => ['required', 'string', 'max:100'],
            'password' => ['required', 'string', 'max:200'],
        ]);
        try {
            SignIn::with($given['login'], $given['password'], (string) $request->ip());
        } catch (AccountError $e) {
            return redirect()->route('sign-in')->withInput(['login' => $given['login']])->withErrors([$e->field => $e->getMessage()]);
        }
        $request->session()->regenerate();
        $request->session()->put(LiveSession::SINCE, now()->getTimestamp());

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
