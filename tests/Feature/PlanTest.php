<?php

declare(strict_types=1);

use App\Changes\KeepLabour;
use App\Changes\SignSheet;
use App\Http\Middleware\LiveSession;
use App\Jobs\AssessedJob;
use App\Models\BoardSlot;
use App\Models\Installation;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\LabourClock;
use App\Models\OrderStep;
use App\Models\Role;
use App\Models\ShopFigure;
use App\Models\User;
use App\Models\Vehicle;
use App\Page\JobPlanning;
use App\Page\ShopHistory;
use App\Page\VehicleHistory;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Spindle\Planning\Task;

/* The plan of a job and of a day, what it took, and what the signed jobs say together. */

beforeEach(function () {
    Carbon::setTestNow('2026-11-25 07:30:00');
    $this->ines = User::factory()->create(['name' => 'Ines', 'role' => Role::Lead]);
    $this->bram = $this->technician('Bram');
    $this->job = $this->newJob($this->ines);
    $this->actingAs($this->ines);
    $this->page = fn (): AssessedJob => AssessedJob::of(Job::whole($this->job->id));
    $this->lay = fn (array $more = []) => $this->post('/board', ['job' => $this->job->id, 'task' => 'access', 'person' => $this->ines->id,
        'place' => 'Lift 1', 'day' => '2026-11-25', 'time' => '08:00', 'hours' => '3', ...$more]);
    /** A signed job that nobody needs to assess. */
    $this->signed = function (Vehicle $vehicle, string $at, array $facts): void {
        $job = Job::query()->create(['vehicle_id' => $vehicle->id, 'units' => 'metric', 'opened_by' => 'Ines', 'is_open' => false]);
        JobFacts::query()->create(['clutch_job_id' => $job->id, 'vehicle_id' => $vehicle->id, 'class' => $vehicle->class,
            'model' => $vehicle->name, 'outcome' => 'strip', 'hours' => [], 'causes' => [], 'marks' => [],
            'figures' => [], 'signed_at' => $at, ...$facts]);
    };
});

afterEach(fn () => Carbon::setTestNow());

it('shows tasks, promise and what to do now, and follows what is entered', function () {
    $this->get("/jobs/{$this->job->id}/plan")->assertOk()->assertSee('Likely')->assertSee('at the end of gearbox out, about')
        ->assertSee('A helper for 20 minutes');
    $before = JobPlanning::of(($this->page)())->plan->likely;
    $this->enter($this->job, 'intake', 'plan.delivery_days', '6')->assertOk();
    $after = JobPlanning::of(($this->page)())->plan->likely;
    $this->enter($this->job, 'intake', 'plan.done', 'checks');

    expect($after)->toBeGreaterThan($before)
        ->and(JobPlanning::of(($this->page)())->plan->tasks[0]->task)->toBe(Task::Access);
});

it('says how sure the promised day is', function (string $day, string $said) {
    $this->enter($this->job, 'intake', 'promised_on', $day)->assertOk();

    $this->get("/jobs/{$this->job->id}/plan")->assertOk()->assertSee($said);
})->with([['2026-11-25', 'no longer likely, kept in 0 of 100'], ['2026-12-24', 'safe, kept in 100 of 100']]);

it('waits for what is ordered until the day it comes, and no longer once it is here', function () {
    $order = fn (string $state, ?string $due): OrderStep => OrderStep::query()->create(['clutch_job_id' => $this->job->id, 'part' => 'kit',
        'number' => 'K 1', 'state' => $state, 'due_on' => $due, 'by_name' => 'Ines', 'at' => now()]);
    $bench = fn (): string => array_column(array_map(
        static fn ($t): array => [$t->task->value, $t->start->format('Y-m-d')], JobPlanning::of(($this->page)())->plan->tasks,
    ), 1, 0)['bench'];
    $order('ordered', '2026-12-18');
    $waiting = $bench();
    $order('arrived', null);

    expect($waiting)->toBe('2026-12-18')->and($bench())->toBeLessThan('2026-11-29');
});

it('plans around the closed days and the hours of the shop', function () {
    $this->post('/rules/closed', ['day' => '2026-11-26', 'why' => 'Stocktaking'])->assertSessionHasNoErrors();
    $this->post('/rules', ['section' => 'calendar', 'name' => 'week.fri', 'value' => '08:00-12:00'])->assertSessionHasNoErrors();
    $calendar = JobPlanning::of(($this->page)())->calendar;

    expect($calendar->isOpenOn(new DateTimeImmutable('2026-11-26')))->toBeFalse()
        ->and($calendar->openings(new DateTimeImmutable('2026-11-27')))->toHaveCount(1);
    $this->get('/board?day=2026-11-26')->assertSee('Closed: Stocktaking');
    $this->post('/rules', ['section' => 'calendar', 'name' => 'week.fri', 'value' => 'mornings'])->assertSessionHasErrors('value');
    $this->post('/rules', ['section' => 'calendar', 'name' => 'zone', 'value' => 'Estuary/Quay'])->assertSessionHasErrors('value');
    $this->actingAs($this->bram)->post('/rules/closed', ['day' => '2026-11-27', 'why' => 'x'])->assertForbidden();
});

