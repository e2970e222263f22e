<?php

declare(strict_types=1);

return [
    // Offers the invented workshop's accounts on the sign-in page. Never set this where real work is kept.
    'demo' => (bool) env('SPINDLE_DEMO', false),

    // Where vehicles are looked up: none, or the simulated register of invented vehicles that ships with the demonstration.
    'register' => env('SPINDLE_REGISTER', 'none'),

    // Where parts are asked for and ordered: none, or the simulated counter that ships with the demonstration.
    'counter' => env('SPINDLE_COUNTER', 'none'),

    // Where backups are written. Best on another disk than the database.
    'backups' => env('SPINDLE_BACKUPS', storage_path('app/backups')),

    // Where new ones are laid down, where somebody else puts them away: bin/workshop has it so, and the application deletes none.
    'outbox' => env('SPINDLE_OUTBOX', env('SPINDLE_BACKUPS', storage_path('app/backups'))),

    // Where a server keeps the fields of the dictionary ready (fields:cache).
    'ready_fields' => env('APP_FIELDS_CACHE', base_path('bootstrap/cache/fields.php')),

    // Names under which the application answers, beside the one of its address; a request for any other is refused.
    'hosts' => array_values(array_filter(array_map('trim', explode(',', (string) env('SPINDLE_HOSTS', ''))))),
];
