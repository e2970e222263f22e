<?php

declare(strict_types=1);

return [
    'disks' => [
        // Photos.
        'local' => ['driver' => 'local', 'root' => env('LOCAL_DISK', storage_path('app/private'))],
    ],
];
