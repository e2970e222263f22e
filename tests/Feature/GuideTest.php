<?php

declare(strict_types=1);

use App\Page\Guide;
use Spindle\Assessment\Subjects;
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

it('lists how each reading is taken in the words that stand beside its field', function () {
    $this->actingAs($this->technician());
    $how = Subjects::dictionary()->get('release.free_play')->how;
    expect($how)->not->toBe('');
    $said = $this->get('/guide/set')->assertOk()->assertSee('Free play at the pad')->assertSee($how)->assertSee('in the cab, steel rule');
    // Once for each, and nothing of what is only read again after the work.
    $count = count(Guide::readings(Station::Set));
    expect($count)->toBeGreaterThan(20)->and(substr_count((string) $said->getContent(), '<dt>'))->toBe($count);
    $this->get('/guide')->assertOk()->assertSee($how);
});
