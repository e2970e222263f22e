<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** No address of this application holds lists or broken text; one that does was made up, and is told so. */
final class PlainQuery
{
    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            abort_unless(
                // A field of a form that was left empty comes as nothing.
                ($value === null || (is_string($value) && mb_check_encoding($value, 'UTF-8'))) && mb_check_encoding((string) $name,
                    'UTF-8'),
                422,
                'The address asks for something in a shape that is not known here.',
            );
        }

        return $next($request);
    }
}
