<?php

declare(strict_types=1);

use App\Drawings\BoltDrawing;
use App\Http\Controllers\StationController;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Reading;
use App\Sheets\SheetBuilder;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningStage;

beforeEach(function () {
    $this->ines = $this->technician();
    $this->job = $this->newJob($this->ines);
    $this->actingAs($this->ines);
    $this->enter($this->job, 'fit', 'fastening.cover.bolts', '6')->assertOk();
    $this->enter($this->job, 'fit', 'fastening.cover.torque', '25 N·m')->assertOk();
});

function tick(mixed $test, string $what, string $group = 'cover')
{
    return $test->post("/jobs/{$test->job->id}/fit", ['t' => [$group => $what]], ['HX-Request' => 'true']);
}

function cover(Job $job): BoltDrawing
{
    return BoltDrawing::of(AssessedJob::of(Job::whole($job->id)), BoltGroup::Cover) ?? throw new LogicException('no bolts');
}

it('ticks a bolt with who and when, and goes to the next in the order', function () {
    tick($this, 'hand 1')->assertOk()->assertSee('1/6');
    tick($this, 'hand 4')->assertOk();
    $drawing = cover($this->job);

    expect($drawing->plan->done['hand'])->toEqualCanonicalizing([1, 4])->and($drawing->plan->next())->toBe(2)
        ->and($drawing->who(1))->toStartWith($this->ines->name)->and($drawing->who(2))->toBe('')
        ->and(SheetBuilder::document(Job::whole($this->job->id))->get(['fastening', 'cover', 'done_hand']))->toBe(['1', '4']);
});

it('lets two people tick one bolt and counts it once, and unticks only on word', function () {
    tick($this, 'hand 3');
    $this->actingAs($this->technician('Omar'));
    tick($this, 'hand 3')->assertOk();
    $rows = Reading::query()->where('field', 'fastening.cover.done_hand');

    expect($rows->count())->toBe(1)->and(cover($this->job)->who(3))->toStartWith($this->ines->name);
    tick($this, 'hand -3')->assertOk();
    tick($this, 'hand -3')->assertOk();
    expect(cover($this->job)->isDone(3))->toBeFalse()->and($rows->count())->toBe(2);
    tick($this, 'hand 3');
    expect(cover($this->job)->who(3))->toStartWith('Omar');
});

it('refuses bolts, rounds and groups that are not there, and loses nothing', function (string $what, string $group) {
    tick($this, 'hand 1');
    tick($this, $what, $group)->assertOk();

    expect(cover($this->job)->plan->done['hand'])->toBe([1])
        ->and(Reading::query()->where('field', 'like', 'fastening.%.done_%')->count())->toBe(1);
})->with([['hand 0', 'cover'], ['hand 99', 'cover'], ['soon 2', 'cover'], ['hand two', 'cover'], ['hand 2', 'roof'], ['', 'cover']]);

it('goes through every round to within, and says each time what the wrench is set to', function () {
    foreach (['hand', 'seat', 'half', 'full'] as $round) {
        foreach ([1, 4, 2, 5, 3, 6] as $bolt) {
            expect(cover($this->job)->plan->next())->toBe($bolt)->and(cover($this->job)->stage()?->value)->toBe($round);
            tick($this, "{$round} {$bolt}")->assertOk();
        }
    }
    $drawing = cover($this->job);

    expect($drawing->plan->stage())->toBeNull()->and($drawing->isDone(6))->toBeTrue()
        ->and($drawing->set(TighteningStage::Half))->toContain('12.5')->and($drawing->set(TighteningStage::Full))->toContain('25')
        ->and($drawing->set(TighteningStage::Hand))->toBe('');
    $this->get("/jobs/{$this->job->id}/fit")->assertOk()->assertSee('every bolt went through every round');
});

it('shows whoever looks on the bolts as they stand, and keeps ticks of a list that came in out of order', function () {
    foreach ([5, 2] as $position => $bolt) {
        Reading::query()->create(['clutch_job_id' => $this->job->id, 'seq' => 50 + $position, 'field' => 'fastening.cover.done_hand',
            'position' => $position, 'kind' => Reading::ENTRY, 'typed' => (string) $bolt, 'is_number' => true, 'by_name' => 'x',
            'at' => now()]);
    }
    // The place that bolt 1 would have is taken by bolt 5.
    tick($this, 'hand 1')->assertOk();

    expect(cover($this->job)->plan->done['hand'])->toEqualCanonicalizing([5, 2, 1]);
    $this->get("/jobs/{$this->job->id}/fit/bolts/cover")->assertOk()->assertSee('3/6')->assertDontSee('<html', false);
    $this->get("/jobs/{$this->job->id}/fit/bolts/roof")->assertNotFound();
});

it('does not tick on a job that is signed', function () {
    $this->job->signedSheet()->create(['json' => '{}', 'sha256' => '', 'by_name' => 'Ines', 'at' => now()]);
    tick($this, 'hand 1');

    expect(Reading::query()->where('field', 'fastening.cover.done_hand')->count())->toBe(0);
});

