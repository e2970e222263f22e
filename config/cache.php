<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),

    // Failed tries are counted in the database: two at once are two.
    'limiter' => env('CACHE_LIMITER', 'database'),
];
