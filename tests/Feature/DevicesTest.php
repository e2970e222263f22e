<?php

declare(strict_types=1);

use App\Devices\SimulatedInstrument;
use App\Models\ArmedField;
use App\Models\Device;
use App\Models\DeviceReading;
use App\Models\Reading;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\EntryReader;

beforeEach(function () {
    $this->ines = $this->technician();
    $this->job = $this->newJob($this->ines);
    $this->device = Device::query()->create(['name' => 'Calliper 1', 'instrument' => 'calliper', 'by_name' => 'Lead']);
    $this->token = $this->device->createToken('readings')->plainTextToken;
});

function sent(mixed $test, array $reading, ?string $token = null): TestResponse
{
    app('auth')->forgetGuards();

    return $test->postJson('/api/readings', $reading, ['Authorization' => 'Bearer '.($token ?? $test->token)]);
}

function arm(mixed $test, string $field = 'disc.thickness_new', int $position = 0): TestResponse
{
    return $test->actingAs($test->ines)->from("/jobs/{$test->job->id}/strip")
        ->post("/jobs/{$test->job->id}/arm", ['device' => $test->device->id, 'field' => $field, 'position' => $position]);
}

it('enters what an instrument sends in the field that was armed, and in that alone', function () {
    arm($this)->assertRedirect();
    $this->actingAs($this->ines)->get("/jobs/{$this->job->id}/strip")->assertOk()->assertSee('take the')->assertSee('Calliper 1');
    sent($this, ['value' => '8.34', 'unit' => 'mm', 'id' => '41'])->assertOk()->assertJson(['outcome' => 'taken']);
    $row = Reading::query()->where('field', 'disc.thickness_new')->sole();

    expect($row->typed)->toBe('8.34 mm')->and($row->instrument)->toBe('calliper')->and($row->author())->toContain('by Calliper 1')
        ->and(ArmedField::query()->count())->toBe(0);
    // The next one has nowhere to go.
    sent($this, ['value' => '7.11', 'unit' => 'mm', 'id' => '42'])->assertStatus(409)->assertJson(['outcome' => 'not_armed']);
    expect(Reading::query()->where('field', 'like', 'disc.%')->count())->toBe(1)->and(DeviceReading::query()->count())->toBe(2);
});

it('takes a reading that is sent twice for one', function () {
    arm($this, 'disc.thickness', 0);
    sent($this, ['value' => '7.32 mm', 'id' => '7'])->assertOk();
    arm($this, 'disc.thickness', 1);
    sent($this, ['value' => '7.32 mm', 'id' => '7'])->assertOk();

    expect(Reading::query()->where('field', 'disc.thickness')->count())->toBe(1)->and(ArmedField::query()->count())->toBe(1);
});

it('reads a foreign unit, and refuses what the field cannot hold, in words that are shown', function (
    array $reading,
    int $status,
) {
    arm($this);
    sent($this, $reading)->assertStatus($status);
    $kept = DeviceReading::query()->sole();

    expect($kept->said === '')->toBe($status === 200)
        ->and(Reading::query()->where('field', 'disc.thickness_new')->count())->toBe($status === 200 ? 1 : 0)
        // What was refused leaves the field waiting.
        ->and(ArmedField::query()->count())->toBe($status === 200 ? 0 : 1);
    if ($status !== 200) {
        $this->actingAs($this->ines)->get("/jobs/{$this->job->id}/strip")->assertSee('went nowhere')->assertSee($kept->text);
    }
})->with([
    'inches' => [['value' => '0.328', 'unit' => 'in'], 200], 'another thing' => [['value' => '25', 'unit' => 'N·m'], 409],
    'out of every range' => [['value' => '834', 'unit' => 'mm'], 409], 'no number' => [['value' => 'ERR'], 409],
]);

it('takes nothing that comes late, or was taken before the field was armed', function (array $reading, int $seconds) {
    arm($this);
    $this->travel($seconds)->seconds();
    sent($this, ['value' => '8.34 mm', ...$reading])->assertStatus(409)->assertJson(['outcome' => 'late']);

    expect(Reading::query()->where('field', 'disc.thickness_new')->count())->toBe(0);
})->with([
    'nobody waits any more' => [[], 120],
    'kept in the instrument for an hour' => [['taken_at' => '2026-01-01T08:00:00Z'], 1],
]);

it('sets nothing over what somebody typed meanwhile', function () {
    arm($this);
    $this->enter($this->job, 'strip', 'disc.thickness_new', '8.5 mm')->assertOk();
    sent($this, ['value' => '8.34 mm'])->assertStatus(409);

    expect(App\Jobs\AssessedJob::of(App\Models\Job::whole($this->job->id))->current->typed('disc.thickness_new'))->toBe('8.5 mm');
});

it('lets in nobody without a token of an instrument in use', function () {
    sent($this, ['value' => '1 mm'], 'spindle_1|nonsense')->assertUnauthorized();
    $this->post('/api/readings', ['value' => '1 mm'])->assertUnauthorized()->assertJsonStructure(['message']);
    // A session opens nothing here.
    app('auth')->forgetGuards();
    $this->actingAs($this->ines)->postJson('/api/readings', ['value' => '1 mm'])->assertUnauthorized();
    $this->actingAs(User::factory()->create(['name' => 'Lea', 'role' => 'lead']))
        ->post("/instruments/devices/{$this->device->id}/revoke")->assertRedirect();
    sent($this, ['value' => '1 mm'])->assertUnauthorized();
    expect(DeviceReading::query()->count())->toBe(0);
});

it('shows a token once, to a lead, and to nobody else', function () {
    $this->actingAs($this->ines)->post('/instruments/devices', ['name' => 'Dial 2', 'instrument' => 'dial_indicator'])->assertForbidden();
    $this->actingAs(User::factory()->create(['name' => 'Lea', 'role' => 'lead']))
        ->post('/instruments/devices', ['name' => 'Dial 2', 'instrument' => 'dial_indicator'])
        ->assertRedirect('/instruments');
    $this->get('/instruments')->assertSee('shown this once');
    $this->get('/instruments')->assertDontSee('shown this once')->assertSee('Dial 2');
});

it('asks for words of what is sent that make no sense', function (array $reading) {
    arm($this);
    sent($this, $reading)->assertStatus(422);
    expect(DeviceReading::query()->count())->toBe(0);
})->with([[[]], [['value' => str_repeat('9', 99)]], [['value' => '1 mm', 'taken_at' => 'soon']]]);

it('simulates an instrument: around the true value, on the steps of its display, in its unit', function (
    string $kind,
    float $true,
    float $step,
) {
    $instrument = new SimulatedInstrument(new Randomizer(new Mt19937(3)));
    $values = [];
    for ($i = 0; $i < 400; $i++) {
        $text = $instrument->read($kind, $true);
        $dimension = match ($kind) {
            'torque_wrench' => Dimension::Torque,
            'pressure_gauge' => Dimension::Pressure,
            default => Dimension::Length,
        };
        $values[] = EntryReader::read($text, $dimension)->quantity->value;
    }
    $mean = array_sum($values) / 400;

    expect($mean)->toEqualWithDelta($true, $step)->and(count(array_unique($values)))->toBeGreaterThan(1)
        ->and(array_filter($values, static fn (float $v): bool => abs($v / $step - round($v / $step)) > 1e-6))->toBe([]);
})->with([['calliper', 7.32, 0.01], ['torque_wrench', 25.0, 0.5], ['pressure_gauge', 2000.0, 10.0], ['steel_rule', 140.0, 0.5]]);
