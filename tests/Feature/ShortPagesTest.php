<?php

declare(strict_types=1);

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\User;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Station;

/*
 * Pages of about two screens: what is not needed now is a line that says what is in it, and is drawn when it is opened.
 */

beforeEach(function () {
    User::query()->delete();
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'ines')->firstOrFail());
});

/** The tag that opens a line of a page. */
function lineOf(string $html, string $id): string
{
    return preg_match('/<details [^>]*id="'.$id.'"[^>]*>/', $html, $m) === 1 ? $m[0] : 'there is none';
}

it('says at Intake what is entered, a figure with its name, and opens the line of a refused entry', function () {
    $html = (string) $this->get('/jobs/2/intake')->assertOk()
        ->assertSeeText('Odometer now 188 300 km')->assertDontSee('name="f[odometer][0]"', false)->getContent();
    expect(lineOf($html, 'fold-age'))->toContain('data-load')->not->toContain(' open');
    $this->get('/jobs/2/intake?fold=age')->assertSee('name="f[odometer][0]"', false);
    // Without a script the whole form is sent; what is refused stands open with its reason.
    $this->post('/jobs/2/intake?fold=age', ['f' => ['odometer' => ['far']], 'b' => ['odometer' => [0]]])->assertRedirect();
    $html = (string) $this->get('/jobs/2/intake')->assertSee('value="far"', false)->getContent();
    expect(lineOf($html, 'fold-age'))->toContain(' open')->and(lineOf($html, 'fold-vehicle'))->not->toContain(' open');
});

it('says in the closed line that a reading is to be measured again', function () {
    $this->get('/jobs/2/intake')->assertDontSeeText('(measure again)');
    $this->post('/jobs/2/again', ['field' => 'odometer', 'position' => 0])->assertRedirect();

    $this->get('/jobs/2/intake')->assertSeeText('Odometer now 188 300 km (measure again)')
        ->assertDontSee('name="f[odometer][0]"', false);
});

it('tells of more than eight findings within in one line, which holds them all', function () {
    $page = fn (string $at): string => (string) $this->get($at)->assertOk()->getContent();
    $aside = (string) strstr($page('/jobs/3/kit'), 'class="telltale"');
    expect(preg_match('/<details class="all-within" >.*?(\d+) within<\/span><\/summary>(.*?)<\/details>\s*<h3>/s', $aside, $line))->toBe(1)
        ->and((int) $line[1])->toBeGreaterThan(8)
        ->and(substr_count($line[2], 'id="finding-'))->toBe((int) $line[1])
        ->and(substr_count($line[2], 'v-out'))->toBe(0)
        ->and(strstr($aside, 'all-within', true))->toContain('v-out')->not->toContain('>Within.<');
    // One of them that is asked for is seen.
    $isWithin = static fn (Finding $f): bool => $f->verdict === Verdict::Within;
    $within = array_filter(AssessedJob::of(Job::whole(3))->assessment->at(Station::Kit), $isWithin);
    expect($page('/jobs/3/kit?finding='.(current($within) ?: null)?->id))->toMatch('/<details class="all-within" +open/');
    expect($page('/jobs/3/set'))->not->toContain('all-within');
});

it('draws a face only where something is entered on it, or it is asked for', function () {
    $plain = (string) $this->get('/jobs/2/strip?part=flywheel')->assertOk()->assertDontSee('mark-form-flywheel', false)->getContent();
    expect(lineOf($plain, 'fold-face-flywheel'))->toContain('data-load')
        ->and(lineOf($plain, 'fold-face-flywheel'))->toContain('flywheel.marks')->toContain('flywheel.dial_12');
    // Its link opens the part that holds it too.
    $opened = (string) $this->get('/jobs/2/strip?fold=face-flywheel')->assertSee('mark-form-flywheel', false)->getContent();
    expect(lineOf($opened, 'part-flywheel'))->toContain(' open')->and(lineOf($opened, 'part-cover'))->not->toContain(' open');
    // Of a script only the face comes; of a part that has none nothing but the page.
    $this->withHeader('HX-Request', 'true')->get('/jobs/2/strip?fold=face-flywheel')
        ->assertSee('mark-form-flywheel', false)->assertDontSee('<html', false);
    $this->get('/jobs/2/strip?fold=face-disc')->assertSee('<html', false);
    // The scored face of another job is there from the start.
    expect(lineOf((string) $this->flushHeaders()->get('/jobs/12/strip?part=flywheel')->getContent(), 'fold-face-flywheel'))
        ->toContain(' open');
});

it('names what is seldom read of a part in one line, and draws what is entered of it', function () {
    $this->get('/jobs/2/strip?part=cover')->assertSeeText('Also read here: pressure plate flatness')
        ->assertDontSee('name="f[cover.flatness][0]"', false);
    $this->enter(Job::query()->findOrFail(2), 'strip', 'cover.flatness', '0.05 mm')->assertOk();
    $this->flushHeaders()->get('/jobs/2/strip?part=cover')->assertSee('name="f[cover.flatness][0]"', false)
        ->assertSeeText('Also read here: cover marked to the flywheel');
});

it('counts at Record what is open where it is much, and lists it where a line is opened', function () {
    $html = (string) $this->get('/jobs/12/record')->assertSeeText('3 out')->assertDontSee('open-finding', false)->getContent();
    expect(lineOf($html, 'fold-open-strip'))->toContain('data-load')->not->toContain(' open');
    $group = $this->withHeader('HX-Request', 'true')->get('/jobs/12/record?fold=open-strip')->assertDontSee('<html', false);
    expect(substr_count((string) $group->getContent(), 'class="open-finding'))->toBe(15);
    $this->get('/jobs/12/record?fold=open-nowhere')->assertSee('<html', false);
    // Few are read at once.
    $this->flushHeaders()->get('/jobs/4/record')->assertSee('open-finding', false);
});

it('opens nothing where all is entered and in order, and the first that is not elsewhere', function () {
    $done = (string) $this->get('/jobs/4/fit')->assertSeeText('within, 26 of 26 entered')->getContent();
    expect($done)->not->toMatch('/<details class="part"[^>]* open/');
    $begun = (string) $this->get('/jobs/2/fit')->assertSeeText('Lip greased, never dry over the splines.')->getContent();
    expect(lineOf($begun, 'fold-steps'))->toContain(' open');
    // A step that was done is its name.
    $this->get('/jobs/4/fit?fold=steps')->assertSee('Shaft and seals')->assertDontSee('Lip greased, never dry over the splines.');
});
