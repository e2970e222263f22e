<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/**
 * What a page fetches of itself reads the session and leaves it as it is. Kept as well, a slow one would put back what stood there when it
 * began: what was said once to the next page would be gone, and whoever watches a page would never be signed out.
 */
final class KeepSession extends StartSession
{
    protected function saveSession($request)
    {
        if (! self::isFetch($request)) {
            parent::saveSession($request);
        }
    }

    protected function storeCurrentUrl(Request $request, $session)
    {
        if (! self::isFetch($request)) {
            parent::storeCurrentUrl($request, $session);
        }
    }

    private static function isFetch(Request $request): bool
    {
        return $request->isMethodSafe() && $request->header('HX-Request') === 'true';
    }
}
