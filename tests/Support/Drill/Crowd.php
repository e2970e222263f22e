<?php

declare(strict_types=1);

namespace Tests\Support\Drill;

use CURLFile;
use Database\Seeders\DemoSeeder;
use PDO;

/**
 * Who works at a server at the same time: people entering, files taken in, photos kept, instruments sending, kits put on the shelf,
 * orders, people signing in, tasks laid, rules set. Each thing that was confirmed can be looked for afterwards.
 */
final class Crowd
{
    public const ROWS = 40;

    /** Open jobs of the demonstration, one for each who enters, and the field they enter into. */
    private const PLACES = [12 => 'strip', 2 => 'strip', 3 => 'strip', 4 => 'strip', 9 => 'strip', 13 => 'strip'];

    /** Instruments arm for a person, and each person has one field that waits. */
    private const INSTRUMENTS = 4;

    /** @var array<string, string> what is sent with each person's forms, by task */
    private array $tokens = [];

    /** @var array<int, array{int, string}> id and token of each instrument */
    private array $devices = [];

    public function __construct(private readonly Server $server)
    {
        $picture = imagecreatetruecolor(320, 240);
        imagejpeg($picture, "{$server->work}/photo.jpg");
        $db = $server->database();
        $hash = password_hash(DemoSeeder::PASSWORD, PASSWORD_ARGON2ID, ['memory_cost' => 64, 'time_cost' => 1, 'threads' => 1]);
        $people = [...array_keys($this->people()), 'guest', 'changer'];
        foreach ($people as $i => $login) {
            $db->prepare('insert into users (name, login, role, password, name_key, created_at) values (?, ?, ?, ?, ?, ?)')
                ->execute(["Drill {$login}", $login, 'lead', $hash, "drill {$login}", '2026-01-01 00:00:00']);
        }
        $group = $server->start();
        foreach (array_keys($this->people()) as $login) {
            $this->tokens[$login] = $server->signIn($login, $login, DemoSeeder::PASSWORD);
        }
        for ($i = 1; $i <= self::INSTRUMENTS; $i++) {
            [, , $page] = $this->post("instrument{$i}", '/instruments/devices', ['name' => "Gauge {$i}", 'instrument' => 'calliper']);
            [, , $page] = $server->ask("instrument{$i}", '/instruments');
            preg_match('/spindle_\w+|\d+\|\w{20,}/', $page, $m);
            $id = (int) $db->query("select id from devices where name = 'Gauge {$i}'")->fetchColumn();
            $this->devices[$i] = [$id, html_entity_decode($m[0] ?? '')];
        }
        $server->kill($group);
    }

    /** @return array<string, callable(int, int): ?string> by login: one piece of work, which gives what was confirmed, or nothing */
    public function people(): array
    {
        $people = [];
        foreach (array_keys(self::PLACES) as $n => $job) {
            $people["entries{$n}"] = fn (int $cycle, int $i): ?string => $this->enter("entries{$n}", $job, $cycle, $i);
        }
        for ($i = 1; $i <= self::INSTRUMENTS; $i++) {
            $people["instrument{$i}"] = fn (int $cycle, int $n): ?string => $this->measure($i, $cycle, $n);
        }

        return [
            ...$people,
            'files' => $this->takeIn(...), 'photos' => $this->photograph(...), 'shelf' => $this->shelve(...), 'orders' => $this->order(...),
            'signins' => $this->signIn(...), 'board' => $this->lay(...), 'rules' => $this->rule(...),
        ];
    }

    /** @return array<string, string> by kind of work, the query that gives what is there */
    public static function there(): array
    {
        return [
            'entries' => "select typed from readings where field = 'disc.runout' and kind = 'entry'",
            'instrument' => "select clutch_job_id || ' ' || typed from readings where by_name like '%by Gauge%'",
            'files' => "select plate from vehicles where plate like 'KD%'",
            'photos' => "select caption from photos where caption like 'drill %'",
            'shelf' => "select number from kits where number like 'DK%'",
            'orders' => "select number from order_steps where number like 'DO%' and state in ('ordered', 'back_order')",
            'signins' => "select json_extract(properties, '$.signed_in_from') || ' ' || id from activity_log where description = "
                ."'Drill guest signed in.'",
            'board' => "select substr(description, instr(description, 'from ') + 5, 16) from activity_log where log_name = 'board'",
            'rules' => "select value from shop_figures where section = 'calendar'",
        ];
    }

