<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

/*
 * The practice bay: a vehicle with a hidden fault. Nothing of it is stored, so nothing of it can come among real work.
 */

it('is for who is signed in, and leads to a vehicle of the number that was said, or to any', function () {
    $this->get('/practice')->assertRedirect('/sign-in');
    $this->get('/practice/P-3')->assertRedirect('/sign-in');
    $this->actingAs($this->technician());
    $this->get('/practice')->assertOk()->assertSee('Only look for the fault');
    $this->get('/practice?seed=p+4711&level=plain&class=truck')
        ->assertRedirect(route('practice.at', ['P-4711', 'level' => 'plain', 'class' => 'truck']));
    expect($this->get('/practice?seed=')->assertRedirect()->headers->get('Location'))->toMatch('~/practice/P-\d{1,6}$~');
    $this->get('/practice?seed=soup')->assertOk()->assertSee('No practice vehicle is called “soup”')->assertSee('value="soup"', false);
    $this->get('/practice/soup')->assertNotFound();
});

it('tells the complaint, answers what is asked and tested, and says at the end what it was', function () {
    $this->actingAs($this->technician());
    $at = fn (string $moves): string => (string) $this->get('/practice/P-3?m='.$moves)->assertOk()->getContent();
    $first = $at('');
    expect($first)->toContain('The customer says:')->toContain('0 min so far')->not->toContain('Known by now')
        ->not->toContain('As triage sees it');
    preg_match('~The customer says:</strong> ([^<]+)\.</p>~', $first, $said);
    expect($at('test.t_slip'))->toContain('6 min so far')->toContain('slip test')->toContain($said[1])
        ->and($at('look'))->toContain('As triage sees it')
        // What is no move is passed over; the rest stands.
        ->and($at('soup,test.t_slip,,test.nothing'))->toContain('6 min so far');

    $end = $at('test.t_slip,look,say.not_the_clutch');
    expect($end)->toContain('You')->toContain('As proposed')->toContain('By habit')->toContain('You looked the causes up once.')
        ->not->toContain('What does the job come to?');
    // The same vehicle for everybody who has its number, and another of another.
    expect($at(''))->toBe($first);
});

it('goes on with the gearbox off, asks for the cautions first, and says at the end what comes back', function () {
    $this->actingAs($this->technician());
    $at = fn (string $moves): string => (string) preg_replace(
        '/\s+/', ' ', plain((string) $this->get('/practice/P-6?m='.$moves)->assertOk()->getContent()),
    );
    $open = $at('say.strip');
    expect($open)->toContain('the gearbox is off')->toContain('Seen to, before hands go in')->toContain('never blow it with air')
        ->not->toContain('The way there')->not->toContain('oil or grease on the lining');
    $seen = $at('say.strip,care,part.disc');
    expect($seen)->toContain('oil or grease on the lining')->toContain('find and mend the leak')->not->toContain('Seen to, before hands');
    // One lining without its seal: the leak comes back, and it was never looked at.
    $half = $at('say.strip,care,part.disc,renew.kit,renew.pilot,close');
    expect($half)->toContain('Left as it was: seals')->toContain('It comes back after')->toContain('Never looked at')
        ->toContain('Renewed though nothing was wrong with it: pilot bearing')->not->toContain('Hands went in before');
    $whole = $at('say.strip,part.disc,part.seals,renew.kit,renew.seals,close');
    expect($whole)->toContain('All that was wrong was put right')->toContain('Hands went in before the cautions were seen to')
        ->not->toContain('Left as it was');
    // Not taken apart, though it should have been: no word of an opening.
    expect($at('say.adjust'))->toContain('The complaint comes back at once')->not->toContain('With the gearbox off');
});

it('keeps the causes and what the bench says closed, opens them, or guides, as it was set', function () {
    $this->actingAs($this->technician());
    $at = fn (string $query): string => plain((string) $this->get("/practice/P-6?{$query}")->assertOk()->getContent());
    expect($at('tell=closed'))->not->toContain('As triage sees it')->not->toContain('Look the causes up')
        // Asked for in the address all the same, it stays closed.
        ->and($at('tell=closed&m=look'))->not->toContain('As triage sees it')
        ->and($at('tell=closed&m=say.strip,part.disc'))->toContain('oil or grease on the lining')->not->toContain('find and mend the leak')
        ->and($at('tell=open'))->toContain('As triage sees it')
        ->and($at('tell=soup'))->toContain('Look the causes up')
        ->and($at('level=guided'))->toContain('As triage sees it')->toContain('Triage would')
        ->and($at('level=plain'))->not->toContain('Triage would');
    preg_match('~Triage would</strong> <a class="link" href="([^"]+)"~', $at('level=guided'), $next);
    $this->get(html_entity_decode($next[1]))->assertOk();
    // How it was set goes on from move to move.
    expect($at('tell=closed'))->toMatch('~href="[^"]*tell=closed[^"]*m=test~');
});