it('learns the hours from three recorded jobs, of the model before the class', function () {
    $vehicle = $this->job->vehicle;
    foreach ([3.0, 4.0, 5.0] as $i => $hours) {
        ($this->signed)($vehicle, '2026-0'.($i + 1).'-01 10:00:00', ['hours' => ['access' => $hours]]);
    }
    $task = collect(JobPlanning::of(($this->page)())->plan->tasks)->firstWhere('task', Task::Access);

    expect($task->hours)->toBe(4.0)->and(JobPlanning::of(($this->page)())->learned)->toBe(['access']);
});

it('keeps what the clock showed as if it were typed, ends the clock before, and forgets none', function () {
    $this->post("/jobs/{$this->job->id}/labour", ['task' => 'access'])->assertRedirect();
    Carbon::setTestNow('2026-11-25 09:00:00');
    $this->post("/jobs/{$this->job->id}/labour", ['task' => 'inspection']);
    expect(($this->page)()->current->typed('plan.taken.access'))->toBe('1.50 h')->and(LabourClock::query()->count())->toBe(1);
    Carbon::setTestNow('2026-11-25 09:00:10');
    expect(KeepLabour::stop($this->ines))->toContain('less than half a minute')
        ->and(($this->page)()->current->typed('plan.taken.inspection'))->toBe('');
    $this->post("/jobs/{$this->job->id}/labour", ['task' => 'access']);
    Carbon::setTestNow('2026-11-26 09:00:00');
    expect(KeepLabour::stop($this->ines))->toContain('forgotten')
        ->and(JobFacts::query()->find($this->job->id)->hours)->toBe(['access' => 1.5]);
    // A day later somebody signs in anew.
    $this->withSession([LiveSession::SINCE => now()->getTimestamp()])
        ->post('/labour/stop')->assertSessionHas('notice', 'No clock of yours runs.');
});

it('lays a task by hand, moves it by quarters and to other hands, over the break, and lifts it off', function () {
    ($this->lay)()->assertSessionHasNoErrors();
    $slot = BoardSlot::query()->sole();
    $move = fn (int $minutes, int $people) => $this->post("/board/{$slot->id}/move", ['day' => '2026-11-25', 'minutes' => $minutes,
        'people' => $people]);
    $when = fn (): string => $slot->refresh()->starts_at->format('H:i').'-'.$slot->ends_at->format('H:i').' '.$slot->user_id;
    expect($when())->toBe("08:00-11:00 {$this->ines->id}");
    $move(15, 0);
    expect($when())->toBe("08:15-11:15 {$this->ines->id}");
    $move(0, 1);
    expect($when())->toBe("08:15-11:15 {$this->bram->id}");
    // Back over the dinner hour it lands before it.
    $move(285, 0);
    expect($when())->toBe("13:00-16:00 {$this->bram->id}");
    $move(-15, 0);
    expect($when())->toBe("11:45-15:45 {$this->bram->id}");
    $this->post("/board/{$slot->id}/lift", ['day' => '2026-11-25']);
    expect(BoardSlot::query()->count())->toBe(0);
});

it('shows what clashes and moves nothing of it', function () {
    ($this->lay)();
    $other = $this->newJob($this->ines, plate: 'ZZ 99 ZZZ');
    ($this->lay)(['job' => $other->id, 'person' => $this->bram->id]);
    $this->get('/board?day=2026-11-25')->assertSee('2 tasks clash')->assertSee('on the same place')->assertSee('helper 20 min');
    expect(BoardSlot::query()->pluck('starts_at')->map->format('H:i')->all())->toBe(['08:00', '08:00']);
});

it('proposes what is open around what lies there, and nothing twice', function () {
    ($this->lay)(['time' => '13:00']);
    $this->propose('2026-11-25')->assertSessionHas('notice', 'Laid. What lay there was left where it is.');
    $mine = BoardSlot::query()->where('task', 'access')->sole();
    expect($mine->starts_at->format('H:i'))->toBe('13:00')->and(BoardSlot::query()->count())->toBeGreaterThan(5);
    $this->get('/board/proposal?day=2026-11-25')->assertOk()->assertSee('Everything open that can be laid lies on the board already.');
});

