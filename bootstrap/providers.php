<?php

declare(strict_types=1);

use App\Providers\AppServiceProvider;
use App\Providers\AuditServiceProvider;
use Laravel\Sanctum\SanctumServiceProvider;

return [AppServiceProvider::class, AuditServiceProvider::class, SanctumServiceProvider::class];
