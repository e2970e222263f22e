<?php

declare(strict_types=1);

return [
    // Whether each page asks the disk if its views were changed since they were made ready. A server on which `php artisan view:cache`
    // is run after each upgrade need not ask.
    'check_cache_timestamps' => (bool) env('VIEW_CHECK_TIMESTAMPS', true),
];