    /**
     * @param  array<string, mixed>  $form
     * @return array{int, string, string}
     */
    private function post(string $who, string $path, array $form): array
    {
        return $this->server->ask($who, $path, ['_token' => $this->tokens[$who], ...$form]);
    }

    private function enter(string $who, int $job, int $cycle, int $i): ?string
    {
        $shown = (int) $this->server->database()->query("select max(seq) from readings where clutch_job_id = {$job} and field = "
            ."'disc.runout' and kind = 'entry'")->fetchColumn();
        $typed = sprintf('0.%02d%03d%02d%02d mm', 10 + $cycle % 80, $i, intdiv($cycle, 80), $job);
        [$status, , $body] = $this->server->ask($who, "/jobs/{$job}/strip", http_build_query(['f' => ['disc.runout' => [$typed]],
            'b' => ['disc.runout' => [$shown]]]), ['HX-Request: true', "X-CSRF-TOKEN: {$this->tokens[$who]}", 'X-Seen: none:0']);

        return self::done($status, $status === 200 && str_contains($body, 'data-state="kept"'), $typed, $body);
    }

    private function measure(int $n, int $cycle, int $i): ?string
    {
        $job = [2, 3, 9, 12][$n - 1];
        [$device, $token] = $this->devices[$n];
        [$status] = $this->post("instrument{$n}", "/jobs/{$job}/arm", ['device' => $device, 'field' => 'disc.thickness', 'position' => 2]);
        if ($status !== 302) {
            return self::done($status, false, '', 'not armed');
        }
        $value = sprintf('7.%03d%03d', $cycle % 1000, $i);
        [$status, , $body] = $this->server->ask("device{$n}", '/api/readings', (string) json_encode(['value' => $value, 'unit' => 'mm',
            'id' => "{$cycle}-{$i}"]), ["Authorization: Bearer {$token}", 'Content-Type: application/json', 'Accept: application/json']);

        return self::done($status, $status === 200, "{$job} {$value} mm", $body);
    }

    private function takeIn(int $cycle, int $i): ?string
    {
        $plate = "KD{$cycle}X{$i}";
        $log = array_map(static fn (int $n): array => ['seq' => $n, 'field' => 'disc.runout', 'typed' => sprintf('0.%02d mm', 10 + $n),
            'by' => 'Drill', 'at' => '2026-11-02T09:00:00Z'], range(1, self::ROWS - 3));
        $sheet = ['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['name' => 'Drill', 'class' => 'van',
            'plate' => $plate], 'readings' => ['disc.runout' => sprintf('0.%02d mm', 10 + self::ROWS - 3)], 'log' => $log];
        file_put_contents($file = "{$this->server->work}/sheet-{$cycle}.json", json_encode($sheet));
        [$status, $headers] = $this->post('files', '/import', ['file' => new CURLFile($file)]);

