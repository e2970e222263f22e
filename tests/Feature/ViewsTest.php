<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\File;

/** The queries made while a template was being drawn, on the page at this address. */
function queriesInViews(string $address): array
{
    $made = [];
    $drawing = 0;
    Event::listen('composing: *', static function () use (&$drawing): void {
        $drawing++;
    });
    DB::listen(static function ($query) use (&$made, &$drawing): void {
        // The session is written once the page is drawn.
        if ($drawing > 0 && ! str_contains($query->sql, 'sessions')) {
            $made[] = $query->sql;
        }
    });
    test()->get($address)->assertOk();

    return $made;
}

it('asks the database nothing while a page is drawn', function (string $address) {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'ines')->firstOrFail());

    expect(queriesInViews($address))->toBe([]);
})->with([
    '/', '/account', '/people', '/log', '/limits', '/instruments', '/evidence', '/models?model=Ostrel+Wend+1.4+hatchback', '/vehicles/1',
    '/jobs/1/record', '/jobs/1/sheet', '/jobs/11/intake', '/jobs/12/triage', '/jobs/2/demand', '/jobs/12/strip', '/jobs/3/kit',
    '/jobs/2/kit/39',
    '/jobs/2/kit/compare?k39=1&k51=1', '/jobs/3/parts', '/jobs/3/parts/order', '/shelf', '/shelf/39', '/rules',
    '/jobs/8/set', '/jobs/10/record',
]);

/** What is wrong with a template: PHP that is none, or a word that means something to nobody. */
function faultOf(string $template): string
{
    $compiled = Blade::compileString($template);
    try {
        $tokens = PhpToken::tokenize($compiled, TOKEN_PARSE);
    } catch (ParseError $e) {
        return $e->getMessage();
    }
    $left = implode('', array_map(static fn (PhpToken $t): string => $t->is(T_INLINE_HTML) ? $t->text : '', $tokens));

    return match (true) {
        preg_match('/(?<![\w@.])@[a-z]\w*/', $left, $m) === 1 => "{$m[0]} is no directive",
        // Behind a letter it is read as text, and the branch before it goes on to the end.
        preg_match('/\w@(?:else|end\w+|if|foreach|include\w*|date|moment|mark|reading)/', $left, $m) === 1 => "{$m[0]} is glued to a word",
        default => '',
    };
}

it('has no view that cannot be compiled', function () {
    $faults = [];
    foreach (File::allFiles(resource_path('views')) as $view) {
        $faults[$view->getRelativePathname()] = faultOf($view->getContents());
    }
    expect(count($faults))->toBeGreaterThan(100)->and(array_filter($faults))->toBe([]);
});

it('sees a template that is broken', function (string $template) {
    expect(faultOf($template))->not->toBe('');
})->with([
    'not closed' => ['@if (true) yes'], 'closed twice' => ['@if (true) yes @endif @endif'], 'no PHP' => ['{{ $a + }}'],
    'a directive nobody knows' => ['<p>@readng("disc.thickness")</p>'], 'an unfinished assignment' => ['@php($x = )'],
    'a directive glued to a word' => ['@if (true) yes@else no @endif'],
]);

it('sees a query that a template makes', function () {
    $this->actingAs($this->technician());
    Illuminate\Support\Facades\Route::get('/asks', static fn () => Blade::render('{{ App\Models\User::query()->count() }}'))
        ->middleware('web');

    expect(queriesInViews('/asks'))->not->toBe([]);
});

/** Names of classes that a template knows, whether in PHP or in what a directive is given. */
function classesIn(string $template): array
{
    preg_match_all('/\\\\?\b(?:[A-Z]\w+\\\\)+[A-Z]\w+|\b[A-Z]\w+(?=::)|\bnew\s+[A-Z]\w+/', $template, $found);

    return $found[0];
}

it('names no class in a view: what a page shows is handed to it', function () {
    $named = [];
    foreach (File::allFiles(resource_path('views')) as $view) {
        $named[$view->getRelativePathname()] = classesIn($view->getContents());
    }

    expect(array_filter($named))->toBe([])
        ->and(classesIn('@php($a = App\\Page\\Labour::of($page)) {{ Str::limit($b) }} @mark(Spindle\\Limit\\Verdict::Out)'))->toHaveCount(3)
        ->and(classesIn('{{ new Display }}'))->toHaveCount(1)
        ->and(classesIn('{{ $t::BEARING }} New: 7.3 mm'))->toBe([]);
});

it('writes no number by itself in a view: the display does, as the reader writes it', function () {
    $own = [];
    foreach (File::allFiles(resource_path('views')) as $view) {
        $own[$view->getRelativePathname()] = preg_match_all('/\\b(?:number_format|sprintf|printf)\\(/', $view->getContents());
    }

    expect(array_filter($own))->toBe([]);
});

/**
 * What a template works out itself. A drawing's template may set a word so many pixels beside a finished place, and no more; any other
 * gives at most a shorter name, or the number of a row counted from nought.
 */
function workedOutIn(string $template, bool $isDrawing = false): array
{
    preg_match_all('/@php\(.*\)\s*$/m', $template, $named);
    preg_match_all('/\{\{(?!--).*?\}\}|(?<=\s):[\w:-]+="[^"]*"/s', $template, $shown);
    $worksOut = static fn (string $pattern): Closure => static fn (string $code): bool => preg_match(
        "~{$pattern}|(?<![>:\w])(?:round|max|min|floor|ceil|abs|sin|cos|number_format)\(~", preg_replace("/'[^']*'/", "''", $code) ?? '',
    ) === 1;

    return [
        ...array_values(array_filter($named[0], $worksOut('(?<![=-]) [-+*/%] [\w$(]'))),
        ...array_values(array_filter($shown[0], $worksOut($isDrawing ? ' [*/%] ' : ' (?:[*/%]|[-+](?! 1\b)) '))),
    ];
}

it('works nothing out in a view', function () {
    $worked = [];
    foreach (File::allFiles(resource_path('views')) as $view) {
        $isDrawing = str_contains($view->getContents(), '<svg') || str_starts_with($view->getRelativePathname(), 'drawings');
        $worked[$view->getRelativePathname()] = workedOutIn($view->getContents(), $isDrawing);
    }

    expect(array_filter($worked))->toBe([])
        ->and(workedOutIn("@php(\$y = 24 + 26 * \$i)\n@php(\$most = max(1.0, \$a))"))->toHaveCount(2)
        ->and(workedOutIn('@php($a = $b->of(\'day-1\'))'))->toBe([])
        ->and(workedOutIn('{{ $a->of(1) * 2 }} {{ max($a, 2) }} <x-bar :from="$a / 2" /> {{ $a - 7 }}'))->toHaveCount(4)
        ->and(workedOutIn('{{ $a - 7 }} {{ $rows->max(\'seq\') }} {{ $a / 2 }}', true))->toHaveCount(1)
        ->and(workedOutIn('{{ $i + 1 }} {{ $a ? \'2 * 3\' : $b }} {{-- 2 * 3 --}}'))->toBe([]);
});
