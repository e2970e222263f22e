<?php

declare(strict_types=1);

use App\Providers\AppServiceProvider;
use Laravel\Sanctum\SanctumServiceProvider;

return [AppServiceProvider::class, SanctumServiceProvider::class];
