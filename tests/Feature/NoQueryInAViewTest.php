<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\File;

/** The queries made while a template was being drawn, on the page at this address. */
function queriesInViews(string $address): array
{
    $made = [];
    $drawing = 0;
    Event::listen('composing: *', static function () use (&$drawing): void {
        $drawing++;
    });
    DB::listen(static function ($query) use (&$made, &$drawing): void {
        // The session is written once the page is drawn.
        if ($drawing > 0 && ! str_contains($query->sql, 'sessions')) {
            $made[] = $query->sql;
        }
    });
    test()->get($address)->assertOk();

    return $made;
}

it('asks the database nothing while a page is drawn', function (string $address) {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'ines')->firstOrFail());

    expect(queriesInViews($address))->toBe([]);
})->with([
    '/', '/account', '/people', '/log', '/limits', '/instruments', '/evidence', '/models?model=Ostrel+Wend+1.4+hatchback', '/vehicles/1',
    '/jobs/1/record', '/jobs/1/sheet', '/jobs/11/intake', '/jobs/12/triage', '/jobs/2/demand', '/jobs/12/strip', '/jobs/3/kit',
    '/jobs/2/kit/39',
    '/jobs/2/kit/compare?k39=1&k51=1', '/jobs/3/parts', '/jobs/3/parts/order', '/shelf', '/shelf/39', '/rules',
    '/jobs/8/set', '/jobs/10/record',
]);

it('has no view that cannot be compiled', function () {
    foreach (File::allFiles(resource_path('views')) as $view) {
        expect(Blade::compileString($view->getContents()))->toBeString("{$view->getRelativePathname()}");
    }
});
