<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Sheet\DictionaryBuilder;

/*
 * Dependencies point one way: Quantity ← Vehicle ← Limit ← Sheet ← subjects ← Assessment. Each room of the core is named here with what
 * it may use beside those below the subjects. Nothing in the core knows the framework or does input or output.
 */

const FOUNDATION = [
    'Quantity' => [],
    'Vehicle' => ['Quantity'],
    'Limit' => ['Quantity', 'Vehicle'],
    'Sheet' => ['Quantity', 'Vehicle', 'Limit'],
];

/** What the vehicle is, and what its meters show: said once at intake, read by its name wherever it matters. */
const TOLD_TO_ALL = 'Intake';

/** A subject => other subjects it may use, by their classes or by the names of their readings. None leads back. */
const SUBJECTS = [
    'Intake' => [],
    'Triage' => ['Capacity', 'Kit', 'Inspection/Disc', 'Inspection/Cover', 'Inspection/Flywheel', 'Inspection/Shaft',
        'Inspection/TwoStageSet'],
    'Demand' => [],
    'Capacity' => ['Demand'],
    'Kit' => ['Demand', 'Capacity', 'Inspection/WhileOpen', 'Inspection/Disc',
        'Inspection/Cover', 'Inspection/Flywheel', 'Inspection/Shaft'],
    'Bench' => ['Capacity', 'Kit'],
    'Inspection' => [],
    'Inspection/Disc' => ['Inspection'],
    'Inspection/Cover' => ['Inspection', 'Capacity'],
    'Inspection/Flywheel' => ['Inspection'],
    'Inspection/Bearing' => ['Inspection'],
    'Inspection/Shaft' => ['Inspection', 'Inspection/Disc'],
    'Inspection/TruckSet' => ['Inspection', 'Inspection/Cover'],
    'Inspection/TwoStageSet' => ['Inspection'],
    'Inspection/WhileOpen' => ['Inspection'],
    'Release' => ['Inspection/Disc', 'Inspection/Flywheel', 'Inspection/TwoStageSet', 'Capacity', 'Kit', 'Bench'],
    'Hydraulics' => ['Triage', 'Release', 'Kit'],
    'Fastening' => ['Kit'],
    'Fitting' => ['Inspection/Flywheel', 'Inspection/TruckSet'],
    'History' => ['Triage', 'Demand', 'Capacity'],
    'Planning' => ['Triage', 'Kit', 'Inspection/Flywheel', 'Bench'],
    'Proving' => ['Triage', 'Release', 'Hydraulics', 'Kit', 'Inspection/Disc', 'Inspection/TwoStageSet', 'Capacity', 'Demand'],
    'Offer' => ['Triage', 'Inspection/WhileOpen', 'Capacity', 'Kit', 'Planning'],
    'Record' => [],
];

/** A room of the application => the rooms of it that it may use. Whoever writes stands above whoever shows. */
const APP = [
    'Store' => [],
    'Models' => ['Store'],
    'Policies' => ['Models'],
    'Readings' => ['Store', 'Models'],
    'Audit' => ['Store', 'Models'],
    'Accounts' => ['Store', 'Models', 'Readings', 'Audit'],
    'Limits' => ['Store', 'Models', 'Readings'],
    'Sheets' => ['Store', 'Models', 'Readings', 'Limits'],
    'Shelf' => ['Store', 'Models', 'Limits', 'Sheets'],
    'Jobs' => ['Store', 'Models', 'Readings', 'Limits', 'Sheets'],
    'Page' => ['Store', 'Models', 'Readings', 'Limits', 'Sheets', 'Jobs', 'Shelf'],
    'Drawings' => ['Jobs', 'Page'],
    'Books' => ['Models', 'Limits', 'Jobs', 'Page', 'Drawings'],
    'Counter' => ['Models'],
    'Files' => ['Store', 'Models', 'Jobs', 'Sheets', 'Page', 'Readings', 'Board', 'Drawings'],
    'Board' => ['Store', 'Models', 'Jobs', 'Limits', 'Page', 'Readings'],
    'Changes' => ['Store', 'Models', 'Jobs', 'Readings', 'Limits', 'Sheets', 'Shelf', 'Page', 'Counter', 'Audit'],
    'Stations' => ['Models', 'Jobs', 'Sheets', 'Page', 'Drawings', 'Changes', 'Files'],
    'Upkeep' => ['Store', 'Models', 'Jobs', 'Readings', 'Page', 'Changes', 'Audit', 'Files', 'Shelf', 'Limits', 'Sheets', 'Practice'],
    'Devices' => ['Store', 'Models', 'Readings', 'Changes'],
    'Photos' => ['Store', 'Models', 'Readings'],
    'Register' => ['Store', 'Models', 'Readings', 'Changes'],
    'Practice' => ['Store', 'Models', 'Jobs', 'Page', 'Changes', 'Shelf'],
    'Walk' => ['Models', 'Jobs', 'Readings', 'Page', 'Drawings', 'Changes'],
    'Http' => ['Practice', 'Walk', 'Store', 'Models', 'Jobs', 'Readings', 'Limits', 'Sheets', 'Page', 'Changes', 'Photos', 'Register',
        'Shelf', 'Counter', 'Devices', 'Files', 'Board', 'Books', 'Accounts', 'Audit', 'Upkeep', 'Drawings', 'Stations'],
    'Console' => ['Store', 'Models', 'Jobs', 'Limits', 'Sheets', 'Page', 'Changes', 'Shelf', 'Files', 'Accounts', 'Audit', 'Board',
        'Upkeep'],
    'Providers' => ['Console', 'Store', 'Models', 'Limits', 'Jobs', 'Page', 'Drawings', 'Register', 'Counter', 'Audit', 'Accounts'],
];

