<?php

declare(strict_types=1);

use App\Drawings\BranchBar;
use App\Drawings\ChainDrawing;
use App\Drawings\ClutchDrawing;
use App\Drawings\DiscDrawing;
use App\Drawings\Drawings;
use App\Drawings\FaceDrawing;
use App\Drawings\FlywheelDrawing;
use App\Drawings\PedalDrawing;
use App\Drawings\PilotDrawing;
use App\Drawings\RingDrawing;
use App\Drawings\TorqueScale;
use App\Drawings\TriageDrawing;
use App\Drawings\TruckDrawing;
use App\Drawings\TwoStageDrawing;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\Reading;
use App\Page\KitShelf;
use App\Page\Rounds;
use App\Page\ShelfRow;
use App\Page\TellTale;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\Request;
use Spindle\Inspection\Flywheel\FlywheelFields;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Station;

/*
 * Drawings are to scale with what is entered: lengths on the page are compared with the readings they stand for.
 */

/** A bench with these entries, each typed as a person would. */
function benchWith(Job $job, array $entries): AssessedJob
{
    $seq = 100 + (int) Reading::query()->where('clutch_job_id', $job->id)->max('seq');
    foreach ($entries as $field => $typed) {
        foreach ((array) $typed as $position => $one) {
            Reading::query()->create([
                'clutch_job_id' => $job->id, 'seq' => ++$seq, 'field' => $field, 'position' => $position, 'kind' => Reading::ENTRY,
                'typed' => $one, 'is_number' => false, 'by_name' => 'x', 'at' => now(),
            ]);
        }
    }

    return AssessedJob::of(Job::query()->with(Job::WHOLE)->findOrFail($job->id));
}

beforeEach(function () {
    $this->job = $this->newJob($this->technician());
});

it('draws the wear of a disc in proportion to its thickness', function () {
    $drawing = DiscDrawing::of(
        benchWith($this->job, [
            'disc.thickness_new' => '8 mm',
            'disc.thickness' => ['7.5 mm', '7.2 mm'],
            'disc.usable_per_side' => '1 mm',
        ]),
    );

    expect($drawing->bottom - DiscDrawing::TOP)
        ->toBe(200.0)
        ->and($drawing->wornTop + $drawing->wornBottom)
        ->toEqualWithDelta((200 * 0.8) / 8, 1e-9)
        ->and($drawing->usable)
        ->toEqualWithDelta(200 / 8, 1e-9)
        ->and($drawing->now)
        ->toBe("7.2\u{00A0}mm")
        ->and($drawing->used)
        ->toBe("40\u{00A0}% used");
});

it('draws each side of a disc by its own rivet depth once that is measured', function () {
    $drawing = DiscDrawing::of(
        benchWith($this->job, [
            'disc.thickness_new' => '8 mm',
            'disc.usable_per_side' => '1 mm',
            'disc.rivet_depth_flywheel' => '0.4 mm',
            'disc.rivet_depth_cover' => '0.9 mm',
        ]),
    );

    expect($drawing->wornTop)
        ->toEqualWithDelta(0.6 * 25, 1e-9)
        ->and($drawing->wornBottom)
        ->toEqualWithDelta(0.1 * 25, 1e-9);
});

it('draws something of sense before anything is entered', function () {
    $page = benchWith($this->job, []);

    expect(DiscDrawing::of($page)->wornTop)->toBe(0.0)->and(DiscDrawing::of($page)->new)->toBe('')
        ->and(FlywheelDrawing::of($page)->least)->toBeNull()
        ->and(ClutchDrawing::of($page)->isKnown)->toBeFalse()
        ->and(PedalDrawing::of($page)->play)->toBeNull()
        ->and(TorqueScale::of($page, emptyRow($page))->bars)->toBe([]);
});

it('never draws a part thinner than nothing, whatever is entered', function () {
    $drawing = DiscDrawing::of(
        benchWith($this->job, ['disc.thickness_new' => '8 mm', 'disc.thickness' => '0.5 mm', 'disc.usable_per_side' => '12 mm']),
    );

    expect($drawing->wornTop)->toBeLessThanOrEqual(90.0)->and($drawing->usable)->toBeLessThan(90.0)->and($drawing->bottom)->toBe(250.0);
});

