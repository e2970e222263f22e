<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\TrustHosts;

/* docs/security.md: every row has a state, and what a row names is there; and the rows that no other test holds. */

/** @return list<array{string, string, string}> number, what is asked, state */
function securityRows(): array
{
    preg_match_all('/^\| ([\d.,– A-V]+) \| (.+?) \| (.+) \|$/mu', (string) file_get_contents(base_path('docs/security.md')), $m,
        PREG_SET_ORDER);

    return array_map(static fn (array $row): array => [$row[1], $row[2], $row[3]], $m);
}

/** @return string all that a file of tests or a drill says of itself */
function namesIn(string $named): string
{
    $files = str_starts_with($named, 'bin/') ? [base_path($named)] : (str_starts_with($named, 'Browser ')
        ? [base_path('tests/Browser/'.substr($named, 8).'.mjs')] : [base_path("tests/Feature/{$named}.php")]);

    return str_replace("\\'", "'", implode("\n", array_map(static fn (string $f): string => (string) file_get_contents($f), $files)));
}

it('has a state for every row, and for every one that is met something that holds it', function () {
    $rows = securityRows();
    expect(count($rows))->toBeGreaterThan(90);
    foreach ($rows as [$number, $asked, $state]) {
        expect($state)->toMatch('/^(Met\. |n\/a\. .{10}|Open( in part)?\. .{20})/u', "{$number} {$asked}");
        preg_match_all('/((?:Browser [\w.]+)|\w+Test|bin\/[\w-]+): ([^;|.]+)/', str_starts_with($state, 'Met.') ? $state : '', $held,
            PREG_SET_ORDER);
        expect(str_starts_with($state, 'Met.') ? $held !== [] : true)->toBeTrue("{$number} names nothing that holds it");
        foreach ($held as [, $where, $name]) {
            expect(str_contains(namesIn($where), trim($name)))->toBeTrue("{$number}: {$where} has nothing that says “{$name}”");
        }
    }
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