it('shows what it would lay, lays nothing else than that, and takes it back in one go', function () {
    $this->get('/board/proposal?day=2026-11-25')->assertOk()->assertSee('Gearbox back')->assertSee('Lay these');
    expect(BoardSlot::query()->count())->toBe(0);
    $form = $this->formOfProposal('2026-11-25');
    // Somebody lays a task meanwhile: what was looked at is not what would be laid.
    ($this->lay)(['time' => '13:00']);
    $this->post('/board/propose', $form)->assertRedirect('/board/proposal?day=2026-11-25')->assertSessionHasErrors('mark');
    expect(BoardSlot::query()->count())->toBe(1);
    $this->propose('2026-11-25');
    $all = BoardSlot::query()->count();
    $moved = BoardSlot::query()->where('task', 'fitting')->sole();
    $this->post("/board/{$moved->id}/move", ['day' => $moved->starts_at->format('Y-m-d'), 'minutes' => 60]);
    $with = BoardSlot::query()->whereNotNull('laid_with')->firstOrFail()->laid_with;
    $this->get('/board?day=2026-11-25')->assertSee('Take back the '.($all - 2).' laid');
    $this->post('/board/back', ['day' => '2026-11-25', 'with' => $with])->assertSessionHas('notice', ($all - 2)
        .' tasks taken off again. What was moved by hand since lies where it was moved.');
    // What was laid by hand, and what was moved by hand, stays.
    expect(BoardSlot::query()->orderBy('task')->pluck('task')->all())->toBe(['access', 'fitting']);
});

it('lays no bench before the delivery, and says what is laid where another stands in pieces', function () {
    $this->enter($this->job, 'intake', 'plan.parts_on', '2026-12-03');
    $this->propose('2026-11-25');
    expect(BoardSlot::query()->where('task', 'bench')->sole()->starts_at->format('Y-m-d H:i'))->toBe('2026-12-03 08:00');
    // One place, on which a vehicle stands in pieces: its gearbox going back is lifted off the board.
    $this->post('/board/places', ['places' => 'Lift 1']);
    BoardSlot::query()->whereIn('task', ['closing', 'setting', 'proving'])->delete();
    BoardSlot::query()->update(['place' => 'Lift 1', 'laid_with' => null]);
    $this->job->update(['is_open' => true]);
    $second = $this->newJob($this->ines, plate: 'ZZ 99 ZZZ');
    ($this->lay)(['job' => $second->id, 'person' => $this->bram->id, 'day' => '2026-12-07']);
    $this->get('/board?day=2026-12-07')
        ->assertSee('where another stands in pieces: Gearbox out of '.Job::numbered($this->job->id));
    BoardSlot::query()->where('clutch_job_id', $second->id)->delete();
    $this->job->update(['promised_on' => null]);
    $this->get('/board/proposal?day=2026-12-07')->assertSee($second->label());
});

it('lays the demonstration’s board once, and nobody else’s', function () {
    $this->artisan('demo:board')->assertFailed();
    expect(BoardSlot::query()->count())->toBe(0);
    config(['spindle.demo' => true]);
    Installation::query()->create(['made_for' => Installation::DEMO, 'at' => now()]);
    $this->artisan('demo:board')->expectsOutput('Laid.')->assertSuccessful();
    $laid = BoardSlot::query()->count();
    $this->artisan('demo:board')->expectsOutput('The board has work on it.')->assertSuccessful();
    expect($laid)->toBeGreaterThan(5)->and(BoardSlot::query()->count())->toBe($laid);
});

it('opens on the next open day where nobody works today, and says the day of what runs over the night', function () {
    Carbon::setTestNow('2026-11-28 10:00:00');
    $this->get('/board')->assertOk()->assertSee('Mon, Nov 30, 2026')->assertSee('Next open day');
    ($this->lay)(['day' => '2026-11-30', 'time' => '14:00', 'hours' => '6']);
    $this->get('/board?day=2026-11-30')->assertSee('Tue, Dec 1, 11:00');
});

it('refuses what cannot be laid, naming the field', function (array $wrong, string $field) {
    ($this->lay)($wrong)->assertSessionHasErrors($field);
    expect(BoardSlot::query()->count())->toBe(0);
})->with([[['task' => 'sweeping'], 'task'], [['place' => 'Lift 9'], 'place'],
    [['time' => '8 o clock'], 'time'], [['hours' => '400'], 'hours'],
    [['job' => 999], 'job']]);

it('has a flywheel at the machinist on its list until it is back, and says in the morning that it is late', function () {
    $this->enter($this->job, 'intake', 'plan.machining_days', '2');
    $this->enter($this->job, 'intake', 'plan.out_on', '2026-11-25')->assertOk();
    expect($this->job->refresh()->state->value)->toBe('machinist')->and($this->job->waits_until)->toBe('2026-11-27');
    $this->flushHeaders()->get('/')->assertOk()->assertSee('for the flywheel')->assertSee('until Nov 27, 2026')
        ->assertSee('Flywheel at the machinist');
    Carbon::setTestNow('2026-11-30 07:30:00');
    $this->withSession([LiveSession::SINCE => now()->getTimestamp()])->get('/')->assertSee('late since Nov 27, 2026');
    $this->get("/jobs/{$this->job->id}/plan")->assertSee('was to be back from the machinist');
    $this->enter($this->job, 'intake', 'plan.returned_on', '2026-11-30');
    expect($this->job->refresh()->state->value)->toBe('open')->and($this->job->waits_until)->toBeNull();
});

