<?php

declare(strict_types=1);

use App\Changes\OpenJob;
use App\Changes\SignSheet;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Reading;
use App\Models\User;
use App\Readings\CurrentReadings;
use Illuminate\Support\Facades\DB;
use Spindle\Triage\Signs;

/*
 * Intake: what is asked follows what is known; the vehicle's earlier jobs are in view.
 */

beforeEach(function () {
    $this->user = $this->technician();
    $this->actingAs($this->user);
});

/** Fields that stand out of sight in the opened lines of the intake page, each line with at least one that is seen. */
function outOfSight(Closure $opened): array
{
    $hidden = [];
    foreach (['vehicle', 'clutch', 'keeper', 'shop', 'age', 'kit'] as $line) {
        $html = (string) $opened($line)->assertOk()->getContent();
        expect($html)->toMatch('/<details class="part" id="fold-'.$line.'"[^>]* open/')
            ->and(preg_match('/data-live="[\w.]+"\s*>/', $html))->toBe(1);
        preg_match_all('/data-live="([\w.]+)"\s+hidden/', $html, $m);
        $hidden = [...$hidden, ...$m[1]];
    }

    return $hidden;
}

it('asks by class and keeps the rest out of sight', function (string $class, array $asked, array $not) {
    $job = $this->newJob($this->user, $class, "P {$class}");
    $hidden = outOfSight(fn (string $line) => $this->get("/jobs/{$job->id}/intake?fold={$line}"));
    foreach ($asked as $field) {
        expect($hidden)->not->toContain($field);
    }
    foreach ($not as $field) {
        expect($hidden)->toContain($field);
    }
})->with([
    'car' => [
        'car',
        ['odometer', 'vehicle.drive', 'vehicle.pilot'],
        ['hour_meter', 'vehicle.rotation', 'vehicle.take_off', 'vehicle.stages', 'vehicle.adjusting', 'vehicle.discs'],
    ],
    'truck' => [
        'truck',
        ['odometer', 'hour_meter', 'vehicle.adjusting', 'vehicle.discs'],
        ['vehicle.rotation', 'vehicle.take_off', 'vehicle.stages'],
    ],
    'tractor' => [
        'tractor',
        ['hour_meter', 'vehicle.rotation', 'vehicle.take_off', 'vehicle.stages'],
        ['odometer', 'vehicle.drive', 'vehicle.adjusting'],
    ],
]);

it('follows at once when class or take-off change, and tells what comes and goes', function () {
    $job = $this->newJob($this->user);
    $answer = $this->enter($job, 'intake', 'vehicle.class', 'tractor', 3)->assertOk();
    preg_match('/id="asked" hidden="hidden" data-hide="([^"]*)"/', (string) $answer->getContent(), $m);

    expect(explode(' ', $m[1]))->toContain('odometer')->not->toContain('vehicle.rotation', 'hour_meter');
    $answer->assertSee('front axle wedged');
});

it('keeps showing a field that holds something, even where it should not', function () {
    $job = $this->newJob($this->user);
    $this->enter($job, 'intake', 'odometer', '90 000 km')->assertOk();
    $this->enter($job, 'intake', 'vehicle.class', 'tractor', 3)->assertOk();
    $this->flushHeaders();
    expect(outOfSight(fn (string $line) => $this->get("/jobs/{$job->id}/intake?fold={$line}")))->not->toContain('odometer');
});

it('takes the complaint as signs that triage goes on from', function () {
    $job = $this->newJob($this->user);
    $this->enter($job, 'intake', 'triage.signs', 'spongy,pumping_helps')->assertOk();
    $this->flushHeaders()->get("/jobs/{$job->id}/triage")->assertSee('Air in the hydraulics')->assertSee('pumping the pedal helps');
    $this->get("/jobs/{$job->id}/triage?fold=signs")
        ->assertSeeInOrder(['name="f[triage.signs][0][]"', 'value="spongy" checked'], false);
});

