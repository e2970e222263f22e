<?php

declare(strict_types=1);

return [
    // Argon2id takes a password of any length; bcrypt would cut it at 72 bytes.
    'driver' => 'argon2id',

    // OWASP Password Storage Cheat Sheet: 19 MiB, two passes, one lane (from memory).
    'argon' => [
        'memory' => (int) env('ARGON_MEMORY', 19456),
        'time' => (int) env('ARGON_TIME', 2),
        'threads' => 1,
        // A hash made by bcrypt before still lets its owner in, and is made anew then.
        'verify' => false,
    ],

    'rehash_on_login' => true,
];
