<?php

declare(strict_types=1);

/*
 * Asks a running server for its main pages, one after the other and in turns, and prints each beside the bare route of the same run.
 * Started by bin/benchmark-http: php bin/benchmark-client.php URL [rounds]. Figures are for reading, not a test.
 */

use Tests\Support\Drill\Visitor;

require dirname(__DIR__).'/vendor/autoload.php';

[$url, $rounds] = [$argv[1] ?? '', max(5, (int) ($argv[2] ?? 60))];
try {
    $visitor = Visitor::signedIn($url);
} catch (RuntimeException $e) {
    fwrite(STDERR, "{$e->getMessage()}\n");
    exit(2);
}
/** @return array{int, string, float} status, body and milliseconds */
$ask = static function (string $path, ?array $form = null, array $headers = []) use ($visitor): array {
    $answer = $visitor->ask($path, $form, $headers);

    return [$answer['status'], $answer['body'], $answer['ms']];
};

/** Asks for views in turns, as often as there are rounds, and prints each beside the bare one. */
$inTurns = static function (array $views) use ($rounds): void {
    [$times, $sizes, $bare] = [[], [], 1.0];
    for ($round = 0; $round < $rounds + 3; $round++) {
        foreach ($views as $name => $view) {
            [$status, $body, $ms] = $view();
            if ($status !== 200) {
                fwrite(STDERR, "{$name} answered {$status}\n");
                exit(1);
            }
            // The first rounds warm up.
            if ($round >= 3) {
                $times[$name][] = $ms;
                $sizes[$name] = strlen($body);
            }
        }
    }
    foreach ($times as $name => $all) {
        sort($all);
        $median = $all[intdiv(count($all), 2)];
        $bare = $name === 'bare' ? $median : $bare;
        printf("%-28s %10.1f %10.1f %8.1f %10d\n", $name, $median, $all[(int) floor(0.95 * (count($all) - 1))], $median / $bare,
            $sizes[$name]);
    }
};

$token = $visitor->token;
preg_match('/name="b\[flywheel\.flatness\]\[0\]" value="(\d+)"/', $ask('/jobs/12/strip?part=flywheel')[1], $m);
$shown = (int) ($m[1] ?? 0);
$typed = 0;
$seen = [];
$note = static function (string $html) use (&$seen): void {
    preg_match_all('/ id="([^"]+)"[^>]* data-seen="([^"]+)"/', $html, $m, PREG_SET_ORDER);
    foreach ($m as [, $id, $print]) {
        $seen[$id] = $print;
    }
};
$note($ask('/jobs/12/strip?part=flywheel')[1]);
$save = static function () use ($ask, $token, $note, &$shown, &$typed, &$seen): array {
    // As the page sends it: one entry, with the row seen and what the page shows already.
    $answer = $ask(
        '/jobs/12/strip?part=flywheel',
        [
            'f' => ['flywheel.flatness' => ['0.0'.(3 + ($typed++ % 4))]],
            'b' => ['flywheel.flatness' => [$shown]],
            'i' => ['flywheel.flatness' => 'feeler_gauge'],
        ],
        [
            'HX-Request: true',
            "X-CSRF-TOKEN: {$token}",
            'X-Seen: '.
            implode(' ', array_map(static fn (string $id, string $print): string => "{$id}:{$print}", array_keys($seen), $seen)),
        ],
    );
    preg_match('/name="b\[flywheel\.flatness\]\[0\]" value="(\d+)"/', $answer[1], $m);
    $shown = (int) ($m[1] ?? $shown);
    $note($answer[1]);

    return $answer;
};
// The same on the walk, which shows one reading at a time and is answered with what became of it and the way from there.
$walked = static function () use ($ask, $token, &$shown, &$typed): array {
    $answer = $ask('/jobs/12/walk', [
        'f' => ['flywheel.flatness' => ['0.0'.(3 + ($typed++ % 4))]],
        'b' => ['flywheel.flatness' => [$shown]],
        'i' => ['flywheel.flatness' => 'feeler_gauge'],
    ], ['HX-Request: true', "X-CSRF-TOKEN: {$token}"]);
    preg_match('/name="b\[flywheel\.flatness\]\[0\]" value="(\d+)"/', $answer[1], $m);
    $shown = (int) ($m[1] ?? $shown);

    return $answer;
};
// A practice vehicle at the stations, said to be taken apart: its own file is made with it.
$ask('/practice/stations', ['_token' => $token, 'seed' => 'P-15', 'class' => 'car', 'tell' => 'open']);
$ask('/practising/jobs/1/triage', ['_token' => $token, 'f' => ['triage.kind' => ['strip']], 'b' => ['triage.kind' => [0]]]);
$pages = [
    'bare' => static fn (): array => $ask('/bare'),
    'save one entry at Strip' => $save,
    'the same on the walk' => $walked,
    'strip' => static fn (): array => $ask('/jobs/12/strip'),
    'bay, 12 jobs' => static fn (): array => $ask('/'),
];
foreach (
    [
        '/jobs/12/walk',
        '/vehicles/1',
        '/jobs/11/intake',
        '/jobs/12/triage',
        '/jobs/2/demand',
        '/jobs/3/kit',
        '/jobs/8/set',
        '/jobs/2/record',
        '/jobs/1/sheet',
        '/limits',
        '/practice/P-6?m=test.t_slip',
        '/practice/P-6?m=say.strip,care,part.disc,part.flywheel',
        '/practice/P-6?m=say.strip,part.disc,close',
        '/practising/jobs/1/strip',
        '/practising/jobs/1/set',
        '/practising/jobs/1/record',
    ] as $path
) {
    $pages[$path] = static fn (): array => $ask($path);
}
printf("%-28s %10s %10s %8s %10s\n", "{$rounds} rounds in turns", 'median ms', '95 % ms', '× bare', 'bytes');
$inTurns($pages);

