<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Job;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;

/**
 * The practice ground: this same application under an address of its own, on a database that holds nothing of the shop. Every page of
 * a job is there as it is on real work; what belongs to the shop (bay, board, books, archive, signing) is not.
 */
final class Ground
{
    public const PATH = 'practising';

    private const BEFORE = 'spindle.ground.before';

    /** What of the application is there, by the names of its routes. */
    public const ROUTES = [
        'theme', 'job', 'job.units', 'job.kit', 'job.kit.*', 'job.parts', 'job.parts.accept', 'job.offer', 'job.offer.*', 'job.driving',
        'job.driving.keep', 'job.drawing', 'job.bolts', 'job.waiver',
        'job.waiver.*', 'job.note', 'job.sheet', 'job.walk', 'job.walk.*', 'job.entries', 'job.take-back', 'job.history', 'job.finding',
        'job.round', 'job.again', 'job.found', 'station', 'station.store', 'guide.station', 'job.practice.*',
    ];

    /** Turns a request for it into one of an application that is mounted there, as a web server would. */
    public static function mount(Request $request): void
    {
        $base = $request->getBaseUrl();
        // What answers without somebody who is signed in is the shop's alone.
        if (preg_match('#^/'.self::PATH.'(?:/(?!api(?:/|$)|up$)|$)#', $request->getPathInfo()) !== 1) {
            return;
        }
        $script = $base.'/'.self::PATH.'/index.php';
        // What is mounted begins behind a slash.
        $uri = preg_replace('#^('.preg_quote($base, '#').'/'.self::PATH.')(?=$|\?)#', '$1/', $request->getRequestUri());
        $server = [...array_diff_key($request->server->all(), ['ORIG_SCRIPT_NAME' => 1, 'PATH_INFO' => 1]),
            'REQUEST_URI' => $uri, 'SCRIPT_FILENAME' => 'index.php', 'SCRIPT_NAME' => $script, 'PHP_SELF' => $script];
        $request->initialize(
            $request->query->all(), $request->request->all(), [...$request->attributes->all(), self::BEFORE => $base],
            $request->cookies->all(), $request->files->all(), $server, $request->getContent(),
        );
        URL::setRequest($request);
        URL::useAssetOrigin($request->getSchemeAndHttpHost().$base);
    }

    public static function isHere(): bool
    {
        return request()->attributes->has(self::BEFORE);
    }

    /** Whether what is stored now is stored there. */
    public static function isStoredTo(): bool
    {
        return DB::getDefaultConnection() === Job::PRACTICE;
    }

    /**
     * The address of a page of the shop, from wherever somebody is.
     *
     * @param  array<int|string, mixed>  $of
     */
    public static function shop(string $route, array $of = []): string
    {
        $request = request();
        $before = $request->attributes->get(self::BEFORE, $request->getBaseUrl());

        return $request->getSchemeAndHttpHost().(is_string($before) ? $before : '').route($route, $of, false);
    }

    /**
     * The address of a page of the practice ground.
     *
     * @param  array<int|string, mixed>  $of
     */
    public static function page(string $route, array $of = []): string
    {
        $request = request();
        $before = $request->attributes->get(self::BEFORE, $request->getBaseUrl());

        return $request->getSchemeAndHttpHost().(is_string($before) ? $before : '').'/'.self::PATH.route($route, $of, false);
    }
}
