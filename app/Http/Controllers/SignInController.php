<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

final class SignInController
{
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
        if (! Auth::attempt(['login' => mb_strtolower($given['login']), 'password' => $given['password']])) {
            return back()->withInput(['login' => $given['login']])->withErrors(['login' => 'Name and password do not go together.']);
        }
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
