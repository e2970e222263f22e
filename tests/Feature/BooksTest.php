<?php

declare(strict_types=1);

use App\Changes\OpenJob;
use App\Limits\ModelBook;
use App\Models\Job;
use App\Models\ModelFigure;
use App\Models\Reading;
use App\Models\ShopFigure;
use App\Models\User;
use App\Readings\CurrentReadings;

/*
 * The books beside the limits: instruments, evidence of triage, makers' figures by model. Each change is kept, signed jobs
 * stay as they were.
 */

beforeEach(function () {
    $this->seedDemo();
    $this->lead = User::query()->where('login', 'ines')->firstOrFail();
    $this->bram = User::query()->where('login', 'bram')->firstOrFail();
});

it('shows every book to everybody, and lets only the lead change the shop-wide ones', function () {
    $this->actingAs($this->bram);
    foreach (['/limits', '/instruments', '/evidence', '/evidence/pilot', '/models', '/models?model=Ostrel+Wend+1.4+hatchback'] as $page) {
        $this->get($page)->assertOk();
    }
    $this->get('/evidence/moon')->assertNotFound();
    $this->post('/instruments', ['instrument' => 'calliper', 'uncertainty' => '0.1 mm'])->assertForbidden();
    $this->post('/evidence/pilot', ['prior' => '50'])->assertForbidden();
    expect(ShopFigure::query()->whereNotIn('section', ['shop', 'labour'])->count())->toBe(0);
});

it('takes the shop\'s word on its own dial, in open jobs and not in signed ones', function () {
    // 0.13 mm runout against 0.125: near with a dial of ±0.01, out with one of ±0.001.
    $this->actingAs($this->lead);
    $this->get('/jobs/2/strip')->assertSee("Near.</span> 0.13\u{00A0}mm face runout", false);
    $this->get('/jobs/1/record')->assertSee('SHA-256');
    $signed = Job::query()->with(Job::WHOLE)->findOrFail(1);
    $before = App\Jobs\AssessedJob::of($signed)->assessment;
    $this->post('/instruments', ['instrument' => 'dial_indicator', 'uncertainty' => '0.001 mm'])->assertSessionHasNoErrors();

    $this->get('/jobs/2/strip')->assertSee("Out.</span> Grind: 0.13\u{00A0}mm face runout", false);
    $this->get('/jobs/2/sheet.json')->assertSee('"dial_indicator": "0.001 mm"', false);
    $this->get('/jobs/2/strip')
        ->assertSee("dial indicator ± 0.001\u{00A0}mm", false)
        ->assertDontSee("dial indicator ± 0.01\u{00A0}mm", false);
    expect(App\Jobs\AssessedJob::of(Job::query()->with(Job::WHOLE)->findOrFail(1))->assessment)->toEqual($before);
    $this->post('/instruments', ['instrument' => 'dial_indicator', 'uncertainty' => ''])->assertSessionHasNoErrors();
    $this->get('/jobs/2/strip')->assertSee("Near.</span> 0.13\u{00A0}mm face runout", false);
    $this->get('/instruments')->assertSee('Dial indicator: ', false)->assertSee('built in again');
});

it('refuses an uncertainty that is none, names the instrument, keeps what was typed', function (
    string $instrument,
    string $typed,
    string $message,
) {
    $this->actingAs($this->lead)
        ->from('/instruments')
        ->followingRedirects()
        ->post('/instruments', ['instrument' => $instrument, 'uncertainty' => $typed])
        ->assertSee($message)
        ->assertSee('value="'.e($typed).'"', false);
    expect(ShopFigure::query()->whereNotIn('section', ['shop', 'labour'])->count())->toBe(0);
})->with([
    ['calliper', '3 bar', 'Calliper: “3 bar” was read as a pressure'],
    ['calliper', '-0.1 mm', 'an uncertainty is not negative'],
    ['dial_indicator', '10 mm', 'an uncertainty this large measures nothing'],
    ['torque_wrench', '150 %', 'measures nothing'],
]);

it('reads the torque wrench in per cent', function () {
    $this->actingAs($this->lead)
        ->post('/instruments', ['instrument' => 'torque_wrench', 'uncertainty' => '6 %'])
        ->assertSessionHasNoErrors();
    $sheet = App\Jobs\AssessedJob::of(Job::query()->with(Job::WHOLE)->findOrFail(2))->sheet;
    expect($sheet->uncertaintyOf('flywheel.bolt_torque', Spindle\Quantity\Torque::of(100.0))?->value)->toEqualWithDelta(6.0, 1e-9);
});