it('draws the cut and the least thickness of a flywheel on one scale', function () {
    $drawing = FlywheelDrawing::of(
        benchWith($this->job, [
            'flywheel.thickness' => '30 mm',
            'flywheel.thickness_min' => '28 mm',
            'flywheel.machined' => '1 mm',
            'flywheel.face_runout' => '0.1 mm',
        ]),
    );
    $scale = ($drawing->face - FlywheelDrawing::LEFT) / 30;

    expect($drawing->least - FlywheelDrawing::LEFT)
        ->toEqualWithDelta(28 * $scale, 1e-9)
        ->and($drawing->cut)
        ->toEqualWithDelta($scale, 1e-9)
        ->and($drawing->lean)
        ->toEqualWithDelta(0.1 * $scale * 20, 1e-9)
        ->and($drawing->after)
        ->toBe("29\u{00A0}mm");
});

it('opens the gap of the bearing with the clearance, and stops before it leaves the page', function (string $a, float $gap) {
    $drawing = ClutchDrawing::of(
        benchWith($this->job, [
            'release.depth_to_fingers' => $a,
            'release.bearing_height' => '60 mm',
            'release.clearance_target' => '60 mm',
        ]),
    );

    expect($drawing->bearing - ClutchDrawing::TIP)
        ->toEqualWithDelta($gap, 1e-9)
        ->and($drawing->bearing)
        ->toBeLessThan(ClutchDrawing::GEARBOX);
})->with([['62 mm', 24.0], ['64.5 mm', 54.0], ['90 mm', 110.0], ['58 mm', 0.0]]);

it('unrolls the pedal with free play at its place and take-up after it', function () {
    $drawing = PedalDrawing::of(
        benchWith($this->job, [
            'vehicle.actuation' => 'slave',
            'release.pedal_travel' => '140 mm',
            'release.free_play' => '14 mm',
            'release.pedal_ratio' => '6',
            'release.master_bore' => '15.87 mm',
            'release.slave_bore' => '20.64 mm',
            'release.fork_ratio' => '1.9',
            'release.clearance' => '1.5 mm',
            'release.finger_ratio' => '3.1',
            'release.cushion' => '0.6 mm',
        ]),
    );

    expect($drawing->play)
        ->toEqualWithDelta(PedalDrawing::LEFT + 0.1 * PedalDrawing::WIDTH, 1e-9)
        ->and($drawing->takeUp)
        ->toBeGreaterThan($drawing->play)
        ->and($drawing->takeUp)
        ->toBeLessThan(PedalDrawing::LEFT + PedalDrawing::WIDTH)
        ->and($drawing->takeUpText)
        ->toContain('above the floor');
});

/** A kit of which nothing is known. */
function emptyRow(AssessedJob $page): ShelfRow
{
    return ShelfRow::of((new Kit)->setRelation('detail', null), null, $page);
}

it('puts engine, wanted and harsh on one scale', function () {
    $page = benchWith($this->job, ['engine.peak_torque' => '200 Nm', 'duty' => 'town']);
    $scale = TorqueScale::of($page, emptyRow($page));

    // From 110, 440 wide. Harsh above 2.0 is the greatest shown, so it stands at the end; 1.25 is wanted.
    expect($scale->harsh)->toEqualWithDelta(550.0, 1e-9)
        ->and($scale->engine)->toEqualWithDelta(330.0, 1e-9)
        ->and($scale->required)->toEqualWithDelta(385.0, 1e-9);
});

it('draws harsh where a reserve decided for the job puts it', function () {
    $own = benchWith($this->job, ['engine.peak_torque' => '200 Nm', 'duty' => 'town', 'demand.reserve_wanted' => '2.5',
        'demand.reserve_reason' => 'Tows']);
    expect(TorqueScale::of($own, emptyRow($own))->engine)->toEqualWithDelta(110 + 440 / 4, 1e-9);
});

