<?php

declare(strict_types=1);

/*
 * For a server: opcache.preload = …/bootstrap/preload.php. Loads the workshop's own classes, with what they are built on, once when
 * PHP starts instead of file by file with every request. After an upgrade PHP has to be started anew.
 */

require dirname(__DIR__).'/vendor/autoload.php';

foreach (['core' => 'Spindle', 'app' => 'App'] as $folder => $namespace) {
    $root = dirname(__DIR__)."/{$folder}/";
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        $class = $namespace.'\\'.strtr(substr((string) $file, strlen($root), -4), '/', '\\');
        class_exists($class) || interface_exists($class) || trait_exists($class) || enum_exists($class);
    }
}
