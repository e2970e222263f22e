<?php

declare(strict_types=1);

use App\Limits\LimitsBook;
use App\Models\Job;
use App\Models\ShopLimit;
use App\Models\SignedSheet;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\JobSheet;

beforeEach(function () {
    $this->seedDemo();
    $this->lead = User::query()->where('login', 'ines')->firstOrFail();
    $this->flatness = ['name' => 'flywheel.flatness', 'classes' => 'car,van,truck,tractor'];
});

it('lists every limit with both units and its mark', function () {
    $page = $this->actingAs($this->lead)
        ->get('/limits')
        ->assertOk()
        ->assertSee('0.0039')
        ->assertSee('common practice, no source')
        ->assertSee('default from memory');
    expect(substr_count((string) $page->getContent(), 'name="classes"'))->toBe(count(Subjects::dictionary()->practice->rows));
});

it('lets the lead set a limit, which open jobs follow and signed ones do not', function () {
    $open = Job::query()->whereHas('vehicle', static fn ($q) => $q->where('name', 'like', '%1.6 estate'))->firstOrFail();
    $signed = (string) SignedSheet::query()->firstOrFail()->json;
    $this->actingAs($this->lead)->post('/limits', [...$this->flatness, 'greatest' => '0.005 mm'])->assertSessionHasNoErrors();

    $this->get("/jobs/{$open->id}/strip")->assertSee('Grind: 0.03')->assertSee('(shop)');
    $this->get("/jobs/{$open->id}/sheet.json")->assertSee('"source": "shop"', false);
    expect(SignedSheet::query()->firstOrFail()->json)->toBe($signed);

    $this->post('/limits', [...$this->flatness, 'greatest' => ''])->assertSessionHasNoErrors();
    $this->get("/jobs/{$open->id}/strip")->assertDontSee('Grind: 0.03');
    $this->get('/limits')->assertSee('common practice again')->assertSee('Ines Tarrow');
    expect(ShopLimit::query()->count())->toBe(2);
});

it('puts the maker\'s figure before the shop\'s', function () {
    $job = Job::query()->whereHas('vehicle', static fn ($q) => $q->where('name', 'like', '%1.6 estate'))->firstOrFail();
    $this->actingAs($this->lead)->post('/limits', [...$this->flatness, 'greatest' => '0.005 mm']);
    $this->enter($job, 'strip', 'limits.flywheel.flatness.max', '0.08 mm')->assertSee('(maker)')->assertDontSee('Grind: 0.03');
});

it('says a shop limit of a sheet on its way out and in, and sets it apart where it comes in', function () {
    $this->actingAs($this->lead)->post('/limits', [...$this->flatness, 'greatest' => '0.005 mm']);
    $first = (string) $this->get('/jobs/10/sheet.json')->getContent();
    $this->post('/import', ['file' => UploadedFile::fake()->createWithContent('s.json', $first)])->assertSessionHasNoErrors();

    $given = json_decode((string) $this->get('/jobs/'.Job::query()->max('id').'/sheet.json')->getContent());
    // The shop's own is in force, whatever the file says of another.
    expect($given->elsewhere->limits)->toEqual(json_decode($first)->limits)->and($given->limits)->toEqual(json_decode($first)->limits);
});

it('refuses a limit that cannot be, and names it', function (array $given, string $message) {
    $this->actingAs($this->lead)->from('/limits')->followingRedirects()->post('/limits', $given)->assertSee($message);
    expect(ShopLimit::query()->count())->toBe(0);
})->with([
    [['name' => 'flywheel.flatness', 'classes' => 'car,van,truck,tractor', 'greatest' => '3 bar'], 'was read as a pressure'],
    [
        ['name' => 'release.clearance', 'classes' => 'car,van,truck,tractor', 'least' => '5 mm', 'greatest' => '2 mm'],
        'the least value is above the greatest',
    ],
]);

it('lets nobody but the lead set one, and only limits that exist', function () {
    $this->actingAs(User::query()->where('login', 'bram')->firstOrFail())
        ->post('/limits', [...$this->flatness, 'greatest' => '1 mm'])
        ->assertForbidden();
    $this->actingAs($this->lead)
        ->post('/limits', ['name' => 'sun.shade', 'classes' => 'car', 'greatest' => '1 mm'])
        ->assertNotFound();
    expect(ShopLimit::query()->count())->toBe(0);
});

it('keeps the bound of a band that the shop left alone', function () {
    $this->actingAs($this->lead)
        ->post('/limits', ['name' => 'release.clearance', 'classes' => 'car,van,truck,tractor', 'greatest' => '4.5 mm'])
        ->assertSessionHasNoErrors();
    $json = (string) $this->get('/jobs/8/sheet.json')->getContent();
    $inForce = JobSheet::ofJson($json, Subjects::dictionary())->limitBook()->find('release.clearance');

    // Only what the shop typed goes into the file; the bound it left alone is still the built-in one.
    expect(json_decode($json, true)['limits']['release.clearance'])
        ->toBe(['max' => '4.5 mm', 'source' => 'shop'])
        ->and([$inForce?->min?->value, $inForce?->max?->value])
        ->toBe([2.5, 4.5]);
});

it('lets the shop say from where on something is watched', function () {
    $this->actingAs($this->lead)
        ->post('/limits', ['name' => 'disc.wear_difference', 'classes' => 'car,van,truck,tractor', 'greatest' => '0.2 mm'])
        ->assertSessionHasNoErrors();
    $this->get('/jobs/2/strip')->assertSee('more worn on the flywheel side');
    $limit = json_decode((string) $this->get('/jobs/2/sheet.json')->getContent(), true)['limits']['disc.wear_difference'];

    expect($limit)
        ->toMatchArray(['watch_from' => '0.2 mm', 'source' => 'shop'])
        ->not->toHaveKey('max');
});

it('offers at least one figure to set for every limit', function () {
    $page = (string) $this->actingAs($this->lead)->get('/limits')->getContent();
    foreach (array_slice(explode('name="classes"', $page), 1) as $form) {
        expect(preg_match('/name="(least|greatest)"/', explode('</form>', $form)[0]))->toBe(1);
    }
});

it('refuses a bound that crosses the built-in one left alone, which would stop every open job', function (array $given) {
    $this->actingAs($this->lead)
        ->from('/limits')
        ->followingRedirects()
        ->post('/limits', ['name' => 'release.clearance', 'classes' => 'car,van,truck,tractor', ...$given])
        ->assertSee('the least value is above the greatest')
        ->assertSee('built in');
    expect(ShopLimit::query()->count())->toBe(0);
    $this->get('/jobs/8/set')->assertOk();
    $this->get('/')->assertOk();
})->with([[['greatest' => '2.0 mm']], [['least' => '6 mm']]]);

it('shows every page with every limit set to the shop\'s own', function () {
    $this->actingAs($this->lead);
    foreach (Subjects::dictionary()->practice->rows as $row) {
        $typed = static fn (?float $value): string => $value === null
            ? ''
            : trim($value * 1.01.' '.$row->dimension->baseUnit()->symbol);
        $this->post('/limits', [
            'name' => $row->name,
            'classes' => LimitsBook::classes($row),
            'least' => $typed($row->min ?? $row->watchMin),
            'greatest' => $typed($row->max ?? $row->watchMax),
        ])->assertSessionHasNoErrors();
    }
    foreach (['/', '/limits', '/jobs/2/strip', '/jobs/4/set', '/jobs/8/set', '/jobs/12/strip'] as $page) {
        $this->get($page)->assertOk();
    }
});