it('stands bolts on their circle or in their row, far enough apart for a finger', function (int $bolts, string $layout) {
    $this->enter($this->job, 'fit', 'fastening.housing.bolts', (string) $bolts);
    $this->enter($this->job, 'fit', 'fastening.housing.layout', $layout);
    $drawing = BoltDrawing::of(AssessedJob::of(Job::whole($this->job->id)), BoltGroup::Housing);
    $apart = [];
    for ($i = 1; $i < $bolts; $i++) {
        [[$x, $y], [$u, $v]] = [$drawing->at($i), $drawing->at($i + 1)];
        $apart[] = hypot($x - $u, $y - $v);
    }

    expect(min($apart))->toBeGreaterThan(44.0)->and(max(array_map(fn (int $i): float => $drawing->at($i)[0], range(1, $bolts))))
        ->toBeLessThanOrEqual($drawing->width());
})->with([[3, 'circle'], [32, 'circle'], [9, 'row']]);

it('prints a label for each group and each bolt that differs', function () {
    $this->get("/jobs/{$this->job->id}/labels")->assertOk()->assertSee('6 bolts');
    $this->enter($this->job, 'fit', 'fastening.housing.bolts', '9');
    $this->enter($this->job, 'fit', 'fastening.housing.differ', '3: M10x1.5, 60 long');
    $this->get("/jobs/{$this->job->id}/labels")->assertOk()->assertSee('Gearbox housing, hole 3')->assertSee('M10x1.5, 60 long')
        ->assertSee('9 bolts');
});

it('draws what is kept elsewhere anew after each entry: the page waits for what the answer says', function () {
    $waits = 'hx-trigger="'.StationController::ENTERED.' from:body"';
    $this->get("/jobs/{$this->job->id}/fit?fold=clearance")->assertOk()->assertSee($waits, false);
    // What comes in its place waits for the next entry.
    $this->get("/jobs/{$this->job->id}/drawings/clutch")->assertOk()->assertSee($waits, false);
    $this->post("/jobs/{$this->job->id}/fit", ['f' => ['fastening.housing.bolts' => ['9']]], ['HX-Request' => 'true'])
        ->assertOk()->assertHeader('HX-Trigger', StationController::ENTERED);
});

it('measures the bearing clearance at Fit too, with its drawing', function () {
    $this->get("/jobs/{$this->job->id}/fit")->assertOk()->assertSee('Before it closes');
    $this->get("/jobs/{$this->job->id}/drawings/clutch")->assertOk()->assertSee('draw-clutch')->assertDontSee('<html', false);
    $this->get("/jobs/{$this->job->id}/drawings/roof")->assertNotFound();
});

it('proposes the way of bleeding that the shop has chosen', function () {
    $this->enter($this->job, 'intake', 'vehicle.actuation', 'slave');
    $this->get("/jobs/{$this->job->id}/set?fold=bleeding")->assertSee('Helper at the pedal.');
    $this->actingAs(App\Models\User::factory()->create(['role' => 'lead']))
        ->post('/rules', ['section' => 'bleeding', 'name' => 'school', 'value' => 'reverse'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/set?fold=bleeding")->assertSee('Nobody touches the pedal from now on');
    $this->post('/rules', ['section' => 'bleeding', 'name' => 'school', 'value' => 'prayer'])->assertSessionHasErrors('value');
    $this->get('/rules')->assertOk()->assertSee('reverse, slave end first');
});

it('counts at a step of the bleeding, two people at once and back again, and refuses what is no step', function () {
    $count = fn (string $what) => $this->post("/jobs/{$this->job->id}/set", ['t' => ['bleed' => $what]], ['HX-Request' => 'true'])
        ->assertOk();
    $counted = fn (): ?int => AssessedJob::of(Job::whole($this->job->id))->values()->count('hydraulics.counted_4');
    $count('4 +');
    $this->actingAs($this->technician('Omar'));
    $count('4 +');
    $count('4 +');
    expect($counted())->toBe(3);
    $count('4 -');
    expect($counted())->toBe(2);
    $count('9 +');
    $count('4 x');
    expect(Reading::query()->where('field', 'like', 'hydraulics.counted_%')->count())->toBe(4);
    $count('4 -');
    $count('4 -');
    // Nought is not counted, and never less.
    $count('4 -');
    expect($counted())->toBeNull();
});

it('takes a round as done whole, and closes the step with the last bolt of the last round', function () {
    $step = static fn ($test): string => (new App\Readings\CurrentReadings(Job::whole($test->job->id)->readings))->typed('fit.cover_bolts');
    tick($this, 'hand 2')->assertOk();
    tick($this, 'hand all')->assertOk()->assertSee('6/6');
    expect(cover($this->job)->plan->done['hand'])->toEqualCanonicalizing([1, 2, 3, 4, 5, 6])
        // Ticked before by itself: counted once.
        ->and(Reading::query()->where('field', 'fastening.cover.done_hand')->count())->toBe(6);

    foreach (cover($this->job)->plan->stages as $stage) {
        expect($step($this))->toBe('');
        tick($this, "{$stage->value} all")->assertOk();
    }
    expect(cover($this->job)->plan->stage())->toBeNull()->and($step($this))->toBe('done');
    $this->get("/jobs/{$this->job->id}/fit")->assertOk()->assertSee('data-closed="fit.cover_bolts"', false);
    // What somebody said of the step stays, whatever is ticked after it.
    $seq = Reading::query()->where('field', 'fit.cover_bolts')->max('seq');
    $this->enter($this->job, 'fit', 'fit.cover_bolts', 'skipped', (int) $seq);
    tick($this, 'full -1');
    tick($this, 'full 1');
    expect($step($this))->toBe('skipped');
});
