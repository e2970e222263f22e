<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use App\Readings\CurrentReadings;
use App\Sheets\SheetBuilder;

/*
 * The strip page: which parts stand on it, marks placed on a face, instruments remembered, photos kept with their part.
 */

beforeEach(function () {
    $this->user = $this->technician();
    $this->actingAs($this->user);
    $this->job = $this->newJob($this->user);
});

/** What stands on the map of a face now. */
function marksOf(int $job, string $part = 'flywheel'): array
{
    $current = new CurrentReadings(Reading::query()->where('clutch_job_id', $job)->orderBy('seq')->get());

    return array_map(fn (Reading $r) => $r->typed, $current->filled("{$part}.marks"));
}

it('shows the parts each vehicle has and leaves out what it cannot have', function (
    string $class,
    array $entries,
    array $with,
    array $without,
) {
    $job = $this->newJob($this->user, $class, "P {$class}");
    foreach ($entries as $field => $typed) {
        $this->enter($job, 'intake', $field, $typed)->assertOk();
    }
    $page = $this->flushHeaders()
        ->get("/jobs/{$job->id}/strip")
        ->assertOk();
    foreach ($with as $id) {
        $page->assertSee("id=\"part-{$id}\"", false);
    }
    foreach ($without as $id) {
        $page->assertDontSee("id=\"part-{$id}\"", false);
    }
})->with([
    'a car' => [
        'car',
        ['vehicle.actuation' => 'slave'],
        ['disc', 'cover', 'flywheel', 'bearing', 'fork', 'sleeve', 'pilot', 'shaft', 'seals', 'surroundings'],
        ['disc2', 'intermediate', 'two_stage', 'truck'],
    ],
    'a car with a concentric bearing' => ['car', ['vehicle.actuation' => 'concentric'], ['bearing'], ['fork', 'sleeve']],
    'a truck of two discs' => ['truck', ['vehicle.actuation' => 'pull', 'vehicle.discs' => 'two'],
        ['disc', 'disc2', 'intermediate', 'truck'], ['two_stage']],
    'a truck of which nothing is said' => ['truck', ['vehicle.actuation' => 'pull'], ['disc', 'truck'], ['disc2', 'intermediate']],
    'a two-stage tractor' => [
        'tractor',
        ['vehicle.actuation' => 'rod', 'vehicle.stages' => 'two', 'vehicle.pilot' => 'none'],
        ['disc', 'disc2', 'two_stage'],
        ['intermediate', 'truck', 'pilot'],
    ],
]);

it('places a mark, places another beside it, takes the first off, and keeps the trace', function () {
    $place = fn (string $kind, string $clock, string $radius) => $this->withHeader('HX-Request', 'true')
        ->post("/jobs/{$this->job->id}/strip", [
            'm' => ['flywheel' => ['kind' => $kind, 'clock' => $clock, 'radius' => $radius, 'place' => '1']],
        ])
        ->assertOk();
    $place('heat_spot', '4:30', '105 mm')->assertSee('id="marked-flywheel"', false)->assertSee('id="draw-face"', false);
    $place('scoring', '9', '4 in');
    expect(marksOf($this->job->id))->toBe([0 => 'heat_spot 4:30 105 mm', 1 => 'scoring 9 4 in']);

    $this->post("/jobs/{$this->job->id}/strip", ['m' => ['flywheel' => ['take' => '0']]])->assertOk();
    expect(marksOf($this->job->id))
        ->toBe([1 => 'scoring 9 4 in'])
        ->and(Reading::query()->where('field', 'flywheel.marks')->count())
        ->toBe(3);
});

it('refuses a mark that is none, says which part of it, and gives the words back', function () {
    $send = ['m' => ['flywheel' => ['kind' => 'crack', 'clock' => '13', 'radius' => '88 mm', 'place' => '1']]];
    $this->withHeader('HX-Request', 'true')->post("/jobs/{$this->job->id}/strip", $send)->assertOk()
        ->assertSee('data-refused', false)->assertSee('“13” is no clock position');
    expect(marksOf($this->job->id))->toBe([]);

    // Without JavaScript the page comes back with what was typed, and with its part open.
    $this->flushHeaders()->followingRedirects()->post("/jobs/{$this->job->id}/strip", $send)
        ->assertSee('value="13"', false)->assertSee('value="88 mm"', false)
        ->assertSee('id="part-flywheel" data-part  open', false);
});

it('takes a mark typed in and sent with everything else', function () {
    $this->post("/jobs/{$this->job->id}/strip", [
        'f' => ['disc.runout' => ['0.2 mm']],
        'm' => [
            'flywheel' => ['kind' => 'crack', 'clock' => '', 'radius' => ''],
            'cover' => ['kind' => 'scoring', 'clock' => '2', 'radius' => '100'],
        ],
    ])->assertRedirect();

    expect(marksOf($this->job->id))
        ->toBe([])
        ->and(marksOf($this->job->id, 'cover'))
        ->toBe([0 => 'scoring 2 100']);
});

it('takes no mark on a signed job', function () {
    $this->job
        ->signedSheet()
        ->create([
            'json' => SheetBuilder::document($this->job->load(Job::WHOLE))->toJson(),
            'sha256' => str_repeat('0', 64),
            'by_name' => 'x',
            'at' => now(),
        ]);
    $this->withHeader('HX-Request', 'true')
        ->post("/jobs/{$this->job->id}/strip", [
            'm' => ['flywheel' => ['kind' => 'crack', 'clock' => '1', 'radius' => '88', 'place' => '1']],
        ])
        ->assertSee('This job is signed');
    expect(marksOf($this->job->id))->toBe([]);
});

