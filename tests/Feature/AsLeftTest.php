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
    foreach (['flywheel.flatness' => '0.25 mm', 'flywheel.machined' => '0.30 mm'] as $field => $typed) {
        $row = Job::query()->findOrFail(9)->readings->where('field', $field)->where('position', 0)->last();
        $this->post(
            '/jobs/9/strip',
            ['f' => [$field => [$typed]], 'b' => [$field => [$row->seq ?? 0]]],
            ['HX-Request' => 'true'],
        )->assertOk();
    }
});

it('keeps as found beside as left, on the record, in print and in the file', function () {
    $this->get('/jobs/9/strip?part=flywheel')->assertOk()->assertSee('After the work, measured anew');
    foreach (
        [
            'flywheel.face_runout' => '0.02 mm',
            'flywheel.flatness' => '0.03 mm',
            'flywheel.thickness' => '27 mm',
            'flywheel.conditions' => ['none'],
        ] as $field => $typed
    ) {
        $this->post('/jobs/9/strip', ['f' => ["as_left.{$field}" => [$typed]]], ['HX-Request' => 'true'])->assertOk();
    }
    $this->get('/jobs/9/record')->assertOk()->assertSee('As found and as left')->assertSee('0.25')->assertSee('0.03');
    $this->get('/jobs/9/sheet')->assertOk()->assertSee('As found, before the work')->assertSee('Flatness, dish or step, as left');

    $json = (string) $this->get('/jobs/9/sheet.json')->getContent();
    expect(Document::ofJson($json)->get(['as_left', 'flywheel.flatness']))->toBe('0.03 mm');

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
            'readings' => ['flywheel.flatness' => '0.2 mm'],
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