it('redraws at a station what an entry there can change, and only parts the vehicle has', function () {
    $page = benchWith($this->job, []);
    foreach (Station::cases() as $station) {
        foreach (Drawings::at($station, $page) as $drawing) {
            expect(view()->exists("drawings.{$drawing}"))->toBeTrue($drawing);
        }
    }
    $tractor = benchWith($this->newJob($this->technician(), 'tractor', 'T 1'), ['vehicle.stages' => 'two', 'vehicle.pilot' => 'none']);

    expect(Drawings::at(Station::Strip, $page))->toBe(['disc', 'plate', 'fingers', 'face', 'flywheel', 'pilot'])
        ->and(Drawings::at(Station::Strip, $tractor))->toBe(['disc', 'disc2', 'plate', 'fingers', 'levers', 'face', 'flywheel'])
        ->and(Drawings::at(Station::Record, $page))->toBe([]);
});

it('places marks and the high side on the face where the clock says', function () {
    $dial = array_combine(FlywheelFields::dialKeys(), ['0', '0.04', '0.08', '0.10', '0.08', '0.04', '0', '-0.02']);
    $face = FaceDrawing::of(
        benchWith($this->job, [
            'vehicle.friction_outer' => '240 mm',
            'flywheel.marks' => ['heat_spot 3 60 mm', 'crack 12 120 mm'],
            ...$dial,
        ]),
        'flywheel',
    );
    [$spot, $crack] = $face->marks;

    // Three o'clock is right of the centre, twelve above it; half the radius is half the way to the rim.
    expect($spot['x'])
        ->toEqualWithDelta(FaceDrawing::CENTRE + FaceDrawing::RIM / 2, 1e-9)
        ->and($spot['y'])
        ->toEqualWithDelta(FaceDrawing::CENTRE, 1e-9)
        ->and($crack['x'])
        ->toEqualWithDelta(FaceDrawing::CENTRE, 1e-9)
        ->and($crack['y'])
        ->toEqualWithDelta(FaceDrawing::CENTRE - FaceDrawing::RIM, 1e-9)
        ->and($face->high['x'])
        ->toBeGreaterThan(FaceDrawing::CENTRE)
        ->and($face->high['y'])
        ->toBeGreaterThan(FaceDrawing::CENTRE)
        ->and(count(explode(' ', $face->curve)))
        ->toBe(8)
        ->and($face->said)
        ->toContain("tilt 0.12\u{00A0}mm high at 4:30")
        ->toContain('crack at 12');
});

it('draws no dial curve from three places', function () {
    $face = FaceDrawing::of(
        benchWith($this->job, array_combine(array_slice(FlywheelFields::dialKeys(), 0, 3), ['0', '0.1', '0.2'])),
        'flywheel',
    );

    expect($face->curve)->toBe('')->and($face->high)->toBeNull()->and($face->said)->toContain('dial not read around');
});

it('draws each finger as long as it is high, the lowest apart, and keeps a gap a gap', function () {
    $job = $this->job;
    $page = benchWith($job, ['cover.finger_heights' => ['32.0 mm', '32.4 mm', '31.8 mm']]);
    $reach = static fn (array $tip): float => hypot($tip['x2'] - RingDrawing::CENTRE, $tip['y2'] - RingDrawing::CENTRE);
    $ring = RingDrawing::of($page, 'cover.finger_heights');

    expect(array_column($ring->tips, 'state'))
        ->toBe(['there', 'there', 'low', 'missing', 'missing', 'missing'])
        ->and($reach($ring->tips[1]))
        ->toBeGreaterThan($reach($ring->tips[0]))
        ->and(($reach($ring->tips[0]) - $reach($ring->tips[2])) / ($reach($ring->tips[1]) - $reach($ring->tips[2])))
        ->toEqualWithDelta(0.2 / 0.6, 0.005)
        ->and($ring->spread)
        ->toBe("0.6\u{00A0}mm");
});

it('draws the play of the tip in its pilot larger than life, and none where none is known', function () {
    $known = PilotDrawing::of(benchWith($this->job, ['pilot.bore' => '15.10 mm', 'shaft.tip_diameter' => '15.00 mm']));
    $unknown = PilotDrawing::of(benchWith($this->newJob($this->technician(), 'car', 'Q 2'), []));

    expect($known->bore - $known->tip)->toEqualWithDelta(0.10 / 15.10 * $known->bore * PilotDrawing::EXAGGERATION, 1e-6)
        ->and($known->play)->toBe("0.10\u{00A0}mm")
        ->and($unknown->play)->toBe('')->and($unknown->bore)->toBe($unknown->tip);
});