/** @return array<string, list<string>> room => rooms it may use */
function rooms(): array
{
    $below = array_keys(FOUNDATION);

    return [
        ...FOUNDATION,
        ...array_map(static fn (array $others): array => [...$below, ...$others], SUBJECTS),
        'Assessment' => [...$below, ...array_keys(SUBJECTS)],
        // What is to be taken next follows from all that a job owes.
        'Walk' => [...$below, 'Triage', 'Proving', 'Assessment', 'Fitting', 'Fastening'],
        // A vehicle whose truth is known, judged like any other.
        'Practice' => [...$below, ...array_keys(SUBJECTS), 'Assessment'],
    ];
}

/** The room of a class or file, by its path: "Inspection/Disc", "Kit". */
function roomOf(string $path): string
{
    $parts = explode('/', $path);
    $inner = "{$parts[0]}/".($parts[1] ?? '');

    return isset(SUBJECTS[$inner]) ? $inner : $parts[0];
}

/**
 * Arrows that are not declared.
 *
 * @param  array<string, string>  $files  source by path in the core
 * @param  array<string, list<string>>  $rooms
 * @return list<string>
 */
function forbiddenArrows(array $files, array $rooms): array
{
    $forbidden = [];
    foreach ($files as $path => $source) {
        $room = roomOf($path);
        preg_match_all('/\bSpindle\\\\((?:[A-Z]\w+\\\\)*[A-Z]\w+)/', $source, $m);
        foreach (array_unique($m[1]) as $class) {
            $used = roomOf(str_replace('\\', '/', $class));
            if ($used !== $room && ! in_array($used, $rooms[$room] ?? [], true)) {
                $forbidden[] = "{$path} uses {$class}";
            }
        }
    }

    return $forbidden;
}

/** @return array<string, string> the room that owns it, by field */
function owners(): array
{
    $owners = [];
    foreach (Subjects::all() as $subject) {
        $alone = new DictionaryBuilder;
        $subject->describe($alone);
        $room = roomOf(strtr(substr($subject::class, strlen('Spindle\\')), '\\', '/'));
        $owners = [...$owners, ...array_fill_keys(array_keys($alone->build()->all()), $room)];
    }

    return $owners;
}

/**
 * The rooms whose readings a file names. A name in a string is an arrow like the name of a class.
 *
 * @param  array<string, string>  $owners
 * @return array<string, string> room by field
 */
function readBy(string $source, array $owners): array
{
    $read = [];
    foreach (token_get_all($source) as $token) {
        $text = is_array($token) && $token[0] === T_CONSTANT_ENCAPSED_STRING ? substr($token[1], 1, -1) : '';
        $read = isset($owners[$text]) && $owners[$text] !== TOLD_TO_ALL ? [...$read, $text => $owners[$text]] : $read;
    }

    return $read;
}

it('lets each room of the core use only the rooms below it', function () {
    foreach (array_keys(coreFiles()) as $path) {
        expect(rooms())->toHaveKey(roomOf($path));
    }
    expect(forbiddenArrows(coreFiles(), rooms()))->toBe([]);
});

it('takes the name of a reading in a string for an arrow', function () {
    $owners = owners();
    $forbidden = [];
    foreach (coreFiles() as $path => $source) {
        foreach (readBy($source, $owners) as $key => $used) {
            if ($used !== roomOf($path) && ! in_array($used, rooms()[roomOf($path)], true)) {
                $forbidden[] = "{$path} reads {$key}";
            }
        }
    }
    expect($forbidden)->toBe([])
        ->and(readBy("<?php return ['release.fork_ratio', \"kit.name\", 'odometer', 'no.such'];", $owners))
        ->toBe(['release.fork_ratio' => 'Release', 'kit.name' => 'Capacity']);
});

it('lets each room of the application use only those it may', function () {
    $root = dirname(__DIR__, 2).'/app/';
    $forbidden = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        $path = substr((string) $file, strlen($root));
        $room = explode('/', $path)[0];
        expect(APP)->toHaveKey($room);
        preg_match_all('/\bApp\\\\+(\w+)\\\\/', (string) file_get_contents((string) $file), $m);
        foreach (array_diff(array_unique($m[1]), [$room, ...APP[$room]]) as $used) {
            $forbidden[] = "{$path} uses {$used}";
        }
    }
    expect($forbidden)->toBe([]);
});

