<?php

declare(strict_types=1);

// Where PHP lives on between requests, its connections may: a database that is opened and closed for each page is checkpointed for each.
$options = (bool) env('DB_PERSISTENT', false) ? [PDO::ATTR_PERSISTENT => true] : [];

return [
    'default' => env('DB_CONNECTION', 'sqlite'),

    'connections' => [
        // A workshop computer loses power: every commit is on the disk before it is confirmed.
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('spindle.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'FULL',
            'options' => $options,
        ],
        // Who is signed in, beside the shop's own file: a page that is only looked at writes here and keeps nobody from entering.
        // What a power cut takes of it is a signing in anew.
        'sessions' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('spindle.sqlite')).'-sessions',
            'prefix' => '',
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            'options' => $options,
        ],
    ],
];