        return self::done($status, $status === 302 && preg_match('~^Location: .*/jobs/\d+/~mi', $headers) === 1, $plate, $headers);
    }

    private function photograph(int $cycle, int $i): ?string
    {
        $caption = "drill {$cycle} {$i}";
        [$status, $headers] = $this->post('photos', '/jobs/12/photos', ['station' => 'strip', 'part' => 'disc', 'caption' => $caption,
            'photo' => new CURLFile("{$this->server->work}/photo.jpg", 'image/jpeg')]);

        return self::done($status, $status === 302 && str_contains($headers, '/jobs/12/strip'), $caption, $headers);
    }

    private function shelve(int $cycle, int $i): ?string
    {
        $number = "DK{$cycle}X{$i}";
        [$status, $headers] = $this->post('shelf', '/shelf/new', ['supplier' => 'Drill', 'kit[number]' => $number,
            'kit[name]' => 'Drill kit', 'kit[lining_outer]' => '240 mm']);

        return self::done($status, $status === 302 && preg_match('~^Location: .*/shelf/\d+~mi', $headers) === 1, $number, $headers);
    }

    private function order(int $cycle, int $i): ?string
    {
        // Another part each time, by a number that the simulated counter has in stock.
        $number = "DO{$cycle}X{$i}0";
        [$status] = $this->post('orders', '/jobs/3/parts/order', ['part' => 'pilot', 'number' => $number, 'quantity' => '1']);
        if ($status !== 302) {
            return self::done($status, false, '', 'not ordered');
        }
        [$status, , $body] = $this->server->ask('orders', '/jobs/3/parts');

        return self::done($status, $status === 200 && str_contains($body, "{$number}: Ordered"), $number, mb_substr($body, 0, 200));
    }

    private function signIn(int $cycle, int $i): ?string
    {
        [$status, , $page] = $this->server->ask("guest{$cycle}x{$i}", '/sign-in');
        preg_match('/name="_token" value="([^"]+)"/', $page, $m);
        [$status, $headers] = $this->server->ask("guest{$cycle}x{$i}", '/sign-in', ['_token' => $m[1] ?? '', 'login' => 'guest',
            'password' => DemoSeeder::PASSWORD]);
        @unlink("{$this->server->work}/jar-guest{$cycle}x{$i}");

        return self::done($status, $status === 302 && ! str_contains($headers, '/sign-in'), '127.0.0.1', $headers);
    }

    private function lay(int $cycle, int $i): ?string
    {
        $day = date('Y-m-d', strtotime('next monday') + 7 * 86_400 * ($cycle % 200));
        $time = sprintf('%02d:%02d', 8 + $i % 4, 15 * intdiv($i, 4) % 60);
        [$status, $headers] = $this->post('board', '/board', ['job' => 2, 'task' => 'fitting', 'day' => $day, 'time' => $time,
            'hours' => '0.25']);

        return self::done($status, $status === 302 && str_contains($headers, "day={$day}"), "{$day} {$time}", $headers);
    }

    private function rule(int $cycle, int $i): ?string
    {
        $why = "drill {$cycle} {$i}";
        [$status, $headers] = $this->post('rules', '/rules/closed', ['day' => '2030-05-0'.(1 + $i % 9), 'why' => $why]);

        return self::done($status, $status === 302, $why, $headers);
    }

    /** @throws Refused when the server is there and did not take it */
    private static function done(int $status, bool $isConfirmed, string $what, string $answer): ?string
    {
        if ($status === 0) {
            return null;
        }

        return $isConfirmed ? $what : throw new Refused("{$status}: ".trim(strip_tags($answer)));
    }

    /** @return list<string> what is there by half */
    public static function halves(PDO $db, string $work): array
    {
        $faults = [];
        foreach ($db->query("select v.plate, count(distinct j.id) jobs, count(r.id) rows, count(distinct s.clutch_job_id) standings
            from vehicles v left join clutch_jobs j on j.vehicle_id = v.id left join readings r on r.clutch_job_id = j.id
            left join job_standings s on s.clutch_job_id = j.id where v.plate like 'KD%' group by v.id") as $row) {
            if ([(int) $row['jobs'], (int) $row['rows'], (int) $row['standings']] !== [1, self::ROWS, 1]) {
                $faults[] = "the file of {$row['plate']} is there by half: {$row['jobs']} jobs, {$row['rows']} of ".self::ROWS.' rows';
            }
        }
        foreach ($db->query("select file, sha256 from photos where caption like 'drill %'") as $row) {
            $file = "{$work}/photos/{$row['file']}";
            if (! is_file($file) || hash_file('sha256', $file) !== $row['sha256']) {
                $faults[] = "the photo {$row['file']} is not there whole";
            }
        }
        // What changes anything is in the log in the same transaction.
        foreach ([
            'kits' => "select count(*) from kits k where number like 'DK%' and not exists (select 1 from activity_log a where a.description
                like 'Put ' || k.number || ',%')",
            'orders' => "select count(*) from order_steps o where number like 'DO%' and not exists (select 1 from activity_log a
                where a.log_name = 'orders' and a.description like '%' || o.number || '%')",
            'rules' => "select count(*) from shop_figures f where section = 'calendar' and not exists (select 1 from activity_log a
                where a.log_name = 'rules' and a.description like '%' || f.value || '.')",
        ] as $what => $sql) {
            $missing = (int) $db->query($sql)->fetchColumn();
            if ($missing > 0) {
                $faults[] = "{$what}: {$missing} changes are not in the log";
            }
        }
        $check = $db->query('pragma integrity_check')->fetchAll(PDO::FETCH_COLUMN);
        if ($check !== ['ok']) {
            $faults[] = 'the database is damaged: '.implode(', ', $check);
        }
        if ($db->query('pragma foreign_key_check')->fetchAll(PDO::FETCH_COLUMN) !== []) {
            $faults[] = 'rows point nowhere';
        }

        return $faults;
    }
}
