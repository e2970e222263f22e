<?php

declare(strict_types=1);

use App\Changes\SheetImport;
use App\Models\Job;
use App\Models\User;
use Spindle\Sheet\Document;

/*
 * A flywheel read again after the machinist: on the pages, in print, in the file, and taken in elsewhere.
 */

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs($this->user = User::query()->firstOrFail());
    $this->job = Job::query()->findOrFail(9);
    foreach (['flywheel.flatness' => ['0.25 mm', '0.25 mm', '0.25 mm'], 'flywheel.machined' => '0.30 mm'] as $field => $typed) {
        $row = Job::query()->findOrFail(9)->readings->where('field', $field)->where('position', 0)->last();
        $this->post(
            '/jobs/9/strip',
            ['f' => [$field => (array) $typed], 'b' => [$field => [$row->seq ?? 0]]],
            ['HX-Request' => 'true'],
        )->assertOk();
    }
});

it('keeps as found beside as left, on the record, in print and in the file', function () {
    $this->get('/jobs/9/strip?part=flywheel')->assertOk()->assertSee('After the work, measured anew');
    foreach (
        [
            'flywheel.face_runout' => '0.02 mm',
            'flywheel.flatness' => ['0.03 mm', '0.03 mm', '0.03 mm'],
            'flywheel.thickness' => '27 mm',
            'flywheel.conditions' => ['none'],
        ] as $field => $typed
    ) {
        $places = $field === 'flywheel.conditions' ? [$typed] : (array) $typed;
        $this->post('/jobs/9/strip', ['f' => ["as_left.{$field}" => $places]], ['HX-Request' => 'true'])->assertOk();
    }
    $this->get('/jobs/9/record')->assertOk()->assertSee('As found and as left')->assertSee('0.25')->assertSee('0.03');
    $this->get('/jobs/9/sheet')->assertOk()->assertSee('As found, before the work')->assertSee('Flatness, dish or step, as left');

    $json = (string) $this->get('/jobs/9/sheet.json')->getContent();
    expect(Document::ofJson($json)->get(['as_left', 'flywheel.flatness']))->toBe(['0.03 mm', '0.03 mm', '0.03 mm']);

    $taken = (new SheetImport($this->user))->import($json);
    $this->get("/jobs/{$taken->id}/record")
        ->assertOk()
        ->assertSee('As found and as left')
        ->assertSee('0.03');
    expect(Document::ofJson((string) $this->get("/jobs/{$taken->id}/sheet.json")->getContent())->get(['as_left']))->toEqual(
        Document::ofJson($json)->get(['as_left']),
    );
});

it('takes values after the work from a file without a log', function () {
    $job = (new SheetImport($this->user))->import(
        (string) json_encode([
            'format' => 'jade-spindle/job-sheet',
            'version' => 1,
            'vehicle' => ['name' => 'Van', 'class' => 'van'],
            'readings' => ['flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']],
            'as_left' => ['flywheel.flatness' => ['0.02 mm', '0.03 mm']],
        ]),
    );

    expect($job->load('readings')->readings->where('field', 'as_left.flywheel.flatness')->pluck('typed')->all())->toBe([
        '0.02 mm',
        '0.03 mm',
    ]);
    $this->get("/jobs/{$job->id}/strip?part=flywheel")->assertOk();
});

it('names the field of a refused reading after the work', function () {
    $this->post('/jobs/9/strip', ['f' => ['as_left.flywheel.flatness' => ['30 psi']]], ['HX-Request' => 'true'])
        ->assertOk()
        ->assertSee('Flatness, dish or step, as left');
});

/** A car with a cable that has 35 mm of play. */
function slackJob($test): Job
{
    return (new SheetImport($test->user))->import((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['name' => 'Cable car', 'class' => 'car', 'actuation' => 'cable'],
        'release' => ['free_play' => '35 mm', 'pedal_ratio' => 4, 'rod_pitch' => '2 mm'],
    ]));
}