it('shows what each result of the next test would change', function () {
    $page = benchWith($this->job, ['vehicle.actuation' => 'slave', 'triage.signs' => 'spongy,bites_low']);
    $drawing = TriageDrawing::of($page);
    $air = array_values(array_filter($drawing->moves, fn ($row) => $row->label === 'Air in the hydraulics'))[0];

    expect($drawing->causes[0]->label)->toBe('Air in the hydraulics')->and($drawing->causes[0]->for)->toContain('spongy')
        ->and($drawing->next)->not->toBeNull()
        ->and($drawing->foresightSaid())->toContain('if yes')
        ->and(max($air->yes->width, $air->no->width))->toBeGreaterThan($air->now->width)
        ->and(min($air->yes->width, $air->no->width))->toBeLessThan($air->now->width);
});

it('tells the worst first, this station before the others', function () {
    $page = benchWith($this->job, [
        'disc.conditions' => 'oil',
        'flywheel.face_runout' => '0.05 mm',
        'flywheel.measuring_diameter' => '240 mm',
        'engine.peak_torque' => '200 Nm',
        'duty' => 'town',
    ]);
    $groups = (new TellTale())->groups($page, Station::Strip);
    $ranks = array_map(static fn ($f): int => $f->verdict->rank(), $groups['At Strip']);
    $sorted = $ranks;
    sort($sorted);

    expect(array_keys($groups))
        ->toBe(['At Strip', 'Elsewhere on this job'])
        ->and($ranks)
        ->toBe($sorted)
        ->and($groups['At Strip'][0]->id)
        ->toBe('disc.conditions')
        ->and((new TellTale())->summary($page))
        ->toContain('1 out')
        ->and($page->outAt())
        ->toBe(Station::Strip);
});

it('opens a finding to its readings as they were typed', function () {
    $page = benchWith($this->job, ['flywheel.face_runout' => '0.004 in', 'flywheel.measuring_diameter' => '9-1/2 in']);
    $finding = $page->assessment->find('flywheel.face_runout');

    expect($finding)->not->toBeNull()
        ->and((new TellTale)->readings($page, $finding))->toBe([
            'flywheel.face_runout' => ['Face runout', '0.004 in'],
            'flywheel.measuring_diameter' => ['Diameter the dial runs on', '9-1/2 in'],
        ])
        ->and((new TellTale)->makersFigures($finding))->toBe(['limits.flywheel.face_runout.max']);
});

it('counts what is missing at each station, and says where the job stands', function () {
    $page = benchWith($this->job, ['vehicle.actuation' => 'slave', 'vehicle.flywheel' => 'solid', 'engine.peak_torque' => '200 Nm']);

    // Complaint, meter, pilot; signs and outcome; duty and speed limit; readings, looks, the pilot and why it failed; a kit.
    expect($page->missingAt(Station::Intake))->toBe(3)
        ->and($page->missingAt(Station::Triage))->toBe(2)
        ->and($page->missingAt(Station::Demand))->toBe(2)
        ->and($page->missingAt(Station::Strip))->toBe(5 + 8 + 3)
        ->and($page->missingAt(Station::Kit))->toBe(1)
        ->and($page->missingAt(Station::Set))->toBe(4)
        ->and($page->stage())->toBe(Station::Intake)
        ->and($page->verdictAt(Station::Strip))->toBe(Verdict::Unmeasured);
});

it('puts kits that fit and carry first, the closest to what is wanted before stronger ones', function () {
    DemoSeeder::kits();
    $page = benchWith($this->job, [
        'vehicle.actuation' => 'slave', 'vehicle.flywheel' => 'solid', 'engine.peak_torque' => '156 Nm', 'duty' => 'town',
        'vehicle.spline_count' => '23', 'vehicle.spline_diameter' => '22.4 mm', 'vehicle.friction_outer' => '232 mm',
    ]);
    $shelf = KitShelf::for($page, Request::create('/', 'GET', ['q' => 'wharf']));
    $ranked = $shelf->shelf->kits;
    $place = static fn ($k): array => $k->place();

    // Strong enough, and not within while the fit is not measured.
    expect($shelf->rows[0]->verdict)->toBe(Verdict::Unmeasured)
        ->and($shelf->rows[0]->reason)->toStartWith('To find out: ')
        ->and($shelf->best?->id)->toBe($shelf->rows[0]->id)
        ->and($ranked[0]->fits && $ranked[0]->carries)->toBeTrue()
        // Fits before carries before the score, all the way down.
        ->and(array_map($place, $ranked))->toBe(collect($ranked)->map($place)->sortDesc()->values()->all())
        ->and($shelf->fitting())->toBeLessThan(Kit::query()->where('search_text', 'like', '%wharf%')->count())
        // Whoever finds something does not wait for the rest to be counted.
        ->and($shelf->shelf->counted)->toBeNull()
        ->and($shelf->shelf->enough)->toBeGreaterThan(0);
});

