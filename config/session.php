<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),

    'connection' => env('SESSION_CONNECTION', 'sessions'),

    // Minutes without a request after which somebody signs in again.
    'lifetime' => (int) env('SESSION_LIFETIME', 120),

    // Hours after which somebody signs in again however busy: a working day.
    'hours' => (int) env('SESSION_HOURS', 12),

    // Over HTTPS with the prefix by which a browser takes it from this host alone; bin/workshop sets it.
    'cookie' => env('SESSION_COOKIE', 'jade-spindle-session'),

    // Only over HTTPS where the page came so; never for scripts; not with requests that other sites start, but for plain links.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
];
