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
// What every page is drawn with.
foreach (
    [
        Illuminate\Container\Attributes\CurrentUser::class, Illuminate\Database\Eloquent\Relations\HasMany::class,
        Illuminate\Database\Eloquent\Relations\HasOne::class, Illuminate\Foundation\Vite::class,
        Illuminate\Pagination\LengthAwarePaginator::class, Illuminate\Routing\ControllerDispatcher::class,
        Illuminate\Routing\RouteUrlGenerator::class, Illuminate\Routing\UrlGenerator::class, Illuminate\Support\HtmlString::class,
        Illuminate\Support\HigherOrderCollectionProxy::class, Illuminate\Support\MessageBag::class,
        Illuminate\Support\Stringable::class, Illuminate\View\AnonymousComponent::class,
        Illuminate\View\ComponentAttributeBag::class, Illuminate\View\ComponentSlot::class,
        Illuminate\View\Engines\CompilerEngine::class, Illuminate\View\View::class, Illuminate\View\ViewName::class,
    ] as $class
) {
    class_exists($class);
}
