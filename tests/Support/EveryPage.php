<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Job;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Spindle\Sheet\Station;

/** Every page, print and file of a job, asked for as a browser asks, by whoever is signed in. */
final class EveryPage
{
    /** @return iterable<string, string> what is wrong with each page; empty where it shows */
    public static function of(Job $job): iterable
    {
        $at = "/jobs/{$job->id}";
        $stations = array_map(static fn (Station $s): string => "{$at}/{$s->value}", Station::cases());
        foreach (
            ['/', "/vehicles/{$job->vehicle_id}", ...$stations, "{$at}/walk", "{$at}/labels", "{$at}/sheet", "{$at}/sheet.json",
                "{$at}/history/disc.thickness"] as $path
        ) {
            yield $path => self::wrongWith($path);
        }
    }

    private static function wrongWith(string $path): string
    {
        $response = app(Kernel::class)->handle(Request::create($path));
        $body = (string) $response->getContent();

        return match (true) {
            $response->getStatusCode() !== 200 => "answers {$response->getStatusCode()}".
                (isset($response->exception) ? ': '.$response->exception->getMessage() : ''),
            preg_match('/\b(NAN|INF)\b|>\s*(nan|inf)\s*</', $body) === 1 => 'shows a figure that is none',
            default => '',
        };
    }
}
