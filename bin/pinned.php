#!/usr/bin/env php
<?php

declare(strict_types=1);

/*
 * What Composer resolves, held still: composer.pinned.json lists every package with its version and a hash over its files. The registry
 * this project builds from serves a part of the packages only, and Composer is set there to write no lock file; this list takes its
 * place (docs/decisions/pinned-packages.md).
 *   bin/pinned.php write            from vendor/ as it is, after a package was changed on purpose
 *   bin/pinned.php with [--no-dev]  the versions as arguments of "composer update"
 *   bin/pinned.php check [FOLDER]   whether the packages in a folder are these
 */

$root = dirname(__DIR__);
$list = "{$root}/composer.pinned.json";
[$what, $folder] = [$argv[1] ?? '', is_dir($argv[2] ?? '') ? $argv[2] : "{$root}/vendor"];
$pinned = is_file($list) ? json_decode((string) file_get_contents($list), true, 8, JSON_THROW_ON_ERROR) : [];

/** Over the names and contents of all files of a package, in order. Links are none of its files. */
$hash = static function (string $of): string {
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($of, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->isFile() && ! $file->isLink()) {
            $files[substr((string) $file, strlen($of))] = hash_file('sha256', (string) $file);
        }
    }
    ksort($files, SORT_STRING);

    return hash('sha256', json_encode($files, JSON_THROW_ON_ERROR));
};
$installed = static function () use ($folder): array {
    $read = json_decode((string) @file_get_contents("{$folder}/composer/installed.json"), true);
    $dev = array_flip($read['dev-package-names'] ?? []);
    $packages = [];
    foreach ($read['packages'] ?? [] as $package) {
        $packages[$package['name']] = [$package['version'], isset($dev[$package['name']])];
    }
    ksort($packages);

    return $packages;
};

if ($what === 'write') {
    $packages = [];
    foreach ($installed() as $name => [$version, $isDev]) {
        $packages[$name] = ['version' => $version, 'sha256' => $hash("{$folder}/{$name}")] + ($isDev ? ['dev' => true] : []);
    }
    file_put_contents($list, json_encode($packages, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
    echo count($packages)," packages\n";
} elseif ($what === 'with') {
    foreach ($pinned as $name => $package) {
        if (! in_array('--no-dev', $argv, true) || ! ($package['dev'] ?? false)) {
            echo "--with {$name}:{$package['version']}\n";
        }
    }
} elseif ($what === 'check') {
    $faults = [];
    foreach ($installed() as $name => [$version, $isDev]) {
        $faults[] = match (true) {
            ! isset($pinned[$name]) => "{$name} {$version} is not on the list",
            $pinned[$name]['version'] !== $version => "{$name} is {$version}, and {$pinned[$name]['version']} is on the list",
            $pinned[$name]['sha256'] !== $hash("{$folder}/{$name}") => "{$name} {$version} has other files than the list says",
            default => null,
        };
    }
    $faults = array_filter($faults);
    $installed() === [] && $faults[] = "there are no packages in {$folder}";
    array_map(static fn (string $fault): int|false => fwrite(STDERR, "{$fault}\n"), $faults);
    exit($faults === [] ? 0 : 1);
} else {
    fwrite(STDERR, "bin/pinned.php write | with [--no-dev] | check [FOLDER]\n");
    exit(2);
}
