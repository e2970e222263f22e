<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Practice\Ground;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;
use Symfony\Component\HttpFoundation\Response;

/** Finds out, before anything else is done with a request, whether it is for the shop or for the practice ground. */
final class PracticeAddress
{
    public function handle(Request $request, Closure $next): Response
    {
        // Where one process answers many requests, the one before may have been for the other.
        if (Ground::isStoredTo()) {
            DB::setDefaultConnection((string) config('database.default_of_the_shop'));
        }
        $shop = clone $request;
        Ground::mount($request);
        try {
            return $next($request);
        } finally {
            if (Ground::isHere()) {
                URL::setRequest($shop);
                URL::useAssetOrigin(null);
            }
        }
    }
}
