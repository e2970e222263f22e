<?php

declare(strict_types=1);

use App\Drawings\Sketch;
use App\Files\QrCode;
use App\Models\Job;
use App\Models\PutBehind;
use App\Sheets\SheetBuilder;
use Illuminate\Testing\TestResponse;
use Spindle\Assessment\Subjects;
use Spindle\Hydraulics\BleedingSchool;
use Spindle\Sheet\Drawing;
use Tests\TestCase;

beforeEach(function (): void {
    $this->bram = $this->technician('Bram Veldt');
    $this->actingAs($this->bram);
    $this->job = $this->newJob($this->bram);
});

/** Sends one reading as the walk does. */
function taken(TestCase $test, Job $job, string $field, string $typed, int $position = 0, string $once = ''): TestResponse
{
    return $test->post("/jobs/{$job->id}/walk", [
        'f' => [$field => [$position => $typed]], 'b' => [$field => [$position => 0]], 'once' => $once,
    ], ['HX-Request' => 'true']);
}

/** @return list<string> what is still to be taken, as the page has it */
function wayOf(TestResponse $page): array
{
    preg_match('/data-order="([^"]*)"/', (string) $page->getContent(), $found);

    return array_values(array_filter(explode(' ', $found[1] ?? ''), static fn (string $key): bool => $key !== ''));
}

/** @return list<string> what stands on the cards of the page, one card after the other */
function asked(TestResponse $page): array
{
    preg_match_all('/data-steps="([^"]*)"/', (string) $page->getContent(), $found);

    return array_merge(...array_map(static fn (string $steps): array => explode(' ', $steps), $found[1]));
}

it('shows what the job owes, a card for each, the first first', function (): void {
    $page = $this->get("/jobs/{$this->job->id}/walk")->assertOk();
    $order = wayOf($page);
    expect($order)->toContain('complaint', 'disc.thickness', 'prove.slip.result')
        ->and(asked($page))->toEqualCanonicalizing($order);
    $page->assertSee('Cautions at Strip');
});

it('takes a reading, says what it comes to and what is next', function (): void {
    $first = taken($this, $this->job, 'flywheel.flatness', '0.30')->assertOk();
    expect(wayOf($first))->toContain('flywheel.flatness');
    taken($this, $this->job, 'flywheel.flatness', '0.31', 1);
    $last = taken($this, $this->job, 'flywheel.flatness', '0.30', 2)->assertOk();
    expect(wayOf($last))->not->toContain('flywheel.flatness');
    $last->assertSee('data-verdict="out"', false)->assertSee('0.31');
});

it('keeps nothing of what cannot be and names the field', function (): void {
    taken($this, $this->job, 'flywheel.thickness', '0.9')->assertOk()->assertSee('Flywheel thickness now')
        ->assertSee('data-state="refused"', false);
    expect($this->job->fresh()->readings()->where('field', 'flywheel.thickness')->exists())->toBeFalse();
});

it('asks once more for a reading far from its neighbours, and takes what comes out twice', function (): void {
    taken($this, $this->job, 'disc.thickness', '7.8');
    taken($this, $this->job, 'disc.thickness', '7.9', 1);
    $asked = taken($this, $this->job, 'disc.thickness', '3.2', 2)->assertSee('far from the other places')
        ->assertSee('name="once" value="3.2"', false);
    expect($this->job->fresh()->readings()->where('typed', '3.2')->exists())->toBeFalse();
    $asked->assertSee('data-state="refused"', false);
    // Another one that is as usual is taken at once; the same again counts.
    taken($this, $this->job, 'disc.thickness', '3.2', 2, '3.2')->assertDontSee('far from the other places');
    expect($this->job->fresh()->readings()->where('typed', '3.2')->exists())->toBeTrue();
});

