<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Installation;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The demonstration's accounts have a published password: its database is served only as the demonstration, and nothing else is. */
final class RightDatabase
{
    public function handle(Request $request, Closure $next): Response
    {
        $isDemo = Installation::isDemo();
        if ($isDemo !== (config('spindle.demo') === true)) {
            return response(
                $isDemo
                    ? 'This database was made for the demonstration and is not served as a workshop of its own. Set DB_DATABASE to '.
                        'the workshop\'s database.'
                    : 'This database was not made for the demonstration. Set SPINDLE_DEMO=false, or start the demonstration with bin/demo.',
                503,
                ['Content-Type' => 'text/plain; charset=utf-8'],
            );
        }

        return $next($request);
    }
}
