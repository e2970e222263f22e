<?php

declare(strict_types=1);

use App\Store\Program;
use App\Store\ReadyFields;
use Illuminate\Support\Facades\Artisan;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Dictionary;

/*
 * A server keeps the fields of the dictionary ready. What is kept is what the subjects write down, and counts only for this program.
 */

beforeEach(function () {
    $this->path = sys_get_temp_dir().'/fields-'.bin2hex(random_bytes(4)).'.php';
    config(['spindle.ready_fields' => $this->path]);
});

afterEach(function () {
    ReadyFields::forget();
    Subjects::haveReady(null);
});

it('has the same dictionary from what is kept as from what is written down', function () {
    $written = Subjects::describe(...Subjects::all());
    Artisan::call('fields:cache');
    ReadyFields::offer();
    $kept = Subjects::dictionary();
    $isAsked = static fn (Dictionary $of, string $key): bool => $of->isAsked($key, sheetOfJson(
        '{"format":"jade-spindle/job-sheet","version":1,"vehicle":{"class":"truck","actuation":"pull"}}',
    ));

    expect(array_keys($kept->all()))->toBe(array_keys($written->all()))->and($kept->all())->toEqual($written->all());
    foreach (['saidAsLeft', 'steps', 'measuredInstead', 'set', 'seenOpen'] as $question) {
        expect($kept->byNature->{$question}())->toBe($written->byNature->{$question}())->not->toBe([]);
    }
    foreach (array_keys($written->all()) as $key) {
        expect($isAsked($kept, $key))->toBe($isAsked($written, $key), $key);
    }
});

it('reads nothing that another program kept', function () {
    ReadyFields::write();
    $label = Subjects::dictionary()->get('disc.thickness')->label;
    $forged = str_replace(var_export($label, true), "'Forged'", (string) file_get_contents($this->path));
    $offered = function (string $code): string {
        file_put_contents($this->path = "{$this->path}.php", $code);
        config(['spindle.ready_fields' => $this->path]);
        Subjects::haveReady(null);
        ReadyFields::offer();
        unlink($this->path);

        return Subjects::dictionary()->get('disc.thickness')->label;
    };

    // Of this program it would have been taken.
    expect($offered($forged))->toBe('Forged')->and($offered(str_replace(Program::version(), 'another', $forged)))->toBe($label);
});

it('shows the same page from it', function () {
    $this->actingAs($by = $this->technician());
    $job = $this->newJob($by);
    $page = fn (): string => (string) preg_replace('/_token" value="[^"]+"|X-CSRF-TOKEN":"[^"]+"/', '', $this->get("/jobs/{$job->id}/set")
        ->assertOk()->getContent());
    $before = $page();
    ReadyFields::write();
    ReadyFields::offer();

    expect($page())->toBe($before);
});

it('lets it go when that is asked', function () {
    Artisan::call('fields:cache');
    expect(is_file($this->path))->toBeTrue();
    Artisan::call('fields:cache', ['--clear' => true]);

    expect(is_file($this->path))->toBeFalse();
});