it('takes what was asked for and is not there, says what is worth asking, and speaks where a sign is both', function () {
    $job = $this->newJob($this->user);
    $this->enter($job, 'triage', 'triage.signs', 'hard_running')->assertOk();
    $page = $this->flushHeaders()->get("/jobs/{$job->id}/triage")->assertSee('Worth asking the driver')
        ->assertSeeText('what you asked and the driver denied');
    preg_match('~Worth asking the driver</strong>, and costs nothing: ([^;]+);~', (string) $page->getContent(), $m);
    $sign = (string) array_search($m[1], Signs::all(), true);

    $this->enter($job, 'triage', 'triage.absent', $sign)->assertOk()->assertSee($m[1]);
    $page = $this->flushHeaders()->get("/jobs/{$job->id}/triage?fold=absent");
    $page->assertSee("value=\"{$sign}\" checked", false)->assertDontSee("costs nothing: {$m[1]};");
    $seq = Reading::query()->where('field', 'triage.signs')->max('seq');
    $this->enter($job, 'triage', 'triage.signs', "hard_running,{$sign}", $seq)->assertOk();
    $this->flushHeaders()->get("/jobs/{$job->id}/triage")->assertSee("Ticked as there and as not there: {$m[1]}.");
});

it('reads a day, a month or a year of fitting, and refuses others', function (string $typed, bool $fits) {
    $job = $this->newJob($this->user);
    $answer = $this->enter($job, 'intake', 'fitted_on', $typed)->assertOk();
    $fits ? $answer->assertDontSee('is expected') : $answer->assertSee('a date such as 2024');
})->with([['2024', true], ['2024-05', true], ['2024-05-17', true], ['17.5.24', false], ['2024-13', false], ['soon', false]]);

it('shows what was found before, how fast the last clutch wore and what that foretells', function () {
    User::query()->delete();
    $this->seedDemo();
    $this->actingAs($this->user = User::query()->firstOrFail());
    // 7.7 new − 6.24 least now = 1.46 mm, said as 1.5 since 7.7 says no more, in 118 000 km: 81 000 km a millimetre; 73 500 km since
    // make 0.9 mm.
    $this->get('/jobs/11/intake')
        ->assertSee('Before on this vehicle')
        ->assertSee('J-0001')
        ->assertSeeText("1.5\u{00A0}mm of lining worn in 118\u{202F}000\u{00A0}km: 81\u{202F}000\u{00A0}km a millimetre")
        ->assertSeeText("At that rate about 0.9\u{00A0}mm would be gone by now")
        ->assertSee('It failed by: lining worn out')
        ->assertSee('Wharf 200 standard')
        // Of three places the least is what the limit is about.
        ->assertSeeText("Out. Depth to rivets, flywheel side 0.18\u{00A0}mm, at least 0.30\u{00A0}mm");
    // Heights whose spread was out are no figure to be held against the limit of a spread.
    expect(JobFacts::query()->findOrFail(12)->told['found'])->toHaveKey('two_stage.lever_heights')
        ->and(JobFacts::query()->findOrFail(12)->figures)->not->toHaveKey('two_stage.lever_heights');
    // What is told of it was stored with it: nothing of the earlier job is loaded for that.
    $asked = [];
    DB::listen(static function ($query) use (&$asked): void {
        if (str_contains($query->sql, '"readings"') || str_contains($query->sql, 'job_assessments')) {
            $asked = [...$asked, ...$query->bindings];
        }
    });
    $this->get('/jobs/11/intake')->assertSee('81');
    expect($asked)->toContain(11)->not->toContain(1);
    $this->get('/jobs/1/intake')->assertDontSee('Before on this vehicle');
});

it('starts the next job with the parts that were fitted last, and with the meter as it stood then', function () {
    User::query()->delete();
    $this->seedDemo();
    $this->actingAs($this->user = User::query()->firstOrFail());
    $first = Job::query()->findOrFail(1);
    $next = OpenJob::again($first->vehicle, $this->user)->load('readings');
    // The newest job of the vehicle is open and has no kit: its disc is still the one it came with.
    expect((new CurrentReadings($next->readings))->typed('disc.thickness_new'))->toBe('8.4 mm');

    $job = Job::query()->with(Job::WHOLE)->findOrFail(10);
    expect((new SignSheet($this->user))->sign($job->refresh()))->toBeTrue();
    $again = OpenJob::again($job->vehicle, $this->user)->load('readings');
    $now = new CurrentReadings($again->readings);
    $kit = Job::query()->with('kitChoice')->findOrFail(10)->kitChoice?->data;

    expect($now->typed('odometer_at_fitting'))
        ->toBe('143 200 km')
        ->and($now->typed('disc.thickness_new'))
        ->toBe($kit['thickness_new'])
        ->and($now->typed('disc.usable_per_side'))
        ->toBe($kit['usable_per_side'])
        ->and($now->typed('disc.thickness'))
        ->toBe('')
        ->and(Reading::query()->where('clutch_job_id', $again->id)->where('field', 'disc.thickness_new')->value('by_name'))
        ->toBe('Ines Tarrow, from the kit fitted last');
});

