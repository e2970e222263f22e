<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\TrustHosts;

/* docs/security.md names the tests that hold its rows: each of them is there. And the rows that no other test holds. */

/** @return list<string> titles of the tests of a file, or what a drill says that it does */
function titlesIn(string $named): array
{
    $file = base_path(match (true) {
        str_starts_with($named, 'bin/') => $named,
        str_starts_with($named, 'Browser ') => 'tests/Browser/'.substr($named, 8).'.mjs',
        default => "tests/Feature/{$named}.php",
    });
    preg_match_all('/^(?:it|test)\(\'((?:[^\'\\\\]|\\\\.)+)\'/m', (string) file_get_contents($file), $m);

    return str_starts_with($named, 'bin/') ? [(string) file_get_contents($file)] : array_map(stripslashes(...), $m[1]);
}

/** @return list<array{string, string}> file and the words it is named with */
function testsNamedIn(string $table): array
{
    $rows = implode("\n", (array) preg_grep('/^\|/', explode("\n", $table)));
    preg_match_all('/((?:Browser [\w.]+)|\w+Test|bin\/[\w-]+): ([^;|.]+)/', $rows, $m, PREG_SET_ORDER);

    return array_map(static fn (array $one): array => [$one[1], trim($one[2])], $m);
}

it('names only tests that there are', function () {
    $named = testsNamedIn((string) file_get_contents(base_path('docs/security.md')));
    $missing = array_filter($named, static fn (array $one): bool => array_filter(
        titlesIn($one[0]), static fn (string $title): bool => str_contains($title, $one[1]),
    ) === []);

    expect(count($named))->toBeGreaterThan(60)->and(array_values($missing))->toBe([]);
});

it('sees a name that no test has', function () {
    [[$file, $words]] = testsNamedIn('| 1 | something | Met. AccessTest: flies to the moon |');

    expect([$file, $words])->toBe(['AccessTest', 'flies to the moon'])
        ->and(array_filter(titlesIn($file), static fn (string $t): bool => str_contains($t, $words)))->toBe([])
        ->and(titlesIn('AccessTest'))->not->toBe([]);
});

it('keeps no page in a browser, so that "back" shows nothing after signing out', function () {
    $this->actingAs($this->technician());
    foreach (['/', '/account', '/limits'] as $page) {
        expect((string) $this->get($page)->assertOk()->headers->get('Cache-Control'))->toContain('no-store')->toContain('private');
    }
});

it('refuses what another site sends in somebody\'s name', function () {
    // The framework lets tests pass without a token; a server does not.
    app()->instance(ValidateCsrfToken::class, new class(app(), app('encrypter')) extends ValidateCsrfToken
    {
        protected function runningUnitTests(): bool
        {
            return false;
        }
    });
    $this->actingAs($this->technician());
    $this->post('/new-job', ['name' => 'Forged', 'plate' => 'F 1', 'class' => 'car', 'units' => 'metric'])->assertStatus(419)
        ->assertSee('Signed out meanwhile');
    $this->delete('/people')->assertStatus(405);
    expect($this->get('/')->headers->has('Access-Control-Allow-Origin'))->toBeFalse();
});

it('leads nowhere else after signing in', function () {
    User::factory()->create(['login' => 'tilda']);
    $this->get('/board?next=https://evil.example')->assertRedirect('/sign-in');
    $to = (string) $this->post('/sign-in?next=https://evil.example', ['login' => 'tilda', 'password' => 'a long enough secret'])
        ->headers->get('Location');

    expect(parse_url($to, PHP_URL_HOST))->toBe('localhost')->and(parse_url($to, PHP_URL_PATH))->toBe('/board');
});

it('shows what is typed as what was typed', function () {
    $this->actingAs($this->technician());
    $bad = '<script>alert(1)</script>"\'><img src=x onerror=alert(1)>';
    $job = $this->newJob($this->technician());
    $this->enter($job, 'intake', 'complaint', $bad)->assertOk()->assertDontSee('<script>alert', false)->assertDontSee('<img src=x', false);
    $this->flushHeaders()->post("/jobs/{$job->id}/notes", ['station' => 'strip', 'text' => $bad]);
    $this->post("/jobs/{$job->id}/waivers", ['finding' => 'flywheel.flatness', 'reason' => $bad]);
    foreach (['', "vehicles/{$job->vehicle_id}", "jobs/{$job->id}/intake", "jobs/{$job->id}/strip", "jobs/{$job->id}/record",
        "jobs/{$job->id}/sheet"] as $page) {
        $this->get("/{$page}")->assertOk()->assertDontSee('<script>alert', false)->assertDontSee('<img src=x', false);
    }
});

it('sends the headers of a careful server', function () {
    $answer = $this->get('https://localhost/sign-in');
    foreach (['Content-Security-Policy' => "frame-ancestors 'none'", 'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'same-origin',
        'Strict-Transport-Security' => 'max-age=31536000', 'Content-Type' => 'charset=utf-8'] as $header => $value) {
        expect(strtolower((string) $answer->headers->get($header)))->toContain(strtolower($value));
    }
    expect($this->get('http://localhost/sign-in')->headers->has('Strict-Transport-Security'))->toBeFalse();
});

it('answers to its own names only', function () {
    config(['app.url' => 'https://clutch.example.lan', 'spindle.hosts' => ['10.0.0.7']]);
    $hosts = app(TrustHosts::class)->hosts();
    $isOurs = static fn (string $host): bool => (bool) array_filter($hosts, static fn (?string $p): bool => preg_match("/{$p}/i",
        $host) === 1);

    expect($isOurs('clutch.example.lan'))->toBeTrue()->and($isOurs('10.0.0.7'))->toBeTrue()->and($isOurs('localhost'))->toBeTrue()
        ->and($isOurs('evil.example'))->toBeFalse()->and($isOurs('clutch.example.lan.evil.example'))->toBeFalse()
        ->and($isOurs('clutchXexample.lan'))->toBeFalse();
});

it('says what is known of people, where, and for how long', function () {
    $said = (string) file_get_contents(base_path('docs/personal-data.md'));
    foreach (['plate', 'identification number', 'photos', 'password', 'address', 'three years', 'thirty backups', 'erase'] as $word) {
        expect($said)->toContain($word);
    }
    expect((string) file_get_contents(base_path('bin/workshop')))->toContain('head -n -30')->toContain('activitylog:clean --days=1095');
});