it('puts the morning over the bay', function () {
    $this->enter($this->job, 'intake', 'promised_on', '2026-11-24');
    ($this->lay)();
    $this->flushHeaders()->get('/')->assertOk()->assertSee('In whose hands')->assertSee('late since')->assertSee($this->job->label());
    $this->get('/?q=hatch')->assertDontSee('In whose hands');
});

it('asks for a second person where the shop wants one, and takes nobody for two', function () {
    ShopFigure::query()->create(['section' => 'signing', 'name' => 'second', 'value' => 'yes', 'by_name' => 'Ines', 'at' => now()]);
    $page = ($this->page)();
    expect(App\Jobs\SecondLook::isThere($page->job, $page->current))->toBeFalse();
    $this->enter($this->job, 'record', 'record.checked', 'yes');
    $page = ($this->page)();
    expect(App\Jobs\SecondLook::isThere($page->job, $page->current))->toBeTrue()
        ->and(App\Jobs\SecondLook::isBy($page->current, $this->ines))->toBeTrue()
        ->and(App\Jobs\SecondLook::isBy($page->current, $this->bram))->toBeFalse()
        ->and((new SignSheet($this->ines))->sign($this->job))->toBeFalse();
});

it('tells a vehicle\'s clutches, forecasts a range and says what comes again', function () {
    $vehicle = $this->job->vehicle;
    foreach ([['2024-01-10', 40_000, 40_000], ['2025-01-10', 80_000, 40_000], ['2026-01-10', 122_000, 42_000]] as [$at, $meter, $since]) {
        ($this->signed)($vehicle, "{$at} 10:00:00", ['kit' => 'MQ', 'meter' => $meter, 'since' => $since, 'worn' => 1.6, 'usable' => 1.8,
            'causes' => ['lining_worn']]);
    }
    ($this->signed)($vehicle, '2026-05-10 10:00:00', ['kit' => '', 'meter' => 135_000, 'causes' => ['air'], 'outcome' => 'bleed']);
    $history = VehicleHistory::of($vehicle);

    // 45 000, 45 000 and 47 250 km of whole linings; 112 and 108 km a day.
    expect($history->lives)->toHaveCount(3)->and($history->forecast?->middle)->toEqualWithDelta(45_750, 1.0)
        ->and($history->forecast?->earliest->format('Y'))->toBe('2027')
        ->and($history->repeats)->toBe(['Third worn or damaged clutch in 2 years: look at how it is driven, at oil, and whether the kit '
            .'carries the load.']);
    $page = (string) preg_replace('/\s+/', ' ', strip_tags((string) $this->get("/vehicles/{$vehicle->id}")->assertOk()
        ->assertSee('Third worn or damaged')->getContent()));
    expect($page)->toMatch('/Next clutch between \w+ \d+, 2027 and \w+ \d+, 20\d\d, after \d/u');
});

it('says what the shop\'s jobs say together, and that few are few', function () {
    Cache::flush();
    foreach (range(1, 6) as $n) {
        $vehicle = Vehicle::query()->create(['name' => 'Post van', 'plate' => "P {$n}", 'number' => '', 'class' => 'van']);
        ($this->signed)($vehicle, '2025-01-10 10:00:00', ['kit' => 'MQ-1', 'duty' => 'delivery', 'planned' => 10.0, 'taken' => 12.0]);
        ($this->signed)($vehicle, '2025-09-10 10:00:00', ['kit' => 'RV-1', 'duty' => 'delivery', 'since' => 30_000.0 + 1000 * $n,
            'worn' => 1.0, 'causes' => ['oil_on_lining'], 'marks' => ['flywheel.face_runout' => 'near']]);
    }
    $history = ShopHistory::now();

    expect($history->jobs)->toBe(12)->and($history->kits[0]['what'])->toBe('MQ-1 · delivery')
        ->and($history->kits[0]['count'])->toBe(6)
        ->and($history->kits[0]['median'])->toBe(33_500.0)
        ->and($history->twice[0]['what'])->toBe('Oil or grease on the lining')->and($history->twice[0]['jobs'])->toHaveCount(6)
        ->and($history->hours[0]['median'])->toBe(1.2)->and($history->limits[0]['what'])->toBe('flywheel.face_runout');
    $this->get('/history')->assertOk()->assertSee('What 12 signed jobs say')->assertDontSee('flywheel.face_runout');
});
