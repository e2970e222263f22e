<?php

declare(strict_types=1);

use App\Page\Pieces;

/*
 * What an answer to an entry holds: the pieces of the page that have changed, and no others.
 */

beforeEach(function () {
    $this->actingAs($by = $this->technician());
    $this->job = $this->newJob($by);
    $this->seen = function (string $html): string {
        preg_match_all('/ id="([^"]+)"[^>]* data-seen="([^"]+)"/', $html, $m, PREG_SET_ORDER);

        return implode(' ', array_map(static fn (array $piece): string => "{$piece[1]}:{$piece[2]}", $m));
    };
    $this->enterSeeing = fn (string $seen, string $field, string $typed) => $this->withHeaders(['HX-Request' => 'true', 'X-Seen' => $seen])
        ->post("/jobs/{$this->job->id}/strip", ['f' => [$field => [$typed]], 'b' => [$field => [0]]])->assertOk();
});

it('sends only what has changed of what the page shows', function () {
    $seen = ($this->seen)((string) $this->get("/jobs/{$this->job->id}/strip?part=disc")->assertOk()->getContent());
    $answer = (string) ($this->enterSeeing)($seen, 'disc.runout', '0.2 mm')->getContent();

    expect($answer)->toContain('id="meta-disc-runout-0"')->toContain('id="head-disc"')
        ->not->toContain('id="head-flywheel"')->not->toContain('id="rail-kit"')->not->toContain('id="draw-face"')
        ->and(strlen($answer))->toBeLessThan(10_000);
});

it('sends the same again only when it has changed again', function () {
    $seen = ($this->seen)((string) $this->get("/jobs/{$this->job->id}/strip?part=disc")->getContent());
    $first = (string) ($this->enterSeeing)($seen, 'disc.runout', '0.2 mm')->getContent();
    $seen = implode(' ', [$seen, ($this->seen)($first)]);
    $again = (string) ($this->enterSeeing)($seen, 'why.words', 'It ran dry.')->getContent();

    expect($first)
        ->toContain('id="head-disc"')
        ->toContain('finding-disc-runout')
        ->and($again)
        ->toContain('id="meta-why-words-0"')
        ->not->toContain('finding-disc-runout');
});

it('sends everything to a page that does not say what it has', function () {
    $answer = (string) $this->withHeader('HX-Request', 'true')
        ->post("/jobs/{$this->job->id}/strip", ['f' => ['disc.runout' => ['0.2 mm']], 'b' => ['disc.runout' => [0]]])
        ->getContent();

    expect($answer)->toContain('id="head-flywheel"')->toContain('id="rail-kit"')->toContain('id="telltale"');
});

it('knows a piece by what it is made from', function () {
    $request = Illuminate\Http\Request::create('/');
    $pieces = new Pieces;
    $made = (string) $pieces->wrap('Within', 'told', 'p', ['class' => 'soft', 'role' => '']);
    preg_match('/data-seen="(\w+)"/', $made, $m);

    expect($made)->toStartWith('<p id="told" class="soft" data-seen="')->not->toContain('role');
    $request->headers->set('X-Seen', "told:{$m[1]} other:0");
    $pieces->answer($request);
    expect((string) $pieces->wrap('Within', 'told', 'p', ['class' => 'soft']))->toBe('')
        ->and((string) $pieces->wrap('Out', 'told', 'p', ['class' => 'soft']))->toContain('hx-swap-oob="true"')->toContain('Out')
        ->and((string) $pieces->wrap('x', 'never-there'))->toBe('')
        ->and($pieces->mayHave('other'))->toBeTrue()->and($pieces->mayHave('never-there'))->toBeFalse();
});

it('fetches a part of the open clutch when it is opened, and opens it on a page of its own without a script', function () {
    $page = (string) $this->get("/jobs/{$this->job->id}/strip")->getContent();
    expect($page)
        ->toContain('name="f[disc.runout][0]"')
        ->not->toContain('name="f[pilot.play][0]"')
        ->toContain('data-load="http://localhost/jobs/'.$this->job->id.'/strip?part=pilot"');

    $part = (string) $this->withHeader('HX-Request', 'true')
        ->get("/jobs/{$this->job->id}/strip?part=pilot")
        ->getContent();
    expect($part)->toContain('name="f[pilot.play][0]"')->not->toContain('<html');

    $own = (string) $this->flushHeaders()
        ->get("/jobs/{$this->job->id}/strip?part=pilot")
        ->getContent();
    expect($own)->toContain('name="f[pilot.play][0]"')->toContain('<html')->not->toContain('name="f[disc.runout][0]"');
    // What is saved from there comes back there.
    $this->post("/jobs/{$this->job->id}/strip?part=pilot", ['f' => ['pilot.play' => ['0.1 mm']]])->assertRedirect(
        "/jobs/{$this->job->id}/strip?part=pilot",
    );
});