it('asks once more where the model says otherwise', function (): void {
    foreach ([1, 2, 3] as $i) {
        $other = $this->newJob($this->bram, 'car', "AB 1{$i} XYZ");
        $this->enter($other, 'intake', 'release.pedal_ratio', '5.'.$i);
    }
    taken($this, $this->job, 'release.pedal_ratio', '11')->assertSee('unusual for this model');
    taken($this, $this->job, 'release.pedal_ratio', '5.1')->assertDontSee('unusual for this model');
});

it('puts behind what cannot be taken now, with why and by whom, until it is taken', function (): void {
    $said = ['field' => 'flywheel.flatness', 'why' => 'instrument'];
    $way = $this->post("/jobs/{$this->job->id}/walk/behind", $said, ['HX-Request' => 'true']);
    $order = wayOf($way->assertOk());
    expect(end($order))->toBe('flywheel.flatness');
    $this->get("/jobs/{$this->job->id}/walk")->assertSee('Put behind by Bram Veldt: the instrument is not here.');
    taken($this, $this->job, 'flywheel.flatness', '0.03');
    expect(PutBehind::query()->count())->toBe(0);
});

it('puts nothing behind for a reason there is not', function (): void {
    $this->postJson("/jobs/{$this->job->id}/walk/behind", ['field' => 'flywheel.flatness', 'why' => 'no mood'])->assertStatus(422);
    $this->post("/jobs/{$this->job->id}/walk/behind", ['field' => 'no.such', 'why' => 'instrument'])->assertNotFound();
    expect(PutBehind::query()->count())->toBe(0);
});

it('keeps to one place, and says who walks where', function (): void {
    $cab = wayOf($this->get("/jobs/{$this->job->id}/walk?at=cab"));
    expect($cab)->toContain('release.free_play')->not->toContain('flywheel.flatness');
    $this->actingAs($this->technician('Mira Holt'));
    $this->get("/jobs/{$this->job->id}/walk?at=flywheel")->assertSee('Bram is there');
});

it('does not ask a second person for what the first has taken', function (): void {
    taken($this, $this->job, 'flywheel.flatness', '0.03');
    taken($this, $this->job, 'flywheel.flatness', '0.03', 1);
    taken($this, $this->job, 'flywheel.flatness', '0.02', 2);
    $this->actingAs($this->technician('Mira Holt'));
    expect(wayOf($this->get("/jobs/{$this->job->id}/walk/way?at=flywheel")))->not->toContain('flywheel.flatness');
});

it('goes on without script, one after the other', function (): void {
    $this->post("/jobs/{$this->job->id}/walk", ['f' => ['complaint' => ['slips uphill']], 'b' => ['complaint' => [0]]])
        ->assertRedirect("/jobs/{$this->job->id}/walk");
    expect(wayOf($this->get("/jobs/{$this->job->id}/walk")))->not->toContain('complaint');
    $this->post("/jobs/{$this->job->id}/walk", ['f' => ['odometer' => ['minus one']], 'b' => ['odometer' => [0]]]);
    $this->get("/jobs/{$this->job->id}/walk")->assertSee('minus one');
});

it('takes each step of a stretch as an entry of its own, and asks for what is left of it', function (): void {
    $card = $this->get("/jobs/{$this->job->id}/walk/fit.seals")->assertOk()->assertSee('Lip greased, never dry over the splines.')
        ->assertSee('The rest is done, as each says');
    expect(asked($card))->toBe(['fit.seals', 'fit.pilot', 'fit.flywheel', 'fit.degreased']);
    taken($this, $this->job, 'fit.pilot', 'done')->assertOk();
    expect(asked($this->get("/jobs/{$this->job->id}/walk/fit.seals")))->toBe(['fit.seals', 'fit.flywheel', 'fit.degreased']);
    // Skipped stands as skipped, and its reason is asked for.
    $left = wayOf(taken($this, $this->job, 'fit.seals', 'skipped')->assertOk());
    expect($left)->toContain('fit.seals_why', 'fit.flywheel')->not->toContain('fit.seals', 'fit.pilot');
});

