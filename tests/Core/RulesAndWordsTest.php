<?php

declare(strict_types=1);

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;

/*
 * A rule is read without its sentence and a sentence without its rule: what is said stands in the sentences of a subject, one method a
 * case. Tables of the trade, whose words are what they hold, are named here.
 */

/** Whose words are the table itself: what is asked, looked at, done and warned of. */
const TABLES = [
    'Assessment/Cautions.php', 'Assessment/Owed/Free.php', 'Fastening/TighteningStage.php', 'Fitting/FittingStep.php',
    'Hydraulics/BleedingSchool.php', 'Proving/Test.php', 'Release/Phase.php', 'Sheet/Schema.php', 'Sheet/Station.php', 'Triage/Tests.php',
];

/** @return list<string> the sentences written into a file as they stand there, each to its full stop */
function sentencesIn(string $source): array
{
    $sentences = [];
    foreach (token_get_all($source) as $token) {
        $isText = is_array($token) && in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true);
        if ($isText && preg_match('/[a-z]{2,} [a-z]{2,}.*[.?!][\'"]?$/is', $token[1]) === 1) {
            $sentences[] = $token[1];
        }
    }

    return $sentences;
}

/** @return array<string, class-string> classes of the core by their file */
function coreClasses(): array
{
    $classes = [];
    foreach (array_keys(coreFiles()) as $path) {
        $class = 'Spindle\\'.str_replace('/', '\\', substr($path, 0, -4));
        if (class_exists($class) || interface_exists($class)) {
            $classes[$path] = $class;
        }
    }

    return $classes;
}

it('writes no sentence outside the sentences of a subject and the tables of the trade', function () {
    $homes = '/(Sentences|Fields|Subject|Error)\.php$|^Sheet\/Doubt\.php$/';
    $stray = $tables = [];
    foreach (coreFiles() as $path => $source) {
        $found = preg_match($homes, $path) === 1 ? [] : sentencesIn($source);
        in_array($path, TABLES, true) ? $tables[$path] = $found : $stray = [...$stray, ...array_map(
            static fn (string $sentence): string => "{$path}: {$sentence}", $found,
        )];
    }

    // Patterns by which a list of kits is read end like questions.
    expect(array_values(array_filter($stray, static fn (string $s): bool => ! str_starts_with($s, 'Kit/KitPart.php'))))->toBe([])
        ->and(array_keys(array_filter($tables, static fn (array $found): bool => $found === [])))->toBe([])
        ->and(array_values(array_diff(TABLES, array_keys($tables))))->toBe([]);
});

it('sees a sentence where one stands', function () {
    expect(sentencesIn('<?php $a = "The bearing travels {$x} at the floor; it drags.";'))->toHaveCount(1)
        ->and(sentencesIn("<?php return 'Replace the cover, its springs are weak.';"))->toHaveCount(1)
        ->and(sentencesIn("<?php return 'release.free_play';"))->toBe([]);
});

it('judges without knowing how a reader writes', function () {
    $told = array_filter(coreFiles(), static fn (string $source, string $path): bool => str_ends_with($path, 'Judgement.php')
        && str_contains($source, 'Display'), ARRAY_FILTER_USE_BOTH);

    expect(array_keys($told))->toBe([]);
});

it('takes no more than five things at once, but where a plain value is made', function () {
    $long = [];
    foreach (coreClasses() as $class) {
        foreach ((new ReflectionClass($class))->getMethods() as $method) {
            $isOwn = $method->getDeclaringClass()->getName() === $class && ! $method->isConstructor() && ! enum_exists($class, false);
            if ($isOwn && $method->getNumberOfParameters() > 5) {
                $long[] = "{$class}::{$method->getName()} takes {$method->getNumberOfParameters()}";
            }
        }
    }

    expect($long)->toBe([])->and(count(coreClasses()))->toBeGreaterThan(300);
});

it('says nothing that nobody asks for, and every case in a way of its own', function () {
    $all = implode("\n", coreFiles());
    foreach (['app', 'resources/views'] as $folder) {
        $inside = new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}", FilesystemIterator::SKIP_DOTS);
        foreach (new RecursiveIteratorIterator($inside) as $file) {
            $all .= $file instanceof SplFileInfo ? (string) file_get_contents($file->getPathname()) : '';
        }
    }
    $unsaid = $cases = [];
    foreach (coreClasses() as $class) {
        $methods = (new ReflectionClass($class))->getMethods(ReflectionMethod::IS_PUBLIC);
        foreach (is_subclass_of($class, Sentences::class) ? $methods : [] as $m) {
            if ((string) $m->getReturnType() === Said::class) {
                $called = (new ReflectionClass($class))->getShortName()."::{$m->getName()}(";
                $unsaid = str_contains($all, $called) ? $unsaid : [...$unsaid, $called];
                $cases[] = "{$class}::{$m->getName()}";
            }
        }
    }

    expect($unsaid)->toBe([])->and(count($cases))->toBeGreaterThan(250);
});

it('does nothing when a value is made again or let go, so that what is kept can be anything of it', function () {
    foreach (coreFiles() as $path => $source) {
        expect(preg_match('/function __(wakeup|destruct|toString|call|callStatic)\b/', $source))->toBe(0, $path);
    }
});
