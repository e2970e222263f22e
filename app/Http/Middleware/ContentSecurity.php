<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets a page load only what ships with the application: no inline script or style, no eval, no other host. */
final class ContentSecurity
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
        ."connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'; object-src 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        return self::guard($next($request), $request);
    }

    public static function guard(Response $response, Request $request): Response
    {
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        if ($request->isSecure()) {
            // For a year; a browser that does not trust the certificate pays no heed to it. RFC 6797.
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        // A signed-out browser must not show a job again from its memory; pages are asked for anew on "back".
        if ($request->user() !== null) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
