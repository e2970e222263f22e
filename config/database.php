<?php

declare(strict_types=1);

// Where PHP lives on between requests, its connections may: a database that is opened and closed for each page is checkpointed for each.
$options = (bool) env('DB_PERSISTENT', false) ? [PDO::ATTR_PERSISTENT => true] : [];

return [
    'default' => env('DB_CONNECTION', 'sqlite'),

    // The default is another while somebody is on the practice ground.
    'default_of_the_shop' => env('DB_CONNECTION', 'sqlite'),

    // What people practised: beside the shop's own file one for each of them, with the number of the account behind this name.
    'practice' => env('DB_PRACTICE', env('DB_DATABASE', database_path('spindle.sqlite')).'-practice'),

    'connections' => [
        // A workshop computer loses power: every commit is on the disk before it is confirmed.
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('spindle.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Longer than the longest turn, which takes a supplier's list of fifty thousand kits.
            'busy_timeout' => 20000,
            'journal_mode' => 'WAL',
            'synchronous' => 'FULL',
            // A row that takes the place of another deletes it, and is refused where that may not be deleted.
            'pragmas' => ['recursive_triggers' => 1],
            'options' => $options,
        ],
        // What is of the moment, beside the shop's own file: who is signed in, how often somebody tried to. A page that is only
        // looked at writes here and keeps nobody from entering. What a power cut takes of it is a signing in anew.
        'sessions' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('spindle.sqlite')).'-sessions',
            'prefix' => '',
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            'options' => $options,
        ],
        // Made like the shop's, and never the shop's: App\Practice\GroundFile says whose file it is.
        'practice' => [
            'driver' => 'sqlite',
            'database' => ':memory:',
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            'pragmas' => ['recursive_triggers' => 1],
        ],
    ],
];
