<?php

declare(strict_types=1);

use App\Models\Installation;
use App\Models\Job;
use App\Models\Kit;
use App\Models\NotForTheDemo;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;

it('lets nobody in who is not signed in', function () {
    $job = $this->newJob($this->technician());
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (in_array($route->getName(), ['sign-in', 'sign-in.enter', 'theme', 'up'], true) || str_starts_with($route->uri(), 'storage')) {
            continue;
        }
        $uri =
            '/'.
            str_replace(
                ['{job}', '{vehicle}', '{station}', '{field}', '{photo}', '{kit}', '{list}', '{cause}', '{step}', '{group}',
                    '{device}', '{name}', '{slot}', '{drawing}', '{person}'],
                [(string) $job->id, (string) $job->vehicle_id, 'strip', 'disc.runout', '1', '1', '1', 'pilot', '1', 'cover',
                    '1', 'two-stage', '1', 'clutch', '1'],
                $route->uri(),
            );
        $answer = $this->call($route->methods()[0], $uri);
        str_starts_with($uri, '/api/') ? $answer->assertUnauthorized() : $answer->assertRedirect('/sign-in');
    }
});

it('answers a field that sends itself with 401 when nobody is signed in', function () {
    $job = $this->newJob($this->technician());
    $this->enter($job, 'strip', 'disc.runout', '0.2')->assertStatus(401);
});

it('signs in with the right password and slows down the wrong ones', function () {
    User::factory()->create(['login' => 'tilda', 'password' => 'a long enough secret']);
    $this->post('/sign-in', ['login' => 'Tilda', 'password' => 'a long enough secret'])->assertRedirect('/');
    $this->post('/sign-out')->assertRedirect('/sign-in');
    foreach (range(1, 6) as $try) {
        $this->post('/sign-in', ['login' => 'tilda', 'password' => "wrong {$try}"])->assertSessionHasErrors([
            'login' => 'Name and password do not go together.',
        ]);
    }
    $this->post('/sign-in', ['login' => 'tilda', 'password' => 'a long enough secret'])->assertSessionHasErrors('login');
    $this->assertGuest();
    $this->travel(61)->seconds();
    $this->post('/sign-in', ['login' => 'tilda', 'password' => 'a long enough secret'])->assertRedirect('/');
});

it('stores passwords hashed', function () {
    $user = User::factory()->create(['password' => 'a long enough secret']);

    expect($user->password)->not->toContain('secret')->and(Hash::check('a long enough secret', $user->password))->toBeTrue();
});

it('offers the demo accounts in demo mode only', function () {
    User::factory()->create(['name' => 'Orla Fenn']);
    $this->get('/sign-in')->assertOk()->assertDontSee('Orla Fenn')->assertDontSee(DemoSeeder::PASSWORD);
    User::query()->delete();
    $this->seedDemo();
    $this->get('/sign-in')->assertSee('Bram Oakes, technician')->assertSee('Ines Tarrow, lead');
});

it('serves the demonstration\'s database as nothing else, and no other as the demonstration', function () {
    $this->seedDemo();
    config(['spindle.demo' => false]);
    $this->get('/sign-in')->assertStatus(503)->assertSee('made for the demonstration')->assertDontSee('Bram Oakes');
    $this->post('/sign-in', ['login' => 'ines', 'password' => DemoSeeder::PASSWORD])->assertStatus(503);
    $this->assertGuest();
});

it('does not offer the accounts of a workshop when somebody sets the demonstration\'s switch', function () {
    User::factory()->create(['name' => 'Orla Fenn']);
    config(['spindle.demo' => true]);
    $this->get('/sign-in')->assertStatus(503)->assertDontSee('Orla Fenn');
});

it('fills no database that is in use or was not set up for the demonstration', function (bool $switch, bool $used, string $message) {
    config(['spindle.demo' => $switch]);
    if ($used) {
        User::factory()->create();
    }
    $before = User::query()->count();
    expect(fn () => $this->seed(DemoSeeder::class))->toThrow(NotForTheDemo::class, $message)
        ->and(User::query()->count())->toBe($before)->and(Installation::isDemo())->toBeFalse()->and(Kit::query()->count())->toBe(0);
})->with([
    'the switch is off' => [false, false, 'SPINDLE_DEMO is not set'],
    'somebody works here' => [true, true, 'in use already'],
    'both' => [false, true, 'SPINDLE_DEMO is not set'],
]);

it('fills the demonstration once', function () {
    $this->seedDemo();
    $jobs = Job::query()->count();
    expect(fn () => $this->seed(DemoSeeder::class))
        ->toThrow(NotForTheDemo::class)
        ->and(Job::query()->count())
        ->toBe($jobs)
        ->and($jobs)
        ->toBeGreaterThan(5);
});

it('allows no inline script or style, no eval and no other host', function () {
    $policy = (string) $this->get('/sign-in')->assertOk()->headers->get('Content-Security-Policy');

    expect($policy)
        ->toContain("default-src 'none'")
        ->toContain("script-src 'self'")
        ->toContain("style-src 'self'")
        ->not->toContain('unsafe')
        ->not->toContain('http');
});

it('writes pages that keep to that policy', function (string $path) {
    $this->seedDemo();
    $html = (string) $this->actingAs(User::query()->firstOrFail())
        ->get($path)
        ->assertOk()
        ->getContent();

    expect($html)
        ->not->toMatch('/\sstyle="/')
        ->not->toMatch('/<script(?![^>]*\ssrc=)/')
        ->not->toMatch('/\son[a-z]+="/')
        ->not->toMatch('/(src|href|action)="https?:\/\/(?!localhost)/');
})->with([
    '/',
    '/vehicles/1',
    '/new-job',
    '/import',
    '/jobs/2/intake',
    '/jobs/2/triage',
    '/jobs/2/demand',
    '/jobs/2/strip',
    '/jobs/2/kit',
    '/jobs/2/kit/39',
    '/jobs/3/parts',
    '/shelf',
    '/rules',
    '/jobs/4/set',
    '/jobs/8/set',
    '/jobs/2/record',
    '/jobs/1/sheet',
    '/jobs/2/history/disc.thickness',
]);

it('finds no job that is not there', function () {
    $this->actingAs($this->technician())->get('/jobs/999/strip')->assertNotFound();
    $job = $this->newJob($this->technician());
    $this->get("/jobs/{$job->id}/elsewhere")->assertNotFound();
    $this->get("/jobs/{$job->id}/history/no.such")->assertNotFound();
    expect(Job::query()->count())->toBe(1);
});

it('keeps the dark bay for the next page', function () {
    $this->post('/theme', ['theme' => 'bay'])->assertPlainCookie('theme', 'bay');
    $this->withUnencryptedCookie('theme', 'bay')->get('/sign-in')->assertSee('data-theme="bay"', false);
    $this->post('/theme', ['theme' => '"><script>'])->assertCookieExpired('theme');
});
