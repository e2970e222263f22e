<?php

declare(strict_types=1);

/*
 * The application's own front door with one route more: a bare one, with sessions and sign-in like every page and nothing behind
 * it. Served only by bin/benchmark-http and bin/load.
 */

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Facade;
use Illuminate\Support\Facades\Route;

define('LARAVEL_START', microtime(true));
require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$app->instance('request', $request = Request::capture());
Facade::clearResolvedInstance('request');
$kernel->bootstrap();
// After the cached routes, which would replace it.
Route::get('/bare', static fn (): string => 'ok')->middleware(['web', 'auth']);
$response = $kernel->handle($request)->send();
$kernel->terminate($request, $response);
