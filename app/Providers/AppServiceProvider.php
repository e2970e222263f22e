<?php

declare(strict_types=1);

namespace App\Providers;

use App\Limits\ShopBooks;
use App\Register\NoRegister;
use App\Register\RememberingRegister;
use App\Register\SimulatedRegister;
use App\Register\VehicleRegister;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(ShopBooks::class);
        $this->app->singleton(
            VehicleRegister::class,
            static fn (Application $app): VehicleRegister => config('spindle.register') === 'simulated'
                ? new RememberingRegister(SimulatedRegister::shipped(), $app->make(Repository::class))
                : new NoRegister(),
        );
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Blade::directive('mark', static fn (string $verdict): string => "<?php echo App\\Bench\\Mark::of({$verdict}); ?>");
        Blade::directive('piece', static fn (string $what): string => "<?php \$__pieces[] = [{$what}]; ob_start(); ?>");
        Blade::directive(
            'endpiece',
            static fn (): string => '<?php echo App\Bench\Pieces::now()->wrap(ob_get_clean(), ...array_pop($__pieces)); ?>',
        );
    }
}
