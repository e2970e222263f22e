<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\SessionsDatabase;
use App\Console\NeedsShop;
use App\Counter\NoCounter;
use App\Counter\PartsCounter;
use App\Counter\SimulatedCounter;
use App\Drawings\DimensionLine;
use App\Jobs\KeptLater;
use App\Limits\ShopBooks;
use App\Models\DeviceToken;
use App\Models\ShopFigure;
use App\Models\ShopLimit;
use App\Models\User;
use App\Register\NoRegister;
use App\Register\RememberingRegister;
use App\Register\SimulatedRegister;
use App\Register\VehicleRegister;
use App\Store\ReadyFields;
use App\Store\ShopConnection;
use Closure;
use Illuminate\Auth\Access\Response;
use Illuminate\Console\Events\CommandStarting;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(ShopBooks::class);
        $this->app->scoped(
            KeptLater::class, static fn (Application $app): KeptLater => new KeptLater(static fn (Closure $do) => $app->terminating($do)),
        );
        ReadyFields::offer();
        Connection::resolverFor('sqlite', static fn (mixed ...$of): ShopConnection => new ShopConnection(...$of));
        $this->counter();
        $this->app->singleton(
            VehicleRegister::class,
            static fn (Application $app): VehicleRegister => config('spindle.register') === 'simulated'
                ? new RememberingRegister(SimulatedRegister::shipped(), $app->make(Repository::class))
                : new NoRegister(),
        );
    }

    private function counter(): void
    {
        $this->app->singleton(
            PartsCounter::class,
            static fn (): PartsCounter => config('spindle.counter') === 'simulated' ? SimulatedCounter::shipped() : new NoCounter,
        );
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Event::listen(CommandStarting::class, NeedsShop::check(...));
        Sanctum::usePersonalAccessTokenModel(DeviceToken::class);
        SessionsDatabase::keepReady();
        ShopLimit::created(static fn () => ShopBooks::forget());
        ShopFigure::created(static fn () => ShopBooks::forget());
        Gate::define('set-shop-figures', static fn (User $user): Response => $user->isLead()
            ? Response::allow() : Response::deny('Only the lead sets figures for the shop.'));
        Gate::define('keep-accounts', static fn (User $user): Response => $user->isLead()
            ? Response::allow() : Response::deny('Only the lead keeps accounts and reads what happened.'));
        Blade::component('dimension', DimensionLine::class);
        Blade::directive('mark', static fn (string $verdict): string => "<?php echo App\\Page\\Mark::of({$verdict}); ?>");
        // A day, and a moment, as the reader's browser writes them.
        Blade::directive('date', static fn (string $at): string => "<?php echo e(App\\Jobs\\ReaderLocale::date({$at})); ?>");
        Blade::directive('day', static fn (string $at): string => "<?php echo e(App\\Jobs\\ReaderLocale::day({$at})); ?>");
        Blade::directive('time', static fn (string $at): string => "<?php echo e(App\\Jobs\\ReaderLocale::time({$at})); ?>");
        Blade::directive('moment', static fn (string $at): string => "<?php echo e(App\\Jobs\\ReaderLocale::dateTime({$at})); ?>");
        Blade::directive('partial', static fn (string $what): string => "<?php echo App\\Page\\Partial::draw({$what}); ?>");
        // A field with its boxes: @reading('disc.thickness', label: 'now', class: 'wide')
        Blade::directive('reading', static fn (string $what): string => "<?php echo App\\Page\\FieldForm::draw(\$entries, {$what}); ?>");
        Blade::directive('piece', static fn (string $what): string => "<?php \$__pieces[] = [{$what}]; ob_start(); ?>");
        Blade::directive(
            'endpiece',
            static fn (): string => '<?php echo App\Page\Pieces::now()->wrap(ob_get_clean(), ...array_pop($__pieces)); ?>',
        );
    }
}
