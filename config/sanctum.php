<?php

declare(strict_types=1);

return [
    // Instruments come with a token and nothing else; nobody's session opens their door.
    'routes' => false,
    'stateful' => [],
    'guard' => [],
    'expiration' => null,
    'token_prefix' => 'spindle_',
    'middleware' => [],
];