it('offers the instrument chosen last from then on, to whoever chose it', function () {
    $send = fn (string $field, string $instrument) => $this->withHeader('HX-Request', 'true')
        ->post("/jobs/{$this->job->id}/strip", ['f' => [$field => ['7.3 mm']], 'b' => [$field => [0]], 'i' => [$field => $instrument]])
        ->assertOk();
    $send('disc.thickness', 'steel_rule');
    $chosen = fn (User $by): string => (string) preg_match(
        '/name="i\[disc2?\.thickness_new\]" value="(\w+)"/',
        $this->flushHeaders()
            ->actingAs($by)
            ->get("/jobs/{$this->job->id}/strip?part=disc")
            ->getContent(),
        $m,
    ) === '1'
        ? $m[1]
        : '';

    expect($chosen($this->user))->toBe('steel_rule')->and($chosen($this->technician('Somebody else')))->toBe('calliper');
});

it('brings another box with the entry, so that every finger can be measured without a stop', function () {
    $brought = fn (int $place): array => preg_match_all(
        '/name="f\[cover\.finger_heights\]\[(\d+)\]"/',
        (string) $this->enter($this->job, 'strip', 'cover.finger_heights', '32.0', 0, $place)->assertOk()->getContent(),
        $m,
    ) > 0
        ? array_map(intval(...), $m[1])
        : [];

    expect([$brought(0), $brought(3), $brought(4), $brought(5)])->toBe([[], [], [6], [7]]);
    $this->flushHeaders()
        ->get("/jobs/{$this->job->id}/strip?part=cover")
        ->assertSee('name="f[cover.finger_heights][7]"', false)
        ->assertDontSee('name="f[cover.finger_heights][8]"', false);
    // A correction brings none: the box is there already.
    expect(
        preg_match(
            '/name="f\[cover\.finger/',
            (string) $this->enter(
                $this->job,
                'strip',
                'cover.finger_heights',
                '32.1',
                (int) Reading::query()->where('position', 5)->max('seq'),
                5,
            )->getContent(),
        ),
    )->toBe(0);
});

it('says why the old clutch failed once something was looked at', function () {
    $this->enter($this->job, 'triage', 'triage.signs', 'whine_down,grabs')->assertOk();
    $this->flushHeaders()
        ->get("/jobs/{$this->job->id}/strip?fold=why")
        ->assertSee('Nothing was looked at yet');
    $this->enter($this->job, 'strip', 'pilot.play', '0.6 mm')
        ->assertOk()
        ->assertSee('id="why-said"', false)
        ->assertSee('confirmed by the parts');
});

it('shows the consequence of a condition beside it', function () {
    $this->get("/jobs/{$this->job->id}/strip")->assertSee(
        '<span class="then">find and mend the leak before anything new goes in</span>',
        false,
    );
});

it('carries a cut into the stations where the geometry is set', function () {
    $this->enter($this->job, 'intake', 'vehicle.flywheel', 'solid')->assertOk();
    $this->enter($this->job, 'strip', 'flywheel.machined', '0.30 mm')->assertOk();
    $this->enter($this->job, 'set', 'release.fork_ratio', '2')->assertOk();
    foreach (['fit', 'set'] as $station) {
        // 0.30 mm at 2:1 is 0.60 mm at the fork's outer end: cut × fork ratio, common practice, no source.
        $this->flushHeaders()
            ->get("/jobs/{$this->job->id}/{$station}")
            ->assertSee('From Strip.')
            ->assertSeeText("0.60\u{00A0}mm at the fork's outer end");
    }
    $this->get("/jobs/{$this->newJob($this->user, 'car', 'N 1')->id}/set")->assertDontSee('From Strip.');
});

it('puts on the printed sheet why the old clutch failed', function () {
    $this->enter($this->job, 'triage', 'triage.signs', 'whine_down,grabs')->assertOk();
    $this->enter($this->job, 'strip', 'pilot.conditions', 'seized')->assertOk();
    $this->enter($this->job, 'strip', 'why.causes', 'pilot')->assertOk();
    $this->flushHeaders()
        ->get("/jobs/{$this->job->id}/sheet")
        ->assertSeeText('Why the old clutch failed: Pilot bearing worn or seized.')
        ->assertSeeText('pilot bearing worn or seized (suspected before)');
});

it('offers only causes this vehicle can have', function () {
    $page = (string) $this->get("/jobs/{$this->job->id}/strip?fold=why")->getContent();
    preg_match_all('/name="f\[why\.causes\]\[0\]\[\]" value="(\w+)"/', $page, $m);
    expect($m[1])->toContain('pilot', 'lining_worn')->not->toContain('brake_worn', 'levers_uneven');
});

it('prints the dial readings around a face in one line', function () {
    foreach (['flywheel.dial_12' => '0.00 mm', 'flywheel.dial_4_30' => '0.05 mm', 'flywheel.dial_9' => '-0.01 mm'] as $field => $typed) {
        $this->enter($this->job, 'strip', $field, $typed)->assertOk();
    }
    $this->flushHeaders()
        ->get("/jobs/{$this->job->id}/sheet")
        ->assertSeeText('12:00 0.00 mm · 4:30 0.05 mm · 9:00 -0.01 mm')
        ->assertDontSeeText('Dial at');
});
