<?php

declare(strict_types=1);

/*
 * Dependencies point one way. Vehicle, Quantity and Limit may be used by every room of the core; JobSheet may use all;
 * nothing in the core knows the framework or does input or output.
 */

const ROOMS = [
    'Quantity' => [],
    'Vehicle' => [],
    'Limit' => ['Quantity', 'Vehicle'],
    'Demand' => ['Quantity', 'Limit', 'Vehicle'],
    'Capacity' => ['Quantity', 'Limit', 'Vehicle', 'Demand'],
    'Inspection' => ['Quantity', 'Limit', 'Vehicle'],
    'Kit' => ['Quantity', 'Limit', 'Vehicle', 'Demand'],
    'Release' => ['Quantity', 'Limit', 'Vehicle'],
    'Hydraulics' => ['Quantity', 'Limit', 'Vehicle'],
    'Proving' => ['Quantity', 'Limit', 'Vehicle'],
    'Triage' => ['Quantity', 'Limit', 'Vehicle'],
    'JobSheet' => ['Quantity', 'Limit', 'Vehicle', 'Demand', 'Capacity', 'Inspection', 'Kit', 'Release', 'Hydraulics', 'Proving', 'Triage'],
];

/** @return array<string, string> room/file => source */
function coreFiles(): array
{
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core', FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
            $files[substr($file->getPathname(), strlen(dirname(__DIR__, 2).'/core/'))] = (string) file_get_contents($file->getPathname());
        }
    }

    return $files;
}

it('lets each room of the core use only the rooms below it', function () {
    foreach (coreFiles() as $path => $source) {
        $room = explode('/', $path)[0];
        expect(ROOMS)->toHaveKey($room);
        preg_match_all('/\bSpindle\\\\([A-Z]\w+)/', $source, $m);
        foreach (array_unique($m[1]) as $used) {
            expect($used === $room || in_array($used, ROOMS[$room], true))->toBeTrue("{$path} uses {$used}");
        }
    }
});

it('keeps the core free of the framework and of input and output', function () {
    $forbidden = '/\b(Illuminate|Laravel|App\\\\|Symfony|Carbon)\b|\b(fopen|file_get_contents|file_put_contents|curl_\w+|echo|print|var_dump|getenv|time|date|rand|mt_rand|random_int)\s*\(|\$_(GET|POST|SERVER|ENV|SESSION)|new (PDO|\\\\?DateTime)/';
    foreach (coreFiles() as $path => $source) {
        $code = implode('', array_map(
            static fn (array|string $t): string => is_array($t) ? (in_array($t[0], [T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING], true) ? ' ' : $t[1]) : $t,
            token_get_all($source),
        ));
        expect(preg_match($forbidden, $code, $m))->toBe(0, "{$path}: ".($m[0] ?? ''));
    }
});

it('makes every class of the core final, and every value of it unchangeable', function () {
    foreach (coreFiles() as $path => $source) {
        expect(preg_match('/^(final |abstract readonly class Quantity|enum |interface )/m', $source))->toBe(1, $path)
            ->and(str_contains($source, 'declare(strict_types=1);'))->toBeTrue($path);
    }
});

it('keeps every file of the core short enough to read at one sitting', function () {
    foreach (coreFiles() as $path => $source) {
        expect(substr_count($source, "\n"))->toBeLessThan(340, $path);
    }
});
