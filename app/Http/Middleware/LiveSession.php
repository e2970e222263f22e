<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Ends a session that has lasted a working day, or whose account was disabled; leads somebody with a first password to the page where
 * it is changed for one of their own.
 */
final class LiveSession
{
    public const SINCE = 'signed_in_at';

    /** Where somebody with a first password may go. */
    private const OPEN = ['account', 'account.password', 'sign-out', 'theme'];

    /** @throws AuthenticationException when somebody has to sign in again */
    public function handle(Request $request, Closure $next): Response
    {
        $session = $request->session();
        $user = $request->user();
        $since = $session->get(self::SINCE);
        if (! is_int($since)) {
            $session->put(self::SINCE, $since = now()->getTimestamp());
        }
        $isOver = now()->getTimestamp() - $since > (int) config('session.hours') * 3600;
        if ($isOver || ($user instanceof User && $user->disabled_at !== null)) {
            Auth::logout();
            $session->invalidate();
            throw new AuthenticationException();
        }
        if ($user instanceof User && $user->first_password_until !== null && ! $request->routeIs(...self::OPEN)) {
            return $request->header('HX-Request') === 'true' ? response('', 401) : redirect()->route('account');
        }

        return $next($request);
    }
}