it('moves the chain by positions that the core worked out, and not before it can', function () {
    $known = [
        'vehicle.actuation' => 'slave', 'release.pedal_travel' => '140 mm', 'release.pedal_ratio' => '6', 'release.free_play' => '8 mm',
        'release.master_bore' => '15.87 mm', 'release.slave_bore' => '20.64 mm', 'release.fork_ratio' => '1.9',
        'release.clearance' => '1.5 mm', 'release.finger_ratio' => '3.8', 'release.cushion' => '0.6 mm',
    ];
    $c = ChainDrawing::of(benchWith($this->job, $known));
    $moves = $c->movements();
    $free = $c->positions[$c->opened()];

    expect(array_map(count(...), $moves))->toBe(array_fill_keys(array_keys($moves), ChainDrawing::STEPS + 1))
        ->and($moves['pedal'][0])->toBe(0.0)->and($moves['rod'][2])->toBe(0.0)
        // Pad, rod, bearing and plate each go one way only.
        ->and(array_filter(range(1, ChainDrawing::STEPS), fn (int $i): bool => $moves['pedal'][$i] < $moves['pedal'][$i - 1]
            || $moves['bearing'][$i] > $moves['bearing'][$i - 1] || $moves['plate'][$i] < $moves['plate'][$i - 1]))->toBe([])
        ->and($free->phase->value)->toBe('free')->and($c->captions()[$c->opened()][2])->toStartWith('Free. There is air')
        ->and($c->isConcentric())->toBeFalse()
        // The gap is too small for a stop; with a higher take-up wanted it is the rod that is set, if one can.
        ->and($c->thens())->toBe([]);
    $set = ChainDrawing::of(benchWith($this->job, ['release.take_up_wanted' => '45 %', 'release.rod_pitch' => '1.25 mm']))->thens();
    $rod = $set['rod'];
    // Over each other at every position of the pedal: with a longer rod the plate lifts further, and never less.
    expect(array_keys($set))->toBe(['rod'])->and($rod['text'])->toContain('turns')
        ->and($rod['moves']['plate'][ChainDrawing::STEPS])->toBeGreaterThan($moves['plate'][ChainDrawing::STEPS])
        ->and(array_filter($rod['moves']['plate'], fn (float $lift, int $i): bool => $lift < $moves['plate'][$i] - 0.06,
            ARRAY_FILTER_USE_BOTH))->toBe([])
        ->and(array_map(count(...), $rod['moves']))->each->toBe(ChainDrawing::STEPS + 1);
    $this->actingAs($this->technician())->get("/jobs/{$this->job->id}/set")->assertOk()->assertSee('data-moves', false);
    $this->get("/jobs/{$this->job->id}/set?fold=setting")->assertOk()
        ->assertSee('Master bores side by side');
});

it('says what the chain does not move without', function () {
    $c = ChainDrawing::of(benchWith($this->job, ['vehicle.actuation' => 'cable', 'release.pedal_travel' => '140 mm']));

    expect($c->moves())->toBeFalse()->and($c->missing)->toContain('pedal ratio', 'linkage ratio')
        ->and($c->opened())->toBe(0);
    $this->actingAs($this->technician())->get("/jobs/{$this->job->id}/set")->assertOk()->assertDontSee('data-moves', false)
        ->assertSee('It moves once the chain is known')->assertDontSee('Master bore');
});

