<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Models\Job;
use App\Models\Vehicle;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Writes down who took what out of the workshop's records. What cannot be written down is not given out. */
final class NoteExport
{
    /** @param  string  $what  named where the route is */
    public function handle(Request $request, Closure $next, string $what): Response
    {
        /** @var Response $response */
        $response = $next($request);
        if ($response->isSuccessful()) {
            $about = $request->route('job') ?? $request->route('vehicle');
            $of = match (true) {
                $about instanceof Job => " of {$about->label()}",
                $about instanceof Vehicle => " of vehicle {$about->id}, {$about->name}",
                default => '',
            };
            AuditLog::note(LogTopic::Exports, "Took out {$what}{$of}.", $about instanceof Job || $about instanceof Vehicle ? $about : null);
        }

        return $response;
    }
}
