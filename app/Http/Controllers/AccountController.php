<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountError;
use App\Accounts\KeepAccounts;
use App\Accounts\Sessions;
use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One's own account. */
final class AccountController
{
    public function show(#[CurrentUser] User $user): View
    {
        return view('accounts.own', [
            'user' => $user, 'sessions' => Sessions::of($user), 'shortest' => KeepAccounts::SHORTEST, 'longest' => KeepAccounts::LONGEST,
        ]);
    }

    public function password(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'current' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'confirmed:again', KeepAccounts::rule($user->name, $user->login)],
        ], [
            'current.required' => 'Password you have now: it is needed to change it.',
            'password.required' => 'New password: it is missing.',
            'password.min' => 'New password: at least :min characters are expected; several words are welcome.',
            'password.max' => 'New password: at most :max characters are expected.',
            'password.confirmed' => 'New password: the second time it was written otherwise.',
        ]);
        try {
            KeepAccounts::choosePassword($user, $given['current'], $given['password']);
        } catch (AccountError $e) {
            return redirect()->route('account')->withErrors([$e->field => $e->getMessage()]);
        }
        $request->session()->regenerate();

        return redirect()->route('account')->with('notice', 'New password kept. Wherever else you were signed in, you no longer are.');
    }

    public function endOthers(#[CurrentUser] User $user): RedirectResponse
    {
        AuditLog::note(LogTopic::Access, "{$user->name} ended their other sessions.", $user);
        Sessions::endOthers($user);

        return redirect()->route('account')->with('notice', 'You are signed in here only.');
    }
}
