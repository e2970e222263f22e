<?php

declare(strict_types=1);

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Reading;
use App\Page\Entries;
use App\Stations\Section;
use App\Stations\Shown;
use Spindle\Sheet\Station;

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
    'what is known of a start beside what is needed' => ['demand', 'more-start', 'f[launch.trailer_mass]'],
    'what is known of the chain beside what is needed' => ['set', 'more-chain', 'f[release.rod_pitch]'],
    'a group of bolts nobody began' => ['fit', 'bolts-flywheel', 'f[fastening.flywheel.torque]'],
    'the bearing clearance at Fit' => ['fit', 'clearance', 'f[release.bearing_height]'],
    'what is read once more after setting' => ['set', 'left-chain', 'f[as_left.release.free_play]'],
    'tests on the road' => ['triage', 'tests-road', 'f[triage.t_slip]'],
    'why the old clutch failed' => ['strip', 'why', 'f[why.words]'],
    'what is replaced while it is open' => ['strip', 'open', 'f[open.labour]'],
    'hours taken' => ['triage', 'hours', 'f[plan.taken.checks]'],
]);

it('stands open where something is still to be entered, and where an entry was refused; one alone', function () {
    expect(($this->at)('fit'))->toContain('f[fit.pilot]')->not->toContain('f[fastening.cover.torque]');

    $posted = fn (string $to, array $entry): string => (string) $this->flushHeaders()->followingRedirects()
        ->post("/jobs/{$this->job->id}/{$to}", $entry)->assertOk()->getContent();
    expect($posted('fit', ['f' => ['fastening.flywheel.torque' => ['soup']], 'b' => ['fastening.flywheel.torque' => [0]]]))
        ->toContain('name="f[fastening.flywheel.torque][0]" value="soup"')->not->toContain('f[fit.pilot]')
        // What was opened for an entry is open after it too, without script.
        ->and($posted('fit?fold=bolts-cover', ['f' => ['fastening.cover.bolts' => ['6']]]))->toContain('f[fastening.cover.torque]')
        ->not->toContain('f[fit.pilot]');
});

it('says in its line how far it is, and never more than is known', function () {
    $line = fn (string $page, string $name): string => preg_match("~id=\"head-fold-{$name}\".*?</span>\\s*</span>~s", $page, $m) === 1
        ? (string) preg_replace('/\s+/', ' ', plain(strip_tags($m[0], '<svg>'))) : '';
    expect($line(($this->at)('set'), 'clearance'))->toContain('Bearing clearance nothing entered')
        ->and($line(($this->at)('set'), 'chain'))->toContain('to enter')->not->toContain('within');

    // Free play far over what is wanted: the line of the chain says out, here and with the answer to the entry.
    $answer = (string) $this->enter($this->job, 'set', 'release.free_play', '60 mm')->assertOk()->getContent();
    expect($answer)->toContain('id="head-fold-chain" class="part-head v-out"')
        ->and(($this->at)('set'))->toContain('id="head-fold-chain" class="part-head v-out"');

    // Signs are words, and judged by nothing: no mark says that they are within.
    $this->enter($this->job, 'intake', 'triage.signs', 'spongy')->assertOk();
    expect(($this->at)('triage'))->toMatch('~id="head-fold-signs" class="part-head v-not_applicable".*?part-status">[^<]*spongy~s');
});

it('gives every reading of a station\'s sections one place only', function (string $class, array $more) {
    foreach (['vehicle.class' => $class, ...$more] as $field => $typed) {
        $this->enter($this->job, 'intake', $field, $typed, (int) Reading::query()->where('field', $field)->max('seq'))->assertOk();
    }
    foreach ([Station::Triage, Station::Strip, Station::Fit, Station::Set] as $station) {
        $entries = Entries::of(AssessedJob::of(Job::whole($this->job->id)), $station);
        $keys = array_merge(...array_map(
            static fn (Section $s): array => $s->keys, Shown::sectionsAt($station, $entries, request())?->all ?? [],
        ));
        expect(array_diff_assoc($keys, array_unique($keys)))->toBe([], $station->value);
    }
})->with([
    'a car' => ['car', []], 'a truck' => ['truck', ['vehicle.actuation' => 'pull']],
    'a tractor of two stages' => ['tractor', ['vehicle.actuation' => 'rod', 'vehicle.stages' => 'two']],
]);

it('shows the whole page where nothing is folded under a name', function () {
    $this->withHeader('HX-Request', 'true')->get("/jobs/{$this->job->id}/fit?fold=roof")->assertOk()->assertSee('<html', false);
});
