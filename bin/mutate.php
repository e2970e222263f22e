<?php

declare(strict_types=1);

use App\Changes\SheetImport;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
/*
 * Spoils job sheets at random and puts them through the core, and some of them through the whole application:
 *   php bin/mutate.php [--sheets=20000] [--imports=500] [--seed=1]
 * Each sheet has to be refused with a reason, or assessed without an exception and with finite figures; each import has to be
 * refused, or every page, print and file of its job has to show. Works on a database of its own in memory.
 */

use Illuminate\Support\Facades\Auth;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;
use Tests\Support\EveryPage;
use Tests\Support\MutatedSheets;

foreach (
    [
        'DB_DATABASE' => ':memory:',
        'APP_ENV' => 'testing',
        'APP_KEY' => 'base64:'.base64_encode(random_bytes(32)),
        'APP_CONFIG_CACHE' => sys_get_temp_dir().'/none.php',
        'SPINDLE_DEMO' => 'false',
        'SESSION_DRIVER' => 'array',
        'CACHE_STORE' => 'array',
    ] as $name => $value
) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$options = getopt('', ['sheets:', 'imports:', 'seed:']);
$number = static fn (string $name, int $default): int => is_numeric($options[$name] ?? null) ? (int) $options[$name] : $default;
[$sheets, $imports, $seed] = [$number('sheets', 20_000), $number('imports', 500), $number('seed', 1)];
$faults = [];

$mutated = MutatedSheets::ofDemo($seed);
$count = ['refused' => 0, 'assessed' => 0];
for ($i = 0; $i < $sheets; $i++) {
    $json = $mutated->next();
    try {
        foreach (Assessment::of(JobSheet::ofJson($json, Subjects::dictionary()))->figures as $figure) {
            if (is_float($figure->value) && ! is_finite($figure->value)) {
                $faults[] = "{$figure->name} is not finite: {$json}";
            }
        }
        $count['assessed']++;
    } catch (SheetError) {
        $count['refused']++;
    } catch (Throwable $e) {
        $faults[] = $e::class.": {$e->getMessage()} at {$e->getFile()}:{$e->getLine()}: {$json}";
    }
}
printf("%d sheets: %d refused with a reason, %d assessed, %d faults\n", $sheets, $count['refused'], $count['assessed'], count($faults));

$app->make(Kernel::class)->call('migrate', ['--force' => true]);
$user = User::query()->create([
    'login' => 'mutate',
    'name' => 'Mutating script',
    'role' => Role::Lead,
    'password' => bin2hex(random_bytes(12)),
]);
Auth::login($user);
$mutated = MutatedSheets::ofDemo($seed + 1);
$taken = $pages = 0;
for ($i = 0; $i < $imports; $i++) {
    $json = $mutated->next();
    try {
        $job = (new SheetImport($user))->import($json);
    } catch (SheetError) {
        continue;
    } catch (Throwable $e) {
        $faults[] = $e::class.": {$e->getMessage()} at {$e->getFile()}:{$e->getLine()}: {$json}";

        continue;
    }
    $taken++;
    foreach (EveryPage::of($job) as $path => $fault) {
        $pages++;
        if ($fault !== '') {
            $faults[] = "{$path}: {$fault}: {$json}";
        }
    }
}
printf("%d imports: %d taken in, %d pages shown\n", $imports, $taken, $pages);
foreach (array_slice($faults, 0, 20) as $fault) {
    fwrite(STDERR, substr($fault, 0, 2000)."\n");
}
printf("seed %d: %d faults\n", $seed, count($faults));
exit($faults === [] ? 0 : 1);