it('sees an arrow that is turned', function (string $path, string $class) {
    $turned = ["{$path}" => "<?php\nuse Spindle\\{$class};\n"];

    expect(forbiddenArrows($turned, rooms()))->toBe(["{$path} uses {$class}"]);
})->with([
    ['Demand/EngineOutput.php', 'Capacity\\Lining'],
    ['Sheet/Schema.php', 'Triage\\Strength'],
    ['Limit/Finding.php', 'Sheet\\JobSheet'],
    ['Inspection/Disc/DiscWear.php', 'Release\\ReleaseChain'],
    ['Inspection/Condition.php', 'Inspection\\Disc\\DiscWear'],
    ['Triage/Reach.php', 'Assessment\\Assessment'],
]);

it('declares no arrow that leads back to where it came from', function () {
    $rooms = [...rooms(), ...APP];
    $reaches = static function (string $from, string $to, array $seen = []) use (&$reaches, $rooms): bool {
        foreach (array_diff($rooms[$from], $seen) as $next) {
            if ($next === $to || $reaches($next, $to, [...$seen, $from])) {
                return true;
            }
        }

        return false;
    };
    foreach (array_keys($rooms) as $room) {
        expect($reaches($room, $room))->toBeFalse($room);
    }
});

it('declares no arrow that nobody uses', function () {
    $used = [];
    $owners = owners();
    foreach (coreFiles() as $path => $source) {
        preg_match_all('/\bSpindle\\\\((?:[A-Z]\w+\\\\)*[A-Z]\w+)/', $source, $m);
        foreach ($m[1] as $class) {
            $used[roomOf($path)][roomOf(str_replace('\\', '/', $class))] = true;
        }
        foreach (readBy($source, $owners) as $room) {
            $used[roomOf($path)][$room] = true;
        }
    }
    foreach (SUBJECTS as $room => $others) {
        expect(array_diff($others, array_keys($used[$room] ?? [])))->toBe([], $room);
    }
});

it('keeps the core free of the framework and of input and output', function () {
    $forbidden =
        '/\b(Illuminate|Laravel|App\\\\|Symfony|Carbon)\b'.
        '|\b(fopen|file_get_contents|file_put_contents|curl_\w+|echo|print|var_dump|getenv|time|date|rand|mt_rand|random_int)\s*\('.
        '|\$_(GET|POST|SERVER|ENV|SESSION)|new (PDO|\\\\?DateTime(?!Zone))/';
    foreach (coreFiles() as $path => $source) {
        $code = implode(
            '',
            array_map(
                static fn (array|string $t): string => is_array($t)
                    ? (in_array($t[0], [T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING], true)
                        ? ' '
                        : $t[1])
                    : $t,
                token_get_all($source),
            ),
        );
        expect(preg_match($forbidden, $code, $m))->toBe(0, "{$path}: ".($m[0] ?? ''));
    }
});

it('makes every class of the core final, and every value of it unchangeable', function () {
    foreach (coreFiles() as $path => $source) {
        expect(preg_match('/^(final |abstract readonly class Quantity|enum |interface )/m', $source))->toBe(1, $path)
            ->and(str_contains($source, 'declare(strict_types=1);'))->toBeTrue($path);
    }
});

it('keeps every file of the core short enough to read at one sitting', function () {
    foreach (coreFiles() as $path => $source) {
        expect(substr_count($source, "\n"))->toBeLessThan(340, $path);
    }
});

it('fails only in ways that have a name', function () {
    foreach (coreFiles() as $path => $source) {
        expect(preg_match('/new \\\\?\w*Exception\(/', $source))->toBe(0, $path);
    }
});

it('keeps every line of PHP and Blade to 140 columns', function () {
    $root = dirname(__DIR__, 2);
    $wide = [];
    foreach (['core', 'app', 'bin', 'config', 'database', 'routes', 'resources/views', 'tests'] as $folder) {
        $inside = new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS);
        foreach (new RecursiveIteratorIterator($inside) as $file) {
            if (! $file instanceof SplFileInfo || $file->getExtension() !== 'php') {
                continue;
            }
            foreach (explode("\n", (string) file_get_contents($file->getPathname())) as $i => $line) {
                if (mb_strlen($line) > 140) {
                    $wide[] = substr($file->getPathname(), strlen($root) + 1).':'.($i + 1);
                }
            }
        }
    }
    expect($wide)->toBe([]);
});

it('has the rules where the documentation says', function () {
    $root = dirname(__DIR__, 2);
    preg_match('/## Where is the rule for.*?(?=\n## |\z)/s', (string) file_get_contents("{$root}/docs/architecture.md"), $section);
    preg_match_all('/`((?:core|app|resources)\/[^`]+)`/', $section[0] ?? '', $m);

    expect(count($m[1]))->toBeGreaterThanOrEqual(15)
        ->and(array_filter($m[1], static fn (string $path): bool => ! is_file("{$root}/{$path}")))->toBe([]);
});
