<?php

declare(strict_types=1);

use Database\Seeders\DemoSeeder;
use Tests\Support\Drill\Server;

/* A disk gives back other bytes than it was given: whoever asks is told, and never gets half a page as if it were a whole one. */

/** @return string what is wrong with an answer; empty where it is whole or says that something is the matter */
function halfOf(int $status, string $headers, string $body, string $whole): string
{
    if ($status !== 200) {
        return $status >= 300 ? '' : "answers {$status}";
    }

    return match (true) {
        str_contains($headers, 'text/html') => str_contains($body, '</html>') ? '' : 'half a page',
        str_contains($headers, 'application/json') => json_decode($body) === null ? 'half a file' : '',
        default => $body === $whole ? '' : 'another file, and no word of it',
    };
}

it('answers whole or not at all where pages of the database are damaged', function () {
    $server = new Server(base_path(), 2);
    $files = ['/', '/jobs/2/strip', '/jobs/1/record', '/jobs/1/sheet', '/jobs/1/sheet.json', '/jobs/2/readings.csv', '/shelf',
        '/shelf/list.csv',        '/history', '/log'];
    try {
        $group = $server->start();
        $server->signIn('ines', 'ines', DemoSeeder::PASSWORD);
        $whole = [];
        foreach ($files as $path) {
            [$status, , $whole[$path]] = $server->ask('ines', $path);
            expect($status)->toBe(200, $path);
        }
        $server->kill($group);
        $db = $server->database();
        $db->exec('pragma wal_checkpoint(truncate)');
        unset($db);
        $kept = (string) file_get_contents("{$server->work}/drill.sqlite");
        $pages = intdiv(strlen($kept), 4096);
        mt_srand(7);
        $wrong = [];
        $told = 0;
        foreach (range(1, 6) as $round) {
            $damaged = $kept;
            // One page in four, never the first, which says what kind of file it is.
            for ($page = 1; $page < $pages; $page++) {
                if (mt_rand(0, 3) === 0) {
                    $damaged = substr_replace($damaged, str_repeat(chr(mt_rand(0, 255)), 4096), 4096 * $page, 4096);
                }
            }
            array_map(static fn (string $of): bool => @unlink("{$server->work}/drill.sqlite{$of}"), ['-wal', '-shm']);
            file_put_contents("{$server->work}/drill.sqlite", $damaged);
            $group = $server->start();
            foreach ($files as $path) {
                [$status, $headers, $body] = $server->ask('ines', $path);
                $half = halfOf($status, $headers, $body, $whole[$path]);
                $told += $status >= 400 ? 1 : 0;
                $wrong = $half === '' ? $wrong : [...$wrong, "round {$round}, {$path}: {$half}"];
            }
            $server->kill($group);
        }
        expect($wrong)->toBe([])->and($told)->toBeGreaterThan(10);
    } finally {
        $server->remove();
    }
});

it('makes the file of sessions anew where it is damaged, and asks to sign in again', function (int $from) {
    $server = new Server(base_path(), 2);
    try {
        $group = $server->start();
        $server->signIn('ines', 'ines', DemoSeeder::PASSWORD);
        $server->kill($group);
        $file = "{$server->work}/drill.sqlite-sessions";
        (new PDO("sqlite:{$file}"))->exec('pragma wal_checkpoint(truncate)');
        $bytes = (string) file_get_contents($file);
        file_put_contents($file, substr_replace($bytes, str_repeat("\xA5", strlen($bytes) - $from), $from));
        array_map(static fn (string $of): bool => @unlink($file.$of), ['-wal', '-shm']);
        $group = $server->start();
        foreach (range(1, 6) as $n) {
            [$status, $headers, $body] = $server->ask('ines', '/');
            expect(halfOf($status, $headers, $body, ''))->toBe('');
        }
        // After some refusals everybody can sign in again.
        expect($server->signIn('again', 'bram', DemoSeeder::PASSWORD))->not->toBe('');
        $server->kill($group);
    } finally {
        $server->remove();
    }
})->with(['from the first page' => [0], 'from the second' => [4096], 'in the middle' => [5000]]);
