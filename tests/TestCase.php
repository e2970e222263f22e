<?php

declare(strict_types=1);

namespace Tests;

use App\Changes\OpenJob;
use App\Models\Job;
use App\Models\User;
use App\Store\ShopConnection;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Testing\TestResponse;
use LogicException;

abstract class TestCase extends FrameworkTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** A page or an instrument that writes outside its turn fails the test it is in. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        // Who is signed in stands in the shop's own file only here.
        ShopConnection::watch(static fn (string $query) => str_contains($query, '"sessions"') ? null
            : throw new LogicException("written outside a turn: {$query}"));
        try {
            return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        } finally {
            ShopConnection::watch(null);
        }
    }

    /** Somebody else sits down at the browser: the session of whoever sat there is over. */
    public function be(Authenticatable $user, $guard = null): static
    {
        app('session')->forget('password_hash_web');
        // An instrument that was asked for before in this test leaves its own way in behind.
        app('auth')->shouldUse('web');

        return parent::be($user, $guard);
    }

    /** The invented workshop, served as what it is. */
    protected function seedDemo(): void
    {
        config(['spindle.demo' => true]);
        $this->seed(DemoSeeder::class);
    }

    protected function technician(string $name = 'Tilda'): User
    {
        return User::query()->where('name', $name)->first() ?? User::factory()->create(['name' => $name]);
    }

    protected function newJob(User $by, string $class = 'car', string $plate = 'AB 12 CDE'): Job
    {
        return OpenJob::forNew(
            ['name' => 'Test hatchback', 'plate' => $plate, 'number' => '', 'class' => $class, 'units' => 'metric'],
            $by,
        );
    }

    /** @return array<string, string> what is in the form under the board's proposal */
    protected function formOfProposal(string $day): array
    {
        $page = (string) $this->get("/board/proposal?day={$day}")->getContent();
        preg_match_all('/name="(day|from|mark)"\s+value="([^"]+)"/', $page, $found);

        return array_combine($found[1], $found[2]);
    }

    /** Looks at what the board would lay, and lays it. */
    protected function propose(string $day): TestResponse
    {
        return $this->post('/board/propose', $this->formOfProposal($day));
    }

    /**
     * A reading at several places, all at once.
     *
     * @param  list<string>  $typed
     */
    protected function enterAll(Job $job, string $station, string $field, array $typed): TestResponse
    {
        return $this->withHeader('HX-Request', 'true')->post("/jobs/{$job->id}/{$station}", [
            'f' => [$field => $typed], 'b' => [$field => array_fill(0, count($typed), 0)],
        ]);
    }

    /** Sends one entry as the page does. */
    protected function enter(Job $job, string $station, string $field, string $typed, int $shown = 0, int $position = 0): TestResponse
    {
        return $this->withHeader('HX-Request', 'true')->post("/jobs/{$job->id}/{$station}", [
            'f' => [$field => [$position => $typed]],
            'b' => [$field => [$position => $shown]],
        ]);
    }
}
