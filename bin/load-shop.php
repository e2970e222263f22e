<?php

declare(strict_types=1);

/*
 * For bin/load: a person and a job for each who will work at once; afterwards, whether every entry that was confirmed is there.
 * php bin/load-shop.php PEOPLE, or php bin/load-shop.php --held FILE.
 */

use App\Changes\SheetImport;
use App\Models\Reading;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Spindle\Sheet\Document;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
if (! $app->environment('benchmark')) {
    fwrite(STDERR, "Only for the shop that bin/load makes.\n");
    exit(2);
}

if ($argv[1] === '--held') {
    $told = json_decode((string) file_get_contents($argv[2]), true, 8, JSON_THROW_ON_ERROR);
    $lost = 0;
    foreach ($told as $entry) {
        $lost += Reading::query()->where('clutch_job_id', $entry['job'])->where('field', $entry['field'])->where('typed', $entry['typed'])
            ->where('kind', Reading::ENTRY)->exists() ? 0 : 1;
    }
    printf("%d entries confirmed, %d of them not there\n", count($told), $lost);
    exit($lost === 0 && $told !== [] ? 0 : 1);
}

$sheets = glob(database_path('demo/[0-9]*.json')) ?: [];
for ($i = 1; $i <= (int) $argv[1]; $i++) {
    $person = User::factory()->create(['name' => "Person {$i}", 'login' => "person{$i}", 'password' => 'a long enough secret']);
    $document = Document::ofJson((string) file_get_contents($sheets[$i % count($sheets)]));
    (new SheetImport($person))->importOwn($document->with(['demo_sign'], null)->with(['vehicle', 'plate'], sprintf('LD %04d', $i))
        ->with(['vehicle', 'number'], ''));
}
