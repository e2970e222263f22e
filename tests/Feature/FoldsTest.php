<?php

declare(strict_types=1);

/*
 * What lies folded is drawn when it is opened: fetched by itself, or without script the page with it open.
 */

beforeEach(function () {
    $this->actingAs($by = $this->technician());
    $this->job = $this->newJob($by);
    $this->enter($this->job, 'intake', 'vehicle.class', 'car');
    $this->enter($this->job, 'intake', 'vehicle.actuation', 'slave');
    $this->at = fn (string $station, string $fold = ''): string => $this->flushHeaders()
        ->get("/jobs/{$this->job->id}/{$station}".($fold === '' ? '' : "?fold={$fold}"))->assertOk()->getContent();
});

it('draws what is folded only when it is opened', function (string $station, string $fold, string $holds) {
    $this->enter($this->job, 'fit', 'fastening.cover.bolts', '6');
    expect(($this->at)($station))->not->toContain("name=\"{$holds}")
        ->and(($this->at)($station, $fold))->toContain("name=\"{$holds}");

    $alone = $this->withHeader('HX-Request', 'true')->get("/jobs/{$this->job->id}/{$station}?fold={$fold}")->assertOk();
    expect($alone->getContent())->toContain("name=\"{$holds}")->not->toContain('<html');
})->with([
    'signs at Intake' => ['intake', 'signs', 'f[triage.signs]'],
    'signs that are not there, at Triage' => ['triage', 'absent', 'f[triage.absent]'],
    'the gap by disc and side' => ['set', 'gaps', 'f[release.gap1_engine]'],
    'one press of the pedal' => ['set', 'moved', 'f[release.pad_moved]'],
    'air in the line' => ['set', 'air', 'f[hydraulics.blocked_travel]'],
    'what a kit must meet at Strip' => ['strip', 'sizes', 'f[match.bolt_circle]'],
    'before a modification' => ['demand', 'modified', 'f[engine.curve_before]'],
    'a group of bolts nobody began' => ['fit', 'bolts-flywheel', 'f[fastening.flywheel.torque]'],
    'hours taken' => ['triage', 'hours', 'f[plan.taken.checks]'],
]);

it('stands open where work goes on in it, and where an entry in it was refused', function () {
    expect(($this->at)('fit'))->toContain('f[fastening.cover.torque]');

    $this->flushHeaders()->from("/jobs/{$this->job->id}/fit")->followingRedirects()
        ->post("/jobs/{$this->job->id}/fit", [
            'f' => ['fastening.flywheel.torque' => ['soup']], 'b' => ['fastening.flywheel.torque' => [0]],
        ])
        ->assertOk()->assertSee('name="f[fastening.flywheel.torque][0]" value="soup"', false);
    $this->enter($this->job, 'fit', 'fastening.housing.bolts', '8');
    expect(($this->at)('fit'))->toContain('f[fastening.housing.torque]');
});

it('shows the whole page where nothing is folded under a name', function () {
    $this->withHeader('HX-Request', 'true')->get("/jobs/{$this->job->id}/fit?fold=roof")->assertOk()->assertSee('<html', false);
});
