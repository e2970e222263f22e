<?php

declare(strict_types=1);

use App\Models\Supplier;
use App\Shelf\KitListImport;
use App\Shelf\ShelfFilter;
use App\Shelf\ShelfRanking;
use App\Shelf\Sieve;
use Database\Seeders\InventedLists;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\CarryCase;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/*
 * Prints, in one run: how many rows of a list are taken in a second, and what ranking a shelf costs beside its sieve and beside reading
 * the rows that pass it. Usage: php -d opcache.enable_cli=1 bin/benchmark-shelf.php [kits]. Figures are for reading, not a test.
 */

require __DIR__.'/../vendor/autoload.php';

$kits = max(1000, (int) ($argv[1] ?? 50_000));
$work = sys_get_temp_dir().'/'.uniqid('shelf');
mkdir($work);
touch("{$work}/shelf.sqlite");
foreach (['APP_ENV' => 'benchmark', 'DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => "{$work}/shelf.sqlite",
    'CACHE_STORE' => 'array'] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);

$rows = 0;
[$read, $taken] = [0.0, 0.0];
foreach (InventedLists::write($work, $kits, 7) as $name => $path) {
    $start = microtime(true);
    $list = KitListImport::begin(Supplier::query()->create(['name' => $name]), $path, basename($path), 'Benchmark');
    $list->map($list->proposed());
    while (! $list->read(1.0));
    $read += microtime(true) - $start;
    $start = microtime(true);
    $list->take(false);
    $taken += microtime(true) - $start;
    $rows += $list->import()->rows_read;
}
printf("import: %d rows, read %.1f s, taken %.1f s, %.0f rows/s, at most %.0f MB\n", $rows, $read, $taken, $rows / ($read + $taken),
    memory_get_peak_usage() / 1e6);

printf("%-26s %8s %10s %10s %10s %10s %12s\n", 'job', 'pass', 'sieve ms', 'read ms', 'rank ms', 'rank less', '÷ reading');
$median = static function (callable $work): float {
    for ($i = 0; $i < 7; $i++) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[3];
};
foreach (glob(database_path('demo/[0-9]*.json')) ?: [] as $file) {
    $sheet = JobSheet::ofJson((string) file_get_contents($file), Subjects::dictionary());
    $case = CarryCase::of($sheet);
    if ($case->engine === null || $case->wanted === null) {
        continue;
    }
    $sieve = Sieve::of($sheet, $case);
    $passing = static fn () => $sieve->carrying($sieve->passing(DB::table('kits')), true);
    $pass = $passing()->count();
    $sieved = $median(static fn () => [$sieve->passing(DB::table('kits'))->count(), $passing()->count()]);
    // The same rows as the models of the application read them, with nothing done to them.
    $readAlone = $median(static function () use ($passing): void {
        foreach ($passing()->join('kit_details', 'kit_details.kit_id', '=', 'kits.id')->select(['kits.id', 'facts'])->cursor() as $row) {
            FieldValues::ofBase(Subjects::dictionary(), (array) json_decode((string) $row->facts, true));
        }
    });
    $ranked = $median(static fn () => ShelfRanking::of($sheet, ShelfFilter::none(), 15));
    printf("%-26s %8d %10.1f %10.1f %10.1f %10.1f %12.1f\n", substr(basename($file, '.json'), 0, 26), $pass, $sieved, $readAlone, $ranked,
        $ranked - $sieved, ($ranked - $sieved) / max(0.1, $readAlone));
}
printf("at most %.0f MB\n", memory_get_peak_usage() / 1e6);
File::deleteDirectory($work);
