<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),

    'stores' => [
        // Beside the shop's own file, with who is signed in: counting a try keeps nobody from entering.
        'moment' => [
            'driver' => 'database', 'connection' => 'sessions', 'table' => 'cache', 'lock_connection' => 'sessions',
            'lock_table' => 'cache_locks',
        ],
    ],

    // Failed tries are counted in a database: two at once are two.
    'limiter' => env('CACHE_LIMITER', 'moment'),
];
