<?php

declare(strict_types=1);

/*
 * For bin/load and bin/restore-drill, in the shop they make.
 * php bin/load-shop.php PEOPLE         a person, a job and a photo for each who will work at once
 * php bin/load-shop.php --held FILE [BEFORE]    whether every entry that was confirmed, before that moment in ms, is there
 * php bin/load-shop.php --print        a line for each table and photo with the hash of everything in it, to compare two shops
 */

use App\Changes\SheetImport;
use App\Models\Reading;
use App\Models\User;
use App\Photos\CleanPicture;
use App\Photos\PhotoStore;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Spindle\Sheet\Document;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
if (! $app->environment('benchmark')) {
    fwrite(STDERR, "Only for the shop that bin/load makes.\n");
    exit(2);
}

if ($argv[1] === '--held') {
    $before = (int) ($argv[3] ?? PHP_INT_MAX);
    $told = array_filter(
        json_decode((string) file_get_contents($argv[2]), true, 8, JSON_THROW_ON_ERROR),
        static fn (array $entry): bool => $entry['at'] < $before,
    );
    $lost = 0;
    foreach ($told as $entry) {
        $lost += Reading::query()->where('clutch_job_id', $entry['job'])->where('field', $entry['field'])->where('typed', $entry['typed'])
            ->where('kind', Reading::ENTRY)->exists() ? 0 : 1;
    }
    printf("%d entries confirmed, %d of them not there\n", count($told), $lost);
    exit($lost === 0 && $told !== [] ? 0 : 1);
}

if ($argv[1] === '--print') {
    // What is of the moment, and the log, in which the restoring itself is written down.
    $passing = ['sessions', 'cache', 'cache_locks', 'activity_log'];
    foreach (array_column(Schema::getTables(), 'name') as $table) {
        if (! in_array($table, $passing, true) && ! str_starts_with($table, 'sqlite_')) {
            [$hash, $rows] = [hash_init('sha256'), 0];
            foreach (DB::table($table)->orderByRaw('rowid')->cursor() as $row) {
                hash_update($hash, serialize((array) $row));
                $rows++;
            }
            printf("%s %d %s\n", $table, $rows, hash_final($hash));
        }
    }
    foreach (Storage::disk('local')->files('photos') as $photo) {
        printf("%s %s\n", $photo, hash_file('sha256', Storage::disk('local')->path($photo)));
    }
    exit(0);
}

$sheets = glob(database_path('demo/[0-9]*.json')) ?: [];
for ($i = 1; $i <= (int) $argv[1]; $i++) {
    $person = User::factory()->create(['name' => "Person {$i}", 'login' => "person{$i}", 'password' => 'a long enough secret']);
    $document = Document::ofJson((string) file_get_contents($sheets[$i % count($sheets)]));
    $job = (new SheetImport($person))->importOwn(
        $document->with(['demo_sign'], null)->with(['vehicle', 'plate'], sprintf('LD %04d', $i))->with(['vehicle', 'number'], ''),
    );
    $image = imagecreatetruecolor(640, 480);
    imagefilledellipse($image, 320, 240, 30 + $i, 90, (int) imagecolorallocate($image, $i % 250, 120, 90));
    ob_start();
    imagejpeg($image);
    (new PhotoStore($job, $person))->keep(CleanPicture::of((string) ob_get_clean()), 'strip', null, "Face of job {$i}");
}