it('begins the next job with what lasts and with nothing that was measured on wear, setting or proof', function () {
    $job = $this->newJob($this->user);
    $lasting = [
        ['intake', 'vehicle.actuation', 'slave'], ['fit', 'fastening.cover.torque', '25 Nm'], ['fit', 'fastening.cover.bolts', '6'],
        ['strip', 'match.bolt_circle', '262 mm'], ['strip', 'match.housing_room', '300 mm'], ['set', 'release.slave_bore', '22.2 mm'],
        ['set', 'release.fork_ratio', '2'], ['strip', 'match.release_load', '1500 N'],
    ];
    $passing = [
        ['set', 'release.slave_stroke_left', '11 mm'], ['set', 'release.free_play', '9 mm'], ['strip', 'disc.thickness', '7.1 mm'],
        ['strip', 'flywheel.face_runout', '0.04 mm'], ['fit', 'fastening.cover.gap', '0.1 mm'], ['intake', 'odometer', '90 000 km'],
        ['prove', 'prove.take_up.height', '60 mm'],
    ];
    foreach ([...$lasting, ...$passing] as [$station, $field, $typed]) {
        $this->enter($job, $station, $field, $typed)->assertOk();
    }
    $next = new CurrentReadings(OpenJob::again($job->vehicle, $this->user)->load('readings')->readings);

    foreach ($lasting as [, $field, $typed]) {
        expect($next->typed($field))->toBe($typed, $field);
    }
    foreach ($passing as [, $field]) {
        expect($next->typed($field))->toBe('', $field);
    }
});

it('takes the clutch that was fitted for the old one of the next job, with all that its kit says of it', function () {
    $job = $this->newJob($this->user);
    $this->enter($job, 'strip', 'match.release_load', '1500 N')->assertOk();
    $this->enter($job, 'strip', 'match.flywheel_mass', '9 kg')->assertOk();
    $this->enter($job, 'strip', 'match.ring_teeth', '132')->assertOk();
    App\Models\KitChoice::query()->create([
        'clutch_job_id' => $job->id, 'kit_id' => null, 'by_name' => 'x', 'at' => now(),
        'data' => ['thickness_new' => '8.4 mm', 'usable_per_side' => '1.2 mm', 'spring' => 'self_adjusting', 'release_load' => 1700,
            'flywheel_kind' => 'dual_mass', 'flywheel_mass' => '11 kg'],
    ]);
    $job->signedSheet()->create([
        'json' => App\Sheets\SheetBuilder::document($job->load(Job::WHOLE))->toJson(), 'sha256' => str_repeat('0', 64), 'by_name' => 'x',
        'at' => '2026-03-04 10:00:00',
    ]);
    $next = new CurrentReadings(OpenJob::again($job->vehicle, $this->user)->load('readings')->readings);

    expect($next->typed('cover.kind'))->toBe('self_adjusting')
        ->and($next->typed('match.release_load'))->toBe('1700 N')
        ->and($next->typed('vehicle.flywheel'))->toBe('dual_mass')
        ->and($next->typed('match.flywheel_mass'))->toBe('11 kg')
        // The kit says nothing of its ring gear: what the flywheel before had stands, to be counted again.
        ->and($next->typed('match.ring_teeth'))->toBe('132')
        ->and($next->typed('fitted_on'))->toBe('2026-03-04')
        ->and($next->typed('disc2.thickness_new'))->toBe('');
});

it('reads the sizes of a kit that came as bare numbers in base units', function () {
    $job = $this->newJob($this->user);
    App\Models\KitChoice::query()->create([
        'clutch_job_id' => $job->id,
        'kit_id' => null,
        'data' => ['thickness_new' => 8.4, 'usable_per_side' => '0.043 in', 'clamp_load' => 6200],
        'by_name' => 'x',
        'at' => now(),
    ]);
    $job->signedSheet()->create([
        'json' => App\Sheets\SheetBuilder::document($job->load(Job::WHOLE))->toJson(),
        'sha256' => str_repeat('0', 64),
        'by_name' => 'x',
        'at' => now(),
    ]);
    $now = new CurrentReadings(OpenJob::again($job->vehicle, $this->user)->load('readings')->readings);

    expect($now->typed('disc.thickness_new'))
        ->toBe('8.4 mm')
        ->and($now->typed('disc.usable_per_side'))
        ->toBe('0.043 in')
        ->and($now->typed('cover.clamp_load_new'))
        ->toBe('6200 N')
        ->and($now->typed('disc2.thickness_new'))
        ->toBe('');
});
