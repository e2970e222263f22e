<?php

declare(strict_types=1);

/*
 * A complete job entered twice without a browser: at its stations, each page and each line opened once, and on the walk, as far as that
 * asks; each box sent by itself as the page sends it. Counts what is sent and loaded and what the server took for it, so that both are
 * clocked alike. With a browser, by hand as it were: bin/count-walk.mjs.
 * Usage: php bin/clock-job.php http://127.0.0.1:PORT "car, slave, new clutch" ...
 */

use Tests\Support\Drill\Visitor;

require dirname(__DIR__).'/vendor/autoload.php';

[$url, $names] = [$argv[1] ?? '', array_slice($argv, 2)];
if ($names === []) {
    fwrite(STDERR, "Usage: php bin/clock-job.php http://127.0.0.1:PORT JOB ...\n");
    exit(2);
}
$stop = static function (string $why): never {
    fwrite(STDERR, "{$why}\n");
    exit(1);
};
try {
    $visitor = Visitor::signedIn($url);
} catch (RuntimeException $e) {
    $stop($e->getMessage());
}
$nothing = ['server' => 0.0, 'pages' => 0, 'sent' => 0, 'refused' => 0];
$counted = $nothing;
/** @return array{int, string} status and body; a redirect's is where it leads */
$ask = static function (string $path, ?array $form = null, array $headers = []) use ($visitor, &$counted): array {
    $answer = $visitor->ask($path, $form, $headers);
    // From the request sent to the first of the answer: what a browser calls waiting.
    $counted['server'] += $answer['waited'] / 1000;
    $counted[$form === null ? 'pages' : 'sent']++;

    return [$answer['status'], $answer['status'] === 302 ? $answer['to'] : $answer['body']];
};
[$token, $byPage] = [$visitor->token, $visitor->byPage()];
/** @return string the address of a new job of the sort */
$begin = static function (array $job) use ($ask, $token, $stop): string {
    [, $at] = $ask('/new-job', [
        '_token' => $token, 'name' => $job['name'], 'plate' => 'ST '.random_int(10000, 99999), 'class' => $job['class'],
        'units' => 'metric',
    ]);
    $at = (string) preg_replace('~/intake$~', '', $at);

    return preg_match('~^/jobs/\d+$~', $at) === 1 ? $at : $stop("no job was opened: {$at}");
};
/** Sends one box, and says what came back. */
$send = static function (string $to, string $key, int $place, string $typed) use ($ask, $byPage, &$counted): string {
    [$status, $answer] = $ask($to, ['f' => [$key => [$place => $typed]], 'b' => [$key => [$place => 0]]], $byPage);
    $counted['refused'] += $status === 200 && ! str_contains($answer, 'data-state="refused"') ? 0 : 1;

    return $answer;
};
$print = static function (string $name, string $how) use (&$counted): void {
    printf("%-36s %-12s %6d %6d %9.1f %8d\n", $name, $how, $counted['sent'], $counted['pages'], $counted['server'], $counted['refused']);
};
printf("%-36s %-12s %6s %6s %9s %8s\n", 'job', 'where', 'sent', 'pages', 'server s', 'refused');
foreach ($names as $name) {
    $job = json_decode((string) shell_exec('php tests/Support/walk.php '.escapeshellarg($name)), true, flags: JSON_THROW_ON_ERROR);
    $counted = $nothing;
    $at = $begin($job);
    foreach ($job['walk'] as $station => $answers) {
        if ($answers === []) {
            continue;
        }
        [, $page] = $ask("{$at}/{$station}");
        $opened = [];
        foreach ($answers as $key => $values) {
            $shows = 'name="f['.$key.']';
            if (! str_contains($page.implode($opened), $shows)) {
                // The line that holds it says so; it is opened once.
                preg_match_all('/<details[^>]*>/', $page.implode($opened), $lines);
                foreach ($lines[0] as $line) {
                    $holds = preg_match('/data-holds="([^"]*)"/', $line, $m) === 1 ? explode(' ', $m[1]) : [];
                    $isPart = preg_match('/id="part-([a-z_0-9]+)"/', $line, $p) === 1 && str_starts_with($key, "{$p[1]}.");
                    $address = preg_match('/data-load="([^"]+)"/', $line, $m) === 1 ? html_entity_decode($m[1]) : '';
                    if ($address !== '' && ! isset($opened[$address]) && ($isPart || in_array($key, $holds, true))) {
                        [, $opened[$address]] = $ask((string) preg_replace('~^https?://[^/]+~', '', $address), null, $byPage);
                        break;
                    }
                }
            }
            foreach (is_array($values) ? $values : [$values] as $place => $typed) {
                $send("{$at}/{$station}", $key, $place, $typed);
            }
        }
    }
    $print($name, 'stations');

    $counted = $nothing;
    $at = $begin($job);
    $answers = array_merge(...array_values($job['walk']));
    [, $way] = $ask("{$at}/walk");
    $cards = $way;
    for ($asked = []; preg_match('/data-order="([^"]*)"/', $way, $m) === 1;) {
        $next = current(array_filter(explode(' ', $m[1]), static fn (string $k): bool => isset($answers[$k]) && ! isset($asked[$k])));
        if ($next === false) {
            break;
        }
        $asked[$next] = true;
        // What came up since the page was loaded comes by itself.
        if (preg_match('/data-steps="([^"]* )?'.preg_quote($next, '/').'[ "]/', $cards) !== 1) {
            $cards .= $ask("{$at}/walk/{$next}", null, $byPage)[1];
        }
        foreach (is_array($answers[$next]) ? $answers[$next] : [$answers[$next]] as $place => $typed) {
            $answer = $send("{$at}/walk", $next, $place, $typed);
            $way = str_contains($answer, 'data-order="') ? $answer : $way;
        }
    }
    $print($name, 'walk');
}