/* Every page of a job, of jobs early, on the way and done, and what else there is: each in turns with the bare one, the dearest named. */
$every = [
    '/board', '/history', '/shelf', '/shelf/39', '/vehicles/4', '/new-job', '/rules', '/models', '/instruments', '/evidence', '/people',
    '/log', '/import', '/guide', '/practice', '/jobs/2/plan', '/jobs/3/parts', '/jobs/2/kit/39', '/jobs/2/kit/compare?k39=1&k51=1',
    '/jobs/2/kit/held-back', '/jobs/2/driving', '/jobs/2/labels', '/jobs/1/record', '/jobs/1/strip',
];
foreach ([2, 4, 7, 10, 12, 13] as $job) {
    foreach (['intake', 'triage', 'demand', 'strip', 'kit', 'bench', 'fit', 'set', 'prove', 'record', 'walk'] as $station) {
        $every[] = "/jobs/{$job}/{$station}";
    }
}
$over = [];
foreach ($every as $path) {
    [$took, $beside] = [[], []];
    for ($round = 0; $round < max(6, intdiv($rounds, 3)); $round++) {
        [$status, , $took[]] = $ask($path);
        [, , $beside[]] = $ask('/bare');
        if ($status !== 200) {
            fwrite(STDERR, "{$path} answered {$status}\n");
            exit(1);
        }
    }
    sort($took);
    sort($beside);
    $over[$path] = $took[intdiv(count($took), 2)] / $beside[intdiv(count($beside), 2)];
}
arsort($over);
printf("\n%d pages of the demonstration: %.1f to %.1f times the bare one, half of them up to %.1f; the dearest\n", count($over), min($over),
    max($over), array_values($over)[intdiv(count($over), 2)]);
foreach (array_slice($over, 0, 12, true) as $path => $times) {
    printf("%8.1f  %s\n", $times, $path);
}

/*
 * A page of 25 jobs out of more and more: copies of the demonstration's, with what they stand at, put straight into the database.
 */
