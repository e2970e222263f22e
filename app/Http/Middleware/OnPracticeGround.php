<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Changes\PostedEntries;
use App\Changes\PostedTick;
use App\Models\Job;
use App\Models\PracticeJob;
use App\Models\User;
use App\Practice\AtStations;
use App\Practice\Ground;
use App\Practice\GroundFile;
use App\Practice\PracticeBar;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\View;
use Spindle\Sheet\Station;
use Symfony\Component\HttpFoundation\Response;

/**
 * On the practice ground nothing of the shop is read or stored, and no page of the shop is there; off it, no page of the practice is.
 * Who is signed in is known by the shop.
 */
final class OnPracticeGround
{
    public function handle(Request $request, Closure $next): Response
    {
        $isHere = Ground::isHere();
        View::share(['onPractice' => $isHere, 'shopAt' => Ground::shop(...), 'practiceBar' => PracticeBar::of(...)]);
        if (! $isHere) {
            $request->routeIs('job.practice.*') && Auth::check() && abort(404);

            return $next($request);
        }
        if ($request->routeIs('bay')) {
            return redirect()->away(Ground::shop('practice'));
        }
        if (! $request->routeIs(...Ground::ROUTES)) {
            abort(404, 'This belongs to the workshop; there is none of it on the practice ground.');
        }
        $user = Auth::user();
        if ($user instanceof User && $user->first_password_until !== null) {
            return redirect()->away(Ground::shop('account'));
        }
        if ($user instanceof User) {
            GroundFile::open($user);
            self::isGivenBack($request) && abort(409, 'This practice vehicle was given back; nothing of it changes any more.');
            self::handsGoIn($request);
        }

        return $next($request);
    }

    /** What is entered at a station, or on the walk, is done there. */
    private static function handsGoIn(Request $request): void
    {
        $station = match (true) {
            $request->routeIs('station.store') => Station::tryFrom((string) $request->route()->originalParameter('station')),
            $request->routeIs('job.walk.take') => (PostedEntries::of($request)[0] ?? null)?->field->station
                ?? (PostedTick::of($request)[0] ?? null)?->station(),
            default => null,
        };
        $job = $station === null ? null : Job::query()->find($request->route()->originalParameter('job'));
        if ($station !== null && $job instanceof Job) {
            AtStations::of($job)->handsGoIn($station);
        }
    }

    /** Whether something is to be changed of a job that is over. */
    private static function isGivenBack(Request $request): bool
    {
        $job = $request->route('job');

        return ! $request->isMethodSafe() && is_string($job) && ! $request->routeIs('job.practice.show', 'job.units')
            && PracticeJob::query()->where('clutch_job_id', (int) $job)->whereNotNull('ended_at')->exists();
    }
}
