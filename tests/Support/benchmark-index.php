<?php

declare(strict_types=1);

/*
 * The application's own front door with one route more: a bare one, with sessions and sign-in like every page and nothing behind
 * it. Served only by bin/benchmark-http.
 */

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

define('LARAVEL_START', microtime(true));
require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->booted(static function (): void {
    Route::get('/bare', static fn (): string => 'ok')->middleware(['web', 'auth']);
});
$app->handleRequest(Request::capture());
