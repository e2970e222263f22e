<?php

declare(strict_types=1);

use App\Changes\SetForShop;
use App\Files\PrintedSheet;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\OrderStep;
use App\Models\Reading;
use App\Models\Role;
use App\Models\User;
use App\Page\CustomerPage;
use App\Page\JobOffer;
use Illuminate\Support\Carbon;
use Spindle\Inspection\WhileOpen\LabourRate;
use Spindle\Offer\OfferRules;

/* An offer from what is known, its answer, and when to ask again. Vehicles, kits and prices are made up. */

beforeEach(function () {
    Carbon::setTestNow('2026-11-25 09:00:00');
    $this->lead = User::factory()->create(['role' => Role::Lead]);
    $this->actingAs($this->lead);
    (new SetForShop($this->lead))->figures(LabourRate::NAME, ['rate' => '60']);
    $this->job = $this->newJob($this->lead);
    foreach (['kit.name' => 'Quay 228', 'kit.number' => 'Q-1', 'kit.price' => '200', 'kit.currency' => 'EUR'] as $key => $typed) {
        $this->enter($this->job, 'kit', $key, $typed)->assertOk();
    }
    $this->price = fn (string $typed) => $this->enter($this->job, 'kit', 'kit.price', $typed,
        AssessedJob::of(Job::whole($this->job->id))->current->row('kit.price')->seq ?? 0)->assertOk();
    $this->offer = fn (): JobOffer => JobOffer::of(AssessedJob::of(Job::whole($this->job->id)));
    $this->make = fn () => $this->post("/jobs/{$this->job->id}/offer", ['mark' => ($this->offer)()->mark()]);
    $this->answer = fn (array $more = []) => $this->post("/jobs/{$this->job->id}/offer/answer",
        ['number' => 1, 'answer' => 'accepted', 'by' => 'the keeper, by telephone', 'on' => '2026-11-25', ...$more]);
});

afterEach(fn () => Carbon::setTestNow());

it('shows what it will cost and writes nothing by it', function () {
    $before = Reading::query()->count();
    $this->get("/jobs/{$this->job->id}/offer")->assertOk()->assertSee('Clutch kit Quay 228 (Q-1)')->assertSee('200.00')
        ->assertSee('at 60.00')->assertSee('Likely ready on')->assertSee('No tax is added');
    expect(Reading::query()->count())->toBe($before);
});

it('offers what was looked at, keeps it as it was offered, and prints it in the customer’s words', function () {
    $total = ($this->offer)()->now->total;
    ($this->make)()->assertSessionHas('notice');
    ($this->price)('260');
    $kept = ($this->offer)();

    expect($kept->made->number)->toBe(1)->and($kept->made->total)->toBe($total)->and($kept->now->total)->toBe($total + 60.0)
        ->and($kept->madeLines()[0])->toBe(['Clutch kit Quay 228 (Q-1)', '200.00']);
    $this->get("/jobs/{$this->job->id}/offer/sheet")->assertOk()->assertSee('Offer 1')->assertSee('200.00')->assertDontSee('260.00')
        ->assertSee('This is what we would do for it')->assertSee('stands until Dec 9, 2026');
});

it('offers nothing that changed since it was looked at', function () {
    $mark = ($this->offer)()->mark();
    ($this->price)('260');

    $this->post("/jobs/{$this->job->id}/offer", ['mark' => $mark])->assertSessionHasErrors('mark');
    expect(($this->offer)()->made)->toBeNull();
});

it('asks again once it goes beyond what was accepted, on every page that decides about money', function () {
    ($this->make)();
    ($this->answer)()->assertSessionHas('notice');
    expect(JobOffer::beyond(AssessedJob::of(Job::whole($this->job->id))))->toBe('');
    $this->get("/jobs/{$this->job->id}/offer/beyond")->assertOk()->assertDontSee('ask again');
    ($this->price)('900');
    $this->get("/jobs/{$this->job->id}/offer/beyond")->assertOk()->assertSee('ask again before it is done');
    foreach (['parts', 'record'] as $page) {
        $this->get("/jobs/{$this->job->id}/{$page}")->assertOk()->assertSee('/offer/beyond');
    }
    // A new offer, and its own answer: that to the first is none to the second.
    ($this->make)();
    $this->get("/jobs/{$this->job->id}/offer")->assertSee('Offer 2 has no answer yet; what was answered is offer 1.');
    ($this->answer)()->assertSessionHasErrors('number');
    ($this->answer)(['number' => 2])->assertSessionHas('notice');
    $this->get("/jobs/{$this->job->id}/offer")->assertSee('accepted by the keeper, by telephone');
});

it('refuses an answer of nobody, of no day, and to no offer', function (array $wrong, string $field) {
    ($this->make)();
    ($this->answer)($wrong)->assertSessionHasErrors($field);
    expect(($this->offer)()->made->answer())->toBeNull();
})->with([[['by' => ''], 'by'], [['on' => '2027-03-01'], 'on'], [['on' => 'Tuesday'], 'on'], [['answer' => 'maybe'], 'answer'],
    [['number' => 7], 'number']]);

it('reckons with what the counter asks, for any part', function () {
    $before = ($this->offer)()->now->total;
    OrderStep::query()->create(['clutch_job_id' => $this->job->id, 'part' => 'gearbox_oil', 'number' => 'G 1', 'state' => 'ordered',
        'price' => 9.5, 'quantity' => 2, 'by_name' => 'Ines', 'at' => now()]);
    $this->enter($this->job, 'kit', 'parts.gearbox_oil', 'ordered');

    expect(($this->offer)()->now->total)->toEqualWithDelta($before + 19.0, 0.001);
});

it('says on the customer’s page and in the file what was accepted and what it came to', function () {
    ($this->make)();
    ($this->answer)();
    $this->enter($this->job, 'record', 'offer.came_to', '5000')->assertOk();
    $page = AssessedJob::of(Job::whole($this->job->id));

    expect(implode(' ', CustomerPage::of($page)->cost()))->toContain('accepted by the keeper')->toContain('It came to 5000.00 EUR')
        ->toContain('beyond')->and(strlen(PrintedSheet::of($page)))->toBeGreaterThan(1000);
    $json = json_decode((string) $this->get("/jobs/{$this->job->id}/sheet.json")->getContent(), true);
    expect($json['readings']['offer.answer'])->toBe('accepted')->and($json['readings'])->toHaveKeys(['offer.lines', 'offer.total']);
});

it('adds the shop’s tax, and lets only the lead set what an hour costs', function () {
    $net = ($this->offer)()->now->total;
    $this->post('/rules', ['section' => OfferRules::NAME, 'name' => 'tax', 'value' => '20'])->assertRedirect()->assertSessionHasNoErrors();
    expect(($this->offer)()->now->total)->toEqualWithDelta($net * 1.2, 0.011);
    $this->get('/rules')->assertOk()->assertSee('Tax on top, per cent');
    $this->post('/rules', ['section' => LabourRate::NAME, 'name' => 'rate', 'value' => 'much'])->assertSessionHasErrors('value');
    $this->actingAs($this->technician('Bram'))->post('/rules', ['section' => LabourRate::NAME, 'name' => 'rate', 'value' => '1'])
        ->assertForbidden();
});
