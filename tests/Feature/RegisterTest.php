<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Reading;
use App\Readings\CurrentReadings;
use App\Register\NoRegister;
use App\Register\RegisterUnavailable;
use App\Register\RememberingRegister;
use App\Register\SimulatedRegister;
use App\Register\VehicleRegister;
use Illuminate\Support\Facades\Cache;
use Spindle\Assessment\Subjects;

/*
 * The vehicle register: found, unknown, late, too late, silent; and that it never changes what somebody entered. Vehicles
 * are the invented ones of the demonstration.
 */

beforeEach(function () {
    config(['spindle.register' => 'simulated']);
    $this->waited = [];
    $this->register = new SimulatedRegister(database_path('demo/register.json'), function (float $seconds): void {
        $this->waited[] = $seconds;
    });
    $this->app->instance(VehicleRegister::class, $this->register);
    $this->user = $this->technician();
    $this->actingAs($this->user);
});

/** What counts in a field of a job now. */
function entered(Job $job, string $field): string
{
    return (new CurrentReadings(Reading::query()->where('clutch_job_id', $job->id)->orderBy('seq')->get()))->typed($field);
}

it('finds a vehicle however its plate is written, or by its number', function (string $asked) {
    expect($this->register->find($asked)?->text('vehicle.name'))->toBe('Quenby Sill 1.6 hatchback');
})->with(['MR 512 E', 'mr512e', 'MR-512-E', 'GBSLL16HX00081907']);

it('knows no vehicle by no name, nor by a part of one', fn (string $asked) => expect($this->register->find($asked))->toBeNull())->with([
    '',
    ' ',
    'MR 512',
    'ZZ 999',
]);

it('waits for a late answer, but not longer than anybody waits at a bench', function () {
    expect($this->register->find('LT 200 S')?->text('vehicle.actuation'))->toBe('cable')->and($this->waited)->toBe([2.0]);
    expect(fn () => $this->register->find('LT 900 S'))->toThrow(RegisterUnavailable::class, 'did not answer within 3 seconds');
    expect($this->waited)->toBe([2.0, 3.0]);
});

it('says when it cannot be reached', fn () => $this->register->find('OF 100 F'))->throws(RegisterUnavailable::class, 'cannot be reached');

it('asks once and remembers what was found, but not what was not', function () {
    $remembering = new RememberingRegister($this->register, Cache::store('array'));
    $remembering->find('LT 200 S');
    expect($remembering->find('lt200s')?->text('vehicle.engine'))->toBe('1.4 petrol')->and($this->waited)->toBe([2.0]);
    expect($remembering->find('ZZ 1'))->toBeNull()->and(fn () => $remembering->find('OF 100 F'))->toThrow(RegisterUnavailable::class);
});

it('gives a workshop without a register nothing, and offers it none', function () {
    config(['spindle.register' => 'none']);
    expect((new NoRegister)->find('MR 512 E'))->toBeNull();
    $this->get('/new-job')->assertOk()->assertDontSee('Ask the register');
});

it('fills in a new job from what was found, and says where it comes from', function () {
    $this->followingRedirects()
        ->post('/new-job/register', ['plate' => 'T 331 BO', 'units' => 'inch'])
        ->assertSee('Found in the register')
        ->assertSee('value="Brankel 88 orchard, two-stage"', false)
        ->assertSee('name="from_register" value="1"', false);
    $this->followingRedirects()
        ->post('/new-job', [
            'plate' => 'T 331 BO',
            'number' => 'BRK88T112',
            'name' => 'Brankel 88 orchard, two-stage',
            'class' => 'tractor',
            'units' => 'inch',
            'from_register' => '1',
        ])
        ->assertSee('Filled in from the register')
        ->assertSee('from the register');
    $job = Job::query()->latest('id')->firstOrFail();

    expect(entered($job, 'vehicle.stages'))
        ->toBe('two')
        ->and(entered($job, 'vehicle.take_off_speed'))
        ->toBe('540 rpm')
        ->and(Reading::query()->where('field', 'vehicle.stages')->value('by_name'))
        ->toBe('Tilda, from the register');
});

it('loses nothing typed when the register fails, and names what happened', function (string $plate, string $message) {
    $this->followingRedirects()
        ->post('/new-job/register', ['plate' => $plate, 'name' => 'My own words', 'class' => 'truck', 'units' => 'inch'])
        ->assertSee($message)
        ->assertSee('value="My own words"', false)
        ->assertSee("value=\"{$plate}\"", false)
        ->assertSee('value="truck" required checked', false);
})->with([
    ['ZZ 999', 'The register knows no vehicle “ZZ 999”'],
    ['OF 100 F', 'cannot be reached. Nothing is lost'],
    ['LT 900 S', 'did not answer within 3 seconds. Nothing is lost'],
    ['', 'Plate: enter a plate or an identification number'],
]);

it('says that a vehicle is known here before anybody else is asked', function () {
    $this->newJob($this->user, 'car', 'OF 100 F');
    $this->followingRedirects()->post('/new-job/register', ['plate' => 'of100f'])->assertSee('is known here');
});

it('fills only what is empty at intake, and says what stands otherwise', function () {
    $job = $this->newJob($this->user, 'car', 'MR 512 E');
    $this->enter($job, 'intake', 'vehicle.engine', '1.4 petrol')->assertOk();
    $this->flushHeaders()
        ->followingRedirects()
        ->post("/jobs/{$job->id}/register")
        ->assertSee('Filled in from the register')
        ->assertSee('Engine: the register says 1.6 petrol')
        ->assertSee('Vehicle: the register says Quenby Sill');

    expect(entered($job, 'vehicle.engine'))
        ->toBe('1.4 petrol')
        ->and(entered($job, 'vehicle.actuation'))
        ->toBe('slave')
        ->and(entered($job, 'engine.peak_torque'))
        ->toBe('150 Nm');
    $this->followingRedirects()
        ->post("/jobs/{$job->id}/register")
        ->assertSee('knows nothing that is not entered already');
});

it('changes nothing at intake when it gives no answer', function (string $plate, string $message) {
    $job = $this->newJob($this->user, 'car', $plate);
    $before = Reading::query()->count();
    $this->followingRedirects()->post("/jobs/{$job->id}/register")->assertSee($message);
    expect(Reading::query()->count())->toBe($before);
})->with([['OF 100 F', 'cannot be reached. Nothing was changed'], ['ZZ 1', 'knows no vehicle “ZZ 1”. Nothing was changed']]);

it('opens the job even when the register falls silent between looking and opening', function () {
    $this->followingRedirects()
        ->post('/new-job', [
            'plate' => 'OF 100 F',
            'name' => 'Ostrel Marle 2.0 estate',
            'class' => 'car',
            'units' => 'metric',
            'from_register' => '1',
        ])
        ->assertSee('1 · Intake')
        ->assertSee('its other data can be filled in below, later');
});

it('ships only vehicles it could name in a job sheet, with numbers whose check digit fits', function () {
    $rows = json_decode((string) file_get_contents(database_path('demo/register.json')), true);
    foreach ($rows as $row) {
        foreach (array_diff_key($row, ['seconds' => 0]) as $field => $text) {
            expect(Subjects::dictionary()->find($field))->not->toBeNull($field);
        }
        $number = Spindle\Vehicle\IdentificationNumber::of($row['vehicle.number'] ?? '');
        expect(strlen($number->characters) === 17 ? $number->checkDigitFits() : true)->toBeTrue();
    }
});
