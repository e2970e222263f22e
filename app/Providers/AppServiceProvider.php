<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict();

        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(6)->by('login:'.mb_strtolower($request->string('login')->value()).'|'.$request->ip()),
            Limit::perMinute(30)->by('address:'.$request->ip()),
        ]);
    }
}