it('draws the truck row to scale with its bands, and the notches that it asks for', function () {
    $page = benchWith($this->job, ['vehicle.class' => 'truck', 'vehicle.actuation' => 'pull', 'truck.brake' => 'good',
        'truck.bearing_gap' => '19 mm', 'truck.fork_play' => '0.5 mm', 'truck.free_pedal' => '10 mm']);
    $t = TruckDrawing::of($page);

    // Worn: the ring goes clockwise; 19 mm to the middle, 13.25, in notches of half a millimetre: 11.5.
    expect($t->turn)->toBe(1)->and($t->notches)->toBe(12)->and($t->gap)->toEqualWithDelta(19 * 7, 1e-9)
        ->and($t->gapBand)->toBe([12.2 * 7, 14.3 * 7])->and($t->play)->toBeLessThan($t->playBand[0])
        ->and($t->free)->toBeLessThan($t->freeBand[0]);
    $none = TruckDrawing::of(benchWith($this->newJob($this->technician()), ['vehicle.class' => 'truck']));
    expect([$none->gap, $none->turn, $none->gapText])->toBe([null, 0, '?']);
});

it('keeps each round of measuring as it was, and makes no round of a slip of the pen', function () {
    $page = benchWith($this->job, ['vehicle.class' => 'truck', 'vehicle.actuation' => 'pull', 'truck.bearing_gap' => '19 mm',
        'truck.fork_play' => '0.5 mm', 'truck.free_pedal' => '10 mm']);
    foreach ([['truck.fork_play', '0.6 mm'], ['truck.notches_made', '10'], ['truck.bearing_gap', '14 mm'], ['truck.fork_play', '2.9 mm'],
        ['as_left.truck.bearing_gap', '13 mm'], ['as_left.truck.bearing_gap', '13.2 mm']] as $i => [$field, $typed]) {
        Reading::query()->create(['clutch_job_id' => $this->job->id, 'seq' => 900 + $i, 'field' => $field, 'position' => 0,
            'kind' => Reading::ENTRY, 'typed' => $typed, 'is_number' => false, 'by_name' => 'y', 'at' => now()]);
    }
    $rounds = Rounds::of(AssessedJob::of(Job::whole($this->job->id)), ['truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal']);

    // Fork play typed again with nothing turned between is the same round; so is what was left, typed again.
    expect(array_column($rounds, 'values'))
        ->toBe([['19 mm', '0.6 mm', '10 mm'], ['14 mm', '2.9 mm', '10 mm'], ['13.2 mm', '2.9 mm', '10 mm']]);
});

it('draws both stages of a tractor on one ribbon', function () {
    $page = benchWith($this->job, ['vehicle.class' => 'tractor', 'vehicle.actuation' => 'rod', 'vehicle.stages' => 'two',
        'two_stage.travel_total' => '26 mm', 'two_stage.travel_to_first' => '13 mm']);
    $s = TwoStageDrawing::of($page);

    expect($s->first)->toEqualWithDelta(TwoStageDrawing::LEFT + TwoStageDrawing::WIDTH / 2, 0.1)
        ->and($s->band[0])->toBeLessThan($s->first)->and($s->band[1])->toBeGreaterThan($s->first)
        ->and($s->gaps[0])->toBe('Travel disc: air not measured');
    $this->actingAs($this->technician())->get("/jobs/{$this->job->id}/set")->assertOk()->assertSee('Two stages, one pedal');
});

// By hand: 42 kW / (1900 · 2π/60) = 211.1 N·m on the take-off; the longest of the bars is 420 pixels.
it('holds each disc of a two-stage clutch against its own branch', function () {
    expect(BranchBar::all(AssessedJob::of(Job::whole($this->job->id))))->toBe([]);
    [$travel, $takeOff] = BranchBar::all(benchWith($this->job, [
        'vehicle.class' => 'tractor', 'vehicle.stages' => 'two', 'vehicle.take_off' => 'clutch', 'engine.peak_torque' => '300 N·m',
        'engine.pto_power' => '42 kW', 'engine.pto_engine_speed' => '1900 rpm',
    ]));

    expect($travel->asked)->toEqualWithDelta(420.0, 1e-9)->and($takeOff->asked)->toEqualWithDelta(420.0 * 211.1 / 300.0, 0.1)
        ->and($takeOff->askedSaid)->toContain('211')->and($takeOff->carried)->toBeNull();
    $this->actingAs($this->technician());
    $this->get("/jobs/{$this->job->id}/demand")->assertOk()->assertSee('Each disc against its own branch')->assertSee('no kit chosen');
});
