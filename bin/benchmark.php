<?php

declare(strict_types=1);

use App\Models\Reading;
use App\Models\User;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\JobSheet;

/*
 * Prints, in one run and side by side, the server time of the main pages against a bare route of the same application, and
 * the time to assess 10 000 sheets in one process. Usage: php -d opcache.enable_cli=1 bin/benchmark.php [rounds]; a server has that
 * cache on, the command line has not. Figures are for reading, not a test.
 */

require __DIR__.'/../vendor/autoload.php';

use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;

const ENTRY = 'an entry at Strip';

$rounds = max(3, (int) ($argv[1] ?? 40));
foreach (
    [
        'APP_ENV' => 'benchmark',
        'APP_KEY' => 'base64:7UXQ2b3FkuP9DBTWh7uHgvXyDNvAx0LDe0MHeoQTF6Y=',
        'DB_CONNECTION' => 'sqlite',
        'DB_DATABASE' => ':memory:',
        'SESSION_DRIVER' => 'array',
        'CACHE_STORE' => 'array',
        'ARGON_MEMORY' => '64', 'ARGON_TIME' => '1',
        'SPINDLE_DEMO' => 'true',
    ] as $name => $value
) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
(new DemoSeeder())->run();
Route::get('/bare', static fn (): string => 'ok')->middleware('web');
Auth::login(User::query()->firstOrFail());
$http = $app->make(Http::class);

/** One entry as a page sends it, other than the one before. */
$entry = static function (int $i): Request {
    $last = Reading::query()->where('clutch_job_id', 12)->where('field', 'flywheel.flatness')->orderByDesc('seq')->value('seq');
    $token = session()->token();

    return Request::create(
        '/jobs/12/strip',
        'POST',
        [
            '_token' => $token,
            'f' => ['flywheel.flatness' => [$i % 2 === 0 ? '0.03' : '0.04']],
            'b' => ['flywheel.flatness' => [(int) $last]],
        ],
        server: ['HTTP_HX_REQUEST' => 'true'],
    );
};

/** Milliseconds of each round, sorted. */
$time = static function (string $path) use ($http, $rounds, $entry): array {
    $all = [];
    for ($i = 0; $i < $rounds + 2; $i++) {
        $request = $path === ENTRY ? $entry($i) : Request::create($path);
        $start = hrtime(true);
        $response = $http->handle($request);
        $ms = (hrtime(true) - $start) / 1e6;
        if ($response->getStatusCode() !== 200) {
            fwrite(STDERR, "{$path} answered {$response->getStatusCode()}\n");
            exit(1);
        }
        if ($i >= 2) {
            $all[] = $ms;
        }
    }
    sort($all);

    return $all;
};

printf("%-28s %10s %10s %10s\n", "page ({$rounds} rounds)", 'median ms', '95 % ms', '× bare');
$bare = null;
foreach (
    [
        '/bare',
        ENTRY,
        '/',
        '/vehicles/1',
        '/jobs/11/intake',
        '/jobs/12/triage',
        '/jobs/2/demand',
        '/jobs/12/strip',
        '/jobs/3/kit',
        '/jobs/8/set',
        '/jobs/2/record',
        '/jobs/1/sheet',
        '/jobs/1/sheet.json',
    ] as $path
) {
    $all = $time($path);
    $median = $all[intdiv(count($all), 2)];
    $bare ??= $median;
    printf("%-28s %10.2f %10.2f %10.1f\n", $path, $median, $all[(int) floor(0.95 * (count($all) - 1))], $median / $bare);
}

$sheets = array_map(
    static fn (string $f): string => (string) file_get_contents($f),
    glob(__DIR__.'/../database/demo/[0-9]*.json') ?: [],
);
$findings = 0;
$reading = $assessing = 0.0;
for ($i = 0; $i < 10_000; $i++) {
    $start = hrtime(true);
    $sheet = JobSheet::ofJson($sheets[$i % count($sheets)], Subjects::dictionary());
    $read = hrtime(true);
    $findings += count(Assessment::of($sheet)->findings);
    $reading += ($read - $start) / 1e9;
    $assessing += (hrtime(true) - $read) / 1e9;
}
printf(
    "\n10 000 sheets: read in %.2f ms each, assessed in %.2f ms each, %d findings; peak memory %.0f MB\n",
    $reading / 10,
    $assessing / 10,
    $findings,
    memory_get_peak_usage(true) / 1e6,
);