it('writes nothing down, whatever is done there', function () {
    $this->actingAs($this->technician());
    $all = array_column(DB::select("select name from sqlite_master where type = 'table'"), 'name');
    $tables = array_diff($all, ['sessions', 'cache', 'sqlite_sequence']);
    $counts = fn (): array => array_map(static fn (string $t): int => DB::table($t)->count(), array_combine($tables, $tables));
    $before = $counts();
    foreach (['', 'test.t_slip', 'test.t_slip,ask.judder,look,say.strip',
        'say.strip,care,part.disc,glance.flywheel,renew.kit,close', str_repeat('test.t_slip,', 500)] as $moves) {
        $this->get('/practice/P-77?level=two_faults&m='.$moves)->assertOk();
    }
    expect($counts())->toBe($before);
});

it('shows a vehicle of every kind and level without a fault of its own', function (string $level, string $class) {
    $this->actingAs($this->technician());
    foreach ([1, 22, 333] as $number) {
        $this->get("/practice/P-{$number}?level={$level}&class={$class}")->assertOk()->assertSee('The customer says:');
        $this->get("/practice/P-{$number}?level={$level}&class={$class}&m=say.adjust")->assertOk()->assertSee('The way there');
    }
})->with(['plain', 'red_herring', 'two_faults', 'soup'])->with(['car', 'van', 'truck', 'tractor', '']);

it('sets a vehicle with the fault that was asked for, and hands out an address that does not name it', function () {
    $this->actingAs($this->technician());
    $page = (string) $this->get('/practice?fault=oil_on_lining&class=car&level=plain&tell=closed')->assertOk()->getContent();
    expect(plain($page))->toMatch('~P-\d{1,6}: oil or grease on the lining~');
    preg_match('~only to look for the fault: <a href="([^"]+)"~', $page, $m);
    $address = html_entity_decode($m[1]);
    preg_match('~worked at the stations: <a\s+href="([^"]+)"~', $page, $m);
    $this->get(html_entity_decode($m[1]))->assertOk()->assertSee('To the stations')->assertDontSee('oil or grease');
    expect($address)->toContain('class=car')->toContain('tell=closed')->not->toContain('fault')->not->toContain('oil');
    $this->get($address)->assertOk()->assertSee('The customer says:');
    expect(plain((string) $this->get("{$address}&m=say.adjust")->assertOk()->getContent()))->toContain('Oil or grease on the lining');
    // None of this kind has it: a truck's clutch brake is on no car.
    $this->get('/practice?fault=brake_worn&class=car')->assertOk()->assertSee('No practice vehicle of this kind has this fault');
    $this->get('/practice?fault=soup')->assertOk()->assertDontSee('Hand out');
});

it('lays ways side by side, and names the line that is none', function () {
    $this->get('/practice/ways')->assertRedirect('/sign-in');
    $this->actingAs($this->technician());
    $at = fn (string $text): string => (string) preg_replace('/\s+/', ' ', plain((string) $this->get('/practice/ways?'.http_build_query(
        ['ways' => $text]))->assertOk()->getContent()));
    $way = fn (string $moves): string => route('practice.at', ['P-6', 'm' => $moves]);
    $both = $at("Ana: {$way('test.t_slip,say.strip,care,part.disc,renew.kit,close')}\nBo {$way('say.adjust')}");
    expect($both)->toContain('<td>Ana</td>')->toContain('<td>Bo</td>')->toContain('take it apart, right')->toContain('adjust, not right')
        ->toContain('left: seals')->toContain('As proposed')->not->toContain('class="refusal"');
    $wrong = $at("Ana {$way('say.adjust')}\nsoup\nBo ".route('practice.at', ['P-7', 'm' => 'say.adjust'])."\nAna {$way('')}");
    expect($wrong)->toContain('Line 2 is no address of a practice vehicle.')->toContain('Line 3 is another vehicle than line 1.')
        ->toContain('Line 4: “Ana” stands there already.')->toContain('<td>Ana</td>')->not->toContain('<td>Bo</td>')
        // What was typed is still there.
        ->toContain('soup Bo');
    // A number is no name, what triage did keeps its own, and how it was told makes no other vehicle.
    expect($at("1 {$way('')}\nAs proposed {$way('')}\nBo {$way('')}&tell=closed"))->toContain('<td>Way 1</td>')
        ->toContain('Line 2: “As proposed” stands there already.')->toContain('<td>Bo</td>')->not->toContain('another vehicle');
    expect($at(''))->not->toContain('How sure')
        ->and($at(implode("\n", array_map(static fn (int $i): string => "W{$i} {$way('')}", range(1, 6)))))
        ->toContain('Line 6: no more than 5 ways are drawn.')
        ->and($at("<script>alert(1)</script> {$way('')}"))->not->toContain('<script>alert');
});