it('takes of a form without script only what was said, and asks once more for what is unusual in it', function (): void {
    $this->post("/jobs/{$this->job->id}/walk", [
        'f' => ['fit.seals' => [''], 'fit.pilot' => [''], 'fit.flywheel' => ['done'], 'fit.degreased' => ['']],
        'b' => ['fit.seals' => [0], 'fit.pilot' => [0], 'fit.flywheel' => [0], 'fit.degreased' => [0]],
    ])->assertRedirect();
    expect($this->job->readings()->where('field', 'like', 'fit.%')->pluck('field')->all())->toBe(['fit.flywheel']);
    $this->post("/jobs/{$this->job->id}/walk", [
        'f' => ['disc.thickness' => ['7.8', '7.9', '3.2']], 'b' => ['disc.thickness' => [0, 0, 0]],
    ])->assertRedirect();
    expect($this->job->readings()->where('field', 'disc.thickness')->pluck('typed', 'position')->all())->toBe([0 => '7.8', 1 => '7.9']);
    $this->get("/jobs/{$this->job->id}/walk")->assertSee('Take it once more');
});

it('has the bolts of a group ticked round by round, until seated on one card, then tight on another', function (): void {
    $walk = "/jobs/{$this->job->id}/walk";
    $this->get($walk)->assertDontSee('bolt-next');
    taken($this, $this->job, 'match.bolt_count', '6')->assertOk();
    $page = $this->get($walk)->assertSee('Bolt 1 done')->assertSee('data-shape="bolts"', false);
    expect(asked($page))->toContain('fastening.cover.done_hand', 'fastening.cover.done_seat')
        ->not->toContain('fastening.cover.done_half', 'fastening.cover.done_full');

    $tick = fn (string $value, string $card = 'fastening.cover.done_hand'): TestResponse => $this->post(
        "{$walk}?card={$card}", ['t' => ['cover' => $value]], ['HX-Request' => 'true'],
    )->assertOk();
    $first = $tick('hand 1')->assertSee('Bolt 4 done')->assertSee('id="bolts-fastening-cover-done-hand"', false);
    expect(wayOf($first))->toContain('fastening.cover.done_hand')->and($first->getContent())->not->toContain('data-steps');
    // What was ticked stands; the other bolts of both rounds are said in one go.
    $page->assertSee('value="seat through"', false)->assertSee('Seated: both rounds done');
    expect(wayOf($tick('seat through')->assertSee('id="bolts-fastening-cover-done-hand"', false)))->toContain('fastening.cover.done_half');
    $page = $this->get($walk)->assertDontSee('seat through')->assertSee('torque is not entered: look it up');
    expect(asked($page))->toContain('fastening.cover.done_half', 'fastening.cover.done_full');
    $rounds = SheetBuilder::document(Job::whole($this->job->id))->get(['fastening', 'cover', 'done_hand']);
    expect($rounds)->toEqualCanonicalizing(['1', '2', '3', '4', '5', '6']);
    $tick('half all', 'fastening.cover.done_half')->assertSee('id="bolts-fastening-cover-done-half"', false);
    $done = $tick('full all', 'nothing')->assertSee('id="bolts-fastening-cover-done-half"', false)->assertDontSee('bolt-next');
    expect(array_filter(wayOf($done), static fn (string $key): bool => str_starts_with($key, 'fastening.cover.done')))->toBe([]);

    // Without a script the button of the form does it.
    $this->post($walk, ['t' => ['cover' => 'full -3']])->assertRedirect($walk);
    expect(wayOf($this->get($walk)))->toContain('fastening.cover.done_full');
});

it('takes a tick of bolts whose number somebody has taken back, and draws none', function (): void {
    $this->post("/jobs/{$this->job->id}/walk?card=fastening.cover.done_hand", ['t' => ['cover' => 'hand 1']], ['HX-Request' => 'true'])
        ->assertOk()->assertDontSee('bolt-next')->assertSee('id="way"', false);
});

