<?php

declare(strict_types=1);

use App\Page\Guide;
use Spindle\Sheet\Station;

/*
 * The guide is one text: as a page, and of each station behind a quiet word.
 */

it('speaks of every station, and of each only what is its own', function (Station $station) {
    $this->actingAs($this->technician());
    $said = $this->get("/guide/{$station->value}")->assertOk()->assertDontSee('<html', false)->assertDontSee('<img', false);
    expect(strlen(strip_tags((string) $said->getContent())))->toBeGreaterThan(120)
        ->and(substr_count((string) file_get_contents(base_path('docs/guide.md')), '## '.$station->number().' '))->toBe(1);
    $job = $this->newJob($this->technician());
    $this->get("/jobs/{$job->id}/{$station->value}")->assertOk()->assertSee(route('guide.station', $station->value), false);
})->with(Station::cases());

it('stands whole on a page of its own, with pictures that are there', function () {
    $this->get('/guide')->assertRedirect('/sign-in');
    $page = (string) $this->actingAs($this->technician())->get('/guide')->assertOk()->assertSee('The walk: the next thing')->getContent();
    preg_match_all('~<img src="([^"]+)"~', $page, $pictures);
    expect($pictures[1])->not->toBeEmpty();
    foreach ($pictures[1] as $picture) {
        $this->get($picture)->assertOk()->assertHeader('Content-Type', 'image/png');
    }
    $this->get('/guide/pictures/none')->assertNotFound();
    $this->get('/guide/pictures/..%2F..%2Fcomposer.json')->assertNotFound();
    $this->get('/guide/roof')->assertNotFound();
    expect(array_keys(Guide::read()->parts()))->toContain(...array_column(Station::cases(), 'value'));
});