$db = new PDO('sqlite:'.getenv('DB_DATABASE'), options: [PDO::ATTR_TIMEOUT => 30, PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
printf("\n%-28s %10s %10s %8s %10s\n", 'page of 25 in turns', 'median ms', '95 % ms', '× bare', 'bytes');
foreach ([25, 1_000, 10_000] as $jobs) {
    $db->exec('BEGIN');
    for ($there = (int) $db->query('select count(*) from clutch_jobs')->fetchColumn(); $there < $jobs; $there++) {
        $of = 1 + ($there % 12);
        $db->exec(
            "insert into vehicles (name, plate, number, class, search_text, created_at, updated_at) select name || ' {$there}', 'Q ".
            "{$there}', '', class, lower(name) || ' q{$there}', created_at, updated_at from vehicles where id = (select vehicle_id ".
            "from clutch_jobs where id = {$of})",
        );
        $db->exec(
            'insert into clutch_jobs (vehicle_id, units, opened_by, created_at, updated_at, state, is_open) select '.
            "last_insert_rowid(), units, opened_by, created_at, datetime(updated_at, '-{$there} minutes'), state, is_open from ".
            "clutch_jobs where id = {$of}",
        );
        $db->exec(
            'insert into job_standings (clutch_job_id, stage, marks, worst, missing, signed_by, broken, complaint) select '.
            'last_insert_rowid(), stage, marks, worst, missing, signed_by, broken, complaint from job_standings where clutch_job_id '.
            "= {$of}",
        );
        $worn = random_int(20, 180) / 100;
        $signed = date('Y-m-d H:i:s', time() - random_int(1, 1000) * 86400);
        $db->exec(
            'insert into job_facts (clutch_job_id, vehicle_id, class, model, duty, outcome, kit, meter, since, worn, usable, planned, '
            .'taken, figures, hours, causes, marks, told, signed_at) select id, vehicle_id, \'car\', \'Model '.($there % 40)
            ."', 'town', 'strip', 'KIT-".($there % 60).'\', '.random_int(60_000, 200_000).', '.random_int(20_000, 120_000)
            .", {$worn}, 1.8, 14, 15, '{}', '{\"access\":4.5}', "
            ."'[\"lining_worn\"]', '{\"flywheel.face_runout\":\"near\"}', '{}', '{$signed}' from clutch_jobs "
            .'where id = last_insert_rowid()',
        );
    }
    // Every third vehicle of those that were made was here before.
    $db->exec('update job_facts set vehicle_id = vehicle_id - 1 where clutch_job_id > 13 and clutch_job_id % 3 = 0');
    $db->exec('COMMIT');
    $anew = static function () use ($db, $ask): array {
        $db->exec('update job_facts set signed_at = datetime(signed_at, \'+1 second\') where clutch_job_id = 20');
        $db->exec('delete from job_facts where clutch_job_id = (select max(clutch_job_id) from job_facts where clutch_job_id > 13)');

        return $ask('/history');
    };
    $inTurns([...array_map(static fn (string $path): Closure => static fn (): array => $ask($path), [
        'bare' => '/bare', "bay of {$jobs}" => '/', "bay of {$jobs}, waiting" => '/?show=parts',
        "bay of {$jobs}, searched" => '/?q=reverse', "vehicle, of {$jobs} jobs" => '/vehicles/1', "board, of {$jobs} jobs" => '/board',
        "history of {$jobs}" => '/history',
    ]), "history of {$jobs}, anew" => $anew]);
}
$began = hrtime(true);
passthru('php artisan shop:archive '.escapeshellarg(sys_get_temp_dir().'/measured-shop.zip').' >/dev/null');
printf("\narchive of the shop of 10 000 jobs: %.1f s, %.1f MB\n", (hrtime(true) - $began) / 1e9,
    filesize(sys_get_temp_dir().'/measured-shop.zip') / 1e6);
unlink(sys_get_temp_dir().'/measured-shop.zip');

/*
 * The first screen of the shelf, for a job of which the shaft is known, out of more and more kits: with the ranking remembered, and with
 * the shelf changed before each request so that it is ranked anew.
 */
printf("\n%-28s %10s %10s %8s %10s\n", 'shelf in turns', 'median ms', '95 % ms', '× bare', 'bytes');
foreach ([5_000, 50_000] as $kits) {
    $folder = sys_get_temp_dir()."/lists-{$kits}";
    passthru('php artisan kits:invent '.escapeshellarg($folder)." --kits={$kits} >/dev/null");
    foreach (glob("{$folder}/*.csv") ?: [] as $i => $list) {
        passthru('php artisan kits:import '.escapeshellarg($list)." --supplier='Measured {$kits} {$i}' --json >/dev/null");
    }
    $anew = static function () use ($db, $ask): array {
        $db->exec('update shelf_stamps set stamp = '.random_int(1, PHP_INT_MAX >> 8));

        return $ask('/jobs/2/kit');
    };
    $inTurns(['bare' => static fn (): array => $ask('/bare'), "of {$kits}" => static fn (): array => $ask('/jobs/2/kit'),
        "of {$kits}, ranked anew" => $anew, "of {$kits}, searched" => static fn (): array => $ask('/jobs/2/kit?q=tidal+260')]);
}
$db = null;

/*
 * How long anybody else waits to write while a file of the greatest length is taken in: another process asks for the turn to write
 * again and again, and prints its longest wait in milliseconds.
 */
$entries = array_map(
    static fn (int $seq): array => [
        'seq' => $seq,
        'field' => 'disc.thickness',
        'position' => $seq % 3,
        'typed' => '7.'.(3 + ($seq % 5)),
        'unit' => 'mm',
        'by' => 'N. N.',
        'at' => '2026-11-02T09:00:00Z',
    ],
    range(1, 5000),
);
$sheet = [
    'format' => 'jade-spindle/job-sheet',
    'version' => 1,
    'vehicle' => ['name' => 'Longest file', 'class' => 'car'],
    'log' => $entries,
    'notes' => array_map(
        static fn (int $n): array => ['station' => 'strip', 'text' => "Note {$n}", 'by' => 'N. N.', 'at' => '2026-11-02T09:00:00Z'],
        range(1, 1000),
    ),
    'waivers' => array_combine(
        array_map(static fn (int $n): string => "cover.flatness{$n}", range(1, 500)),
        array_fill(0, 500, ['reason' => 'customer declined', 'by' => 'N. N.', 'at' => '2026-11-02T09:00:00Z']),
    ),
];
$file = tempnam(sys_get_temp_dir(), 'bench');
file_put_contents($file, json_encode($sheet, JSON_THROW_ON_ERROR));
$asker = <<<'PHP'
$db = new PDO('sqlite:'.getenv('DB_DATABASE'), options: [PDO::ATTR_TIMEOUT => 30]);
for ($longest = 0, $end = hrtime(true) + (float) $argv[1] * 1e9; hrtime(true) < $end; usleep(2000)) {
    $start = hrtime(true);
    $db->exec('BEGIN IMMEDIATE');
    $db->exec('ROLLBACK');
    $longest = max($longest, hrtime(true) - $start);
}
echo $longest / 1e6;
PHP;
$waits = [];
for ($i = 0; $i < 5; $i++) {
    $process = proc_open([PHP_BINARY, '-r', $asker, '--', '6'], [1 => ['pipe', 'w']], $pipes);
    usleep(200_000);
    ['status' => $status, 'ms' => $took, 'to' => $where] = $visitor->upload('/import', [
        '_token' => $token, 'file' => new CURLFile($file, 'application/json', 'longest.json'),
    ]);
    if ($status !== 302 || preg_match('~/jobs/\d+~', $where) !== 1) {
        fwrite(STDERR, "The longest file was not taken in: status {$status}, on to {$where}\n");
        exit(1);
    }
    $waits[] = (float) stream_get_contents($pipes[1]);
    proc_close($process);
}
sort($waits);
printf(
    "\nA file of the greatest length (%d kB) taken in, five times: others wait for the turn to write %.0f ms (median), %.0f ms at ".
    "most; the file itself took %.0f ms\n",
    filesize($file) / 1000,
    $waits[2],
    $waits[4],
    $took,
);
unlink($file);