it('says everywhere what was found, how it was set and what was left', function () {
    $job = slackJob($this);
    $this->enter($job, 'set', 'release.turns_made', '2')->assertOk();
    $this->enter($job, 'set', 'release.turns_made', '1.1', 0, 1)->assertOk();
    $this->enter($job, 'set', 'release.play_after', '19 mm')->assertOk();
    $this->enter($job, 'set', 'release.play_after', '10 mm', 0, 1)->assertOk();
    $said = 'Free play at the pad: 35 mm, set to 10 mm by 3.1 turns in 2 steps (2.0, 1.1).';

    foreach (['set', 'record', 'sheet'] as $page) {
        expect(plain((string) $this->get("/jobs/{$job->id}/{$page}")->assertOk()->getContent()))->toContain($said);
    }
    expect(plain(implode(' ', App\Page\CustomerPage::of(App\Jobs\AssessedJob::of($job->fresh()))->done())))->toContain($said);
    $json = json_decode((string) $this->get("/jobs/{$job->id}/sheet.json")->getContent(), true);
    expect(array_column($json['steps'], 'what'))->toBe(['rod', 'rod'])
        ->and(array_column($json['steps'], 'turns'))->toBe([2, 1.1])
        ->and($json['steps'][0]['by'])->toBe($this->user->name)
        ->and($json['release']['free_play'])->toBe('35 mm');
});

it('keeps what was found where a setting was typed over it, and puts a slip of the pen right', function () {
    $job = slackJob($this);
    $shown = $job->fresh()->readings->where('field', 'release.free_play')->last()->seq;
    $answer = plain((string) $this->enter($job, 'set', 'release.free_play', '10 mm', $shown)->assertOk()->getContent());
    expect($answer)->toContain('it was set: keep')->toContain('35 mm');

    $this->post("/jobs/{$job->id}/found", ['set' => 'release.free_play|0'])->assertRedirect("/jobs/{$job->id}/set");
    $json = json_decode((string) $this->get("/jobs/{$job->id}/sheet.json")->getContent(), true);
    expect($json['release']['free_play'])->toBe('35 mm')->and($json['as_left']['release.free_play'])->toBe('10 mm');
    // Twice is once, and of a field that nobody sets nothing comes.
    $rows = $job->fresh()->readings->count();
    $this->post("/jobs/{$job->id}/found", ['set' => 'release.free_play|0'])->assertRedirect();
    $this->post("/jobs/{$job->id}/found", ['set' => 'release.pedal_ratio|0'])->assertRedirect();
    expect($job->fresh()->readings->count())->toBe($rows);
    $this->post("/jobs/{$job->id}/found", ['set' => 'no.field|0'])->assertNotFound();

    // A slip: another figure typed in the place of the first is what was found, and no round.
    $slip = slackJob($this);
    $this->enter($slip, 'set', 'release.free_play', '25 mm', $slip->fresh()->readings->where('field', 'release.free_play')->last()->seq);
    $json = json_decode((string) $this->get("/jobs/{$slip->id}/sheet.json")->getContent(), true);
    expect($json['release']['free_play'])->toBe('25 mm')->and($json)->not->toHaveKey('as_left');
});

it('reads what was turned from a file that says it as steps', function () {
    $job = (new SheetImport($this->user))->import((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['name' => 'Cable car', 'class' => 'car', 'actuation' => 'cable'],
        'release' => ['free_play' => '35 mm'], 'as_left' => ['release.free_play' => '10 mm'],
        'steps' => [['what' => 'rod', 'turns' => 2, 'by' => 'Ada', 'at' => '2026-11-20'], ['what' => 'rod', 'turns' => 1.1]],
    ]));
    expect(plain((string) $this->get("/jobs/{$job->id}/record")->assertOk()->getContent()))
        ->toContain('Free play at the pad: 35 mm, set to 10 mm by 3.1 turns in 2 steps (2.0, 1.1).');
});

it('gives the numbers of what was left in the table of readings', function () {
    $job = slackJob($this);
    $this->enter($job, 'set', 'as_left.release.free_play', '10 mm')->assertOk();
    $rows = array_map(str_getcsv(...), explode("\n", trim((string) $this->get("/jobs/{$job->id}/readings.csv")->getContent())));
    $left = array_values(array_filter($rows, static fn (array $row): bool => $row[0] === 'as_left.release.free_play'))[0];
    expect($left[4])->toBe('10')->and($left[6])->toBe('within');
});