it('says in one go only rounds that the group has, and none of torque', function (): void {
    $walk = "/jobs/{$this->job->id}/walk";
    taken($this, $this->job, 'match.bolt_count', '6')->assertOk();
    $this->post("/jobs/{$this->job->id}/fit", ['f' => ['fastening.cover.stages' => [['hand', 'full']]],
        'b' => ['fastening.cover.stages' => [0]]], ['HX-Request' => 'true'])->assertOk();
    $this->get($walk)->assertSee('This round done')->assertDontSee('seat through');
    $this->post($walk, ['t' => ['cover' => 'seat through']], ['HX-Request' => 'true'])->assertOk();
    $bolts = SheetBuilder::document(Job::whole($this->job->id));
    expect($bolts->get(['fastening', 'cover', 'done_full']))->toBeNull()->and($bolts->get(['fastening', 'cover', 'done_hand']))->toBeNull();
});

it('says the steps of a bleeding as its way has them, never by number alone', function (): void {
    foreach (['vehicle.actuation' => 'slave', 'hydraulics.school' => 'gravity', 'odometer' => '1000'] as $field => $word) {
        taken($this, $this->job, $field, $word)->assertOk();
    }
    $card = (string) $this->get("/jobs/{$this->job->id}/walk/hydraulics.steps_done")->assertOk()
        ->assertSee('3. Close it, then work the pedal slowly.')->assertSee('All of these, in this order')->getContent();
    expect(substr_count($card, 'type="checkbox"'))->toBe(count(BleedingSchool::Gravity->steps()));
});

it('writes what is wanted on the drawing', function (): void {
    taken($this, $this->job, 'vehicle.actuation', 'cable')->assertOk();
    $card = (string) $this->get("/jobs/{$this->job->id}/walk/release.free_play")->assertOk()->getContent();
    expect($card)->toMatch('#<text class="sketch-wanted"[^>]*>\s*[\d.]+.mm to [\d.]+.mm</text>#u');
});

it('shows one card by itself, and none that there is not', function (): void {
    $this->get("/jobs/{$this->job->id}/walk/flywheel.flatness")->assertOk()->assertSee('data-step="flywheel.flatness"', false);
    $this->get("/jobs/{$this->job->id}/walk/no.such_field")->assertNotFound();
});

it('has a place on its sketch for every reading that stands on a drawing', function (): void {
    $without = [];
    foreach (Subjects::dictionary()->all() as $key => $field) {
        $nature = $field->nature();
        $isDrawn = $nature->drawing !== null && $nature->drawing !== Drawing::Starts;
        if ($isDrawn && Sketch::placeOn($nature->drawing, $nature->anchor) === null) {
            $without[] = "{$key}: {$nature->drawing->value}, {$nature->anchor}";
        }
    }
    expect($without)->toBe([]);
});

it('draws every sketch it has', function (): void {
    foreach (Subjects::dictionary()->all() as $field) {
        $sketch = Sketch::of($field);
        if ($sketch !== null) {
            $drawn = view('walk.sketch', ['sketch' => $sketch])->render();
            expect(substr_count($drawn, '<path') + substr_count($drawn, '<circle'))->toBeGreaterThan(4, $field->key);
        }
    }
});

it('leads the camera of a phone to the job, its parts and the walk', function (): void {
    $page = $this->get("/jobs/{$this->job->id}/labels")->assertOk()->assertSee('Leads to Disc, part')
        ->assertSee('No bolts are entered at Fit yet.');
    expect(substr_count((string) $page->getContent(), 'class="qr"'))->toBeGreaterThan(5);
});

it('makes a pattern of the size that the standard gives such an address', function (): void {
    // 25 letters in byte mode at level Q want version 3, 29 modules a side; ISO/IEC 18004, table 7 (from memory). With the quiet zone 37.
    expect((string) QrCode::of('http://192.168.1.2/jobs/7', 'x'))->toContain('viewBox="0 0 37 37"');
});
