<?php

declare(strict_types=1);

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Page\CustomerPage;
use Spindle\Kit\KitPart;

/*
 * What the customer is told, in the customer's words.
 */

it('says what was done in a sentence, whatever the job came to', function (string $kind, string $said) {
    $this->actingAs($by = $this->technician());
    $job = $this->newJob($by);
    foreach (['vehicle.class' => 'car', 'vehicle.actuation' => 'slave', 'triage.kind' => $kind] as $field => $typed) {
        $this->enter($job, 'intake', $field, $typed, (int) $job->readings()->where('field', $field)->max('seq'))->assertOk();
    }
    $done = CustomerPage::of(AssessedJob::of(Job::whole($job->id)))->done();

    expect($done[0])->toBe($said);
})->with([
    ['adjust', 'The clutch was adjusted; nothing had to be taken apart.'],
    ['bleed', 'The hydraulics of the clutch were bled; nothing had to be taken apart.'],
    ['repair_actuation', 'What works the clutch was mended; the clutch itself did not have to be taken out.'],
    ['not_the_clutch', 'The clutch was tested; it is not what is wrong.'],
    ['strip', 'The gearbox was taken out and the clutch looked at.'],
]);

it('calls a part by what went in, and one that was machined is not a new one', function () {
    foreach (KitPart::cases() as $part) {
        expect($part->fitted())->not->toContain('machining');
    }
    $this->actingAs($by = $this->technician());
    $job = $this->newJob($by);
    $enter = fn (string $at, string $field, string $typed) => $this->enter(
        $job, $at, $field, $typed, (int) $job->readings()->where('field', $field)->max('seq'),
    )->assertOk();
    $enter('intake', 'vehicle.class', 'car');
    $enter('intake', 'vehicle.flywheel', 'solid');
    $enter('intake', 'triage.kind', 'strip');
    $enter('kit', 'parts.flywheel', 'shelf');
    $fitted = fn (): array => CustomerPage::of(AssessedJob::of(Job::whole($job->id)))->fitted();
    expect($fitted())->toContain('Flywheel');
    $enter('strip', 'flywheel.machined', '0.20 mm');
    expect($fitted())->not->toContain('Flywheel');
});

it('shows a fact at every station that asks for it in one box, changed where it was typed', function () {
    $this->actingAs($by = $this->technician());
    $job = $this->newJob($by);
    $this->enter($job, 'strip', 'match.bolt_count', '6')->assertOk();
    foreach (["/jobs/{$job->id}/bench", "/jobs/{$job->id}/fit?fold=bolts-cover"] as $page) {
        $this->flushHeaders()->get($page)->assertOk()->assertSee('name="f[match.bolt_count][0]" value="6"', false)
            ->assertDontSee('name="f[bench.bolts_old][0]"', false)->assertDontSee('name="f[fastening.cover.bolts][0]"', false);
    }
    $this->enter($job, 'fit', 'match.bolt_count', '9', (int) $job->readings()->where('field', 'match.bolt_count')->max('seq'))->assertOk();
    expect(AssessedJob::of(Job::whole($job->id))->sheet->values->count('bench.bolts_old'))->toBe(9);
});
