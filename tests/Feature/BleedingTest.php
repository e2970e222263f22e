<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;
use App\Readings\CurrentReadings;

/*
 * A bleeding by its list of steps, six rounds of a helper at the pedal; numbers of rounds are common practice.
 */

beforeEach(function () {
    $this->actingAs($this->user = User::factory()->create());
    $this->job = $this->newJob($this->user);
    $this->enter($this->job, 'intake', 'vehicle.actuation', 'slave');
    $this->press = fn (string $what) => $this->withHeader('HX-Request', 'true')
        ->post("/jobs/{$this->job->id}/set", ['t' => ['bleed' => $what]])->assertOk();
    $this->typed = fn (string $key): string => (new CurrentReadings(Job::whole($this->job->id)->readings))->typed($key);
});

it('ticks and counts in one list, writes down the way, and ticks a step with its last count', function () {
    ($this->press)('1 x');
    expect(($this->typed)('hydraulics.steps_done'))->toBe('s1')->and(($this->typed)('hydraulics.school'))->toBe('helper');
    ($this->press)('2 x');
    foreach (range(1, 5) as $i) {
        ($this->press)('3 +')->assertSee("{$i} of 6 rounds");
    }
    expect(($this->typed)('hydraulics.steps_done'))->toBe('s1,s2');
    ($this->press)('3 +')->assertSee('6 of 6 rounds');
    expect(($this->typed)('hydraulics.steps_done'))->toBe('s1,s2,s3')->and(($this->typed)('hydraulics.counted_3'))->toBe('6');
    ($this->press)('4 x');
    ($this->press)('5 x')->assertSee('every step done; the proof decides');
    ($this->press)('1 o');
    expect(($this->typed)('hydraulics.steps_done'))->toBe('s2,s3,s4,s5');
});

it('ticks no step before the counts of one before it, or its own, are done, and says why', function (string $what) {
    ($this->press)('1 x');
    ($this->press)('3 +');
    ($this->press)('3 +');
    ($this->press)($what)->assertSee('Step 3 first: 2 of 6 rounds are counted.');
    $this->flushHeaders()->from("/jobs/{$this->job->id}/set")->followingRedirects()
        ->post("/jobs/{$this->job->id}/set", ['t' => ['bleed' => $what]])->assertOk()
        ->assertSee('Step 3 first: 2 of 6 rounds are counted.');
    expect(($this->typed)('hydraulics.steps_done'))->toBe('s1');
})->with(['3 x', '4 x', '5 x']);

it('writes nothing of a tick that is refused', function () {
    ($this->press)('4 x');
    expect(($this->typed)('hydraulics.school'))->toBe('')->and(($this->typed)('hydraulics.steps_done'))->toBe('');
});

it('takes the tick back where the count falls below', function () {
    foreach (range(1, 6) as $i) {
        ($this->press)('3 +');
    }
    expect(($this->typed)('hydraulics.steps_done'))->toBe('s3');
    ($this->press)('3 -');
    expect(($this->typed)('hydraulics.steps_done'))->toBe('')->and(($this->typed)('hydraulics.counted_3'))->toBe('5');
});

it('takes nothing that is no step', function (string $what) {
    ($this->press)($what);
    expect(($this->typed)('hydraulics.steps_done'))->toBe('')->and(($this->typed)('hydraulics.counted_3'))->toBe('');
})->with(['7 x', '0 +', '3', '3 xx', 'x']);