it('weighs the evidence as the lead says, and writes down only what changed', function () {
    $this->actingAs($this->lead);
    $form = fn (array $changed, string $prior = '4') => [
        'prior' => $prior,
        'strength' => [
            ...array_map(fn () => 'none', Spindle\Triage\Signs::all()),
            ...collect(Spindle\Triage\Signs::all())
                ->map(fn ($t, $id) => Spindle\Triage\Causes::all()['pilot']->strength($id)->value)
                ->all(),
            ...$changed,
        ],
    ];
    $this->post('/evidence/pilot', $form(['spongy' => 'strong'], '9'))->assertSessionHasNoErrors();
    expect(ShopFigure::query()->whereNotIn('section', ['shop', 'labour'])->orderBy('id')->pluck('value', 'name')->all())
        ->toBe(['pilot.prior' => '9', 'pilot.spongy' => 'strong']);
    $this->get('/jobs/2/sheet.json')->assertSee('"spongy": "strong"', false);
    $this->get('/evidence')->assertSee('the shop’s own in 2');

    // Put back as built in, nothing of it is left in force.
    $this->post('/evidence/pilot', $form([]))->assertSessionHasNoErrors();
    expect(App\Limits\ShopBooks::now()->figures(ShopFigure::CAUSES))->toBe([]);
    expect(json_decode((string) $this->get('/jobs/2/sheet.json')->getContent(), true))->not->toHaveKey('causes');
});

it('refuses a weight that is none', function (string $prior, string $message) {
    $this->actingAs($this->lead)
        ->from('/evidence/pilot')
        ->followingRedirects()
        ->post('/evidence/pilot', ['prior' => $prior])
        ->assertSee($message);
    expect(ShopFigure::query()->whereNotIn('section', ['shop', 'labour'])->count())->toBe(0);
})->with([['often', '“often” is no number'], ['0', 'lies between 0.1 and 100'], ['1000', 'lies between 0.1 and 100']]);

it('keeps a maker\'s figure with its model, and puts it on the next job of the same model', function () {
    $this->actingAs($this->bram);
    $first = OpenJob::forNew(
        ['name' => 'Quenby Sill 1.4', 'plate' => 'A 1', 'number' => '', 'class' => 'car', 'units' => 'inch'],
        $this->bram,
    );
    $this->enter($first, 'strip', 'limits.flywheel.flatness.max', '0.003')->assertOk();
    $this->enter($first, 'strip', 'flywheel.thickness_min', '0.95 in')->assertOk();
    $this->enter($first, 'strip', 'disc.thickness', '0.28')->assertOk();
    // In inches there, in inches here, whatever this job shows first.
    $second = OpenJob::forNew(
        ['name' => 'QUENBY Sill 1.4', 'plate' => 'A 2', 'number' => '', 'class' => 'car', 'units' => 'metric'],
        $this->bram,
    );
    $now = new CurrentReadings($second->load('readings')->readings);

    expect($now->typed('limits.flywheel.flatness.max'))
        ->toBe('0.003 in')
        ->and($now->typed('flywheel.thickness_min'))
        ->toBe('0.95 in')
        ->and($now->typed('disc.thickness'))
        ->toBe('');
    $this->flushHeaders()
        ->get("/jobs/{$second->id}/strip?part=flywheel")
        ->assertSee('from the book of models');
});

it('follows when the model is named or corrected at intake, and never over what stands there', function () {
    $this->actingAs($this->bram);
    $job = $this->newJob($this->bram, 'car', 'A 9');
    $this->enter($job, 'strip', 'disc.thickness_new', '8.0 mm')->assertOk();
    $this->enter($job, 'intake', 'vehicle.name', 'Ostrel Wend 1.4 hatchback', 1)->assertOk();
    $now = new CurrentReadings($job->load('readings')->readings);

    expect($now->typed('disc.thickness_new'))->toBe('8.0 mm')->and($now->typed('flywheel.thickness_min'))->toBe('23.8 mm');
});

it('takes a figure by hand, with its unit, records the change, and takes it out again', function () {
    $this->actingAs($this->bram)
        ->post('/models', ['model' => 'Haddek R18 ferry shunter', 'field' => 'flywheel.thickness_min', 'value' => '71.5'])
        ->assertSessionHasNoErrors();
    expect(ModelBook::inForce('haddek r18 FERRY shunter')['flywheel.thickness_min']->value)->toBe('71.5 mm');
    $this->get('/models?model=Haddek+R18+ferry+shunter')->assertSee('71.5 mm')->assertSee('Bram Oakes');
    $this->post('/models', [
        'model' => 'Haddek R18 ferry shunter',
        'field' => 'flywheel.thickness_min',
        'value' => '',
    ])->assertSessionHasNoErrors();
    expect(ModelBook::inForce('Haddek R18 ferry shunter'))
        ->toBe([])
        ->and(ModelFigure::query()->where('model', 'haddekr18ferryshunter')->count())
        ->toBe(2);
    $this->get('/models?model=Haddek+R18+ferry+shunter')->assertSee('taken out');
});

it('refuses what can be no figure of a model', function () {
    $before = ModelFigure::query()->count();
    $this->actingAs($this->bram)
        ->followingRedirects()
        ->post('/models', ['model' => 'Ostrel Wend 1.4 hatchback', 'field' => 'flywheel.thickness_min', 'value' => '3 bar'])
        ->assertSee('was read as a pressure');
    $this->post('/models', ['model' => 'Ostrel Wend 1.4 hatchback', 'field' => 'disc.thickness', 'value' => '7 mm'])->assertNotFound();
    expect(ModelFigure::query()->count())
        ->toBe($before)
        ->and(Reading::query()->where('field', 'flywheel.thickness_min')->where('typed', '3 bar')->exists())
        ->toBeFalse();
});
