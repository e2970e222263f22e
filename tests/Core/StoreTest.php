<?php

declare(strict_types=1);

/*
 * The store is SQLite. What only SQLite understands stands in named places, so that it is found when it has to be.
 */

/** Places of it, as docs/architecture.md lists them. */
const SQLITE_OWN = ['app/Store', 'app/Upkeep', 'app/Accounts/SessionsDatabase.php', 'app/Files/ShopArchive.php', 'config/database.php',
    'database/migrations'];

const SQLITE_WORDS = '/\b(pragma|sqlite_master|sqlite_schema|rowid|vacuum|julianday|strftime|begin immediate|without rowid|glob)\b/i';

/** @return list<string> */
function sqliteIn(string $source): array
{
    // In code and its strings; a comment may speak of it.
    $code = implode(' ', array_map(
        static fn (PhpToken $t): string => $t->is([T_COMMENT, T_DOC_COMMENT, T_STRING]) ? '' : $t->text, PhpToken::tokenize($source),
    ));
    preg_match_all(SQLITE_WORDS, $code, $m);

    return $m[0];
}

it('keeps what is SQLite\'s own in the places that are named for it', function () {
    $root = dirname(__DIR__, 2);
    $found = [];
    foreach (['app', 'config', 'database', 'routes'] as $folder) {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            $path = substr((string) $file, strlen($root) + 1);
            $isNamed = array_filter(SQLITE_OWN, static fn (string $place): bool => str_starts_with($path, $place)) !== [];
            if (str_ends_with($path, '.php') && ! $isNamed && sqliteIn((string) file_get_contents((string) $file)) !== []) {
                $found[] = $path;
            }
        }
    }
    $listed = (string) file_get_contents("{$root}/docs/architecture.md");

    expect($found)->toBe([])->and(array_filter(SQLITE_OWN, static fn (string $place): bool => ! str_contains($listed, "`{$place}`")))
        ->toBe([]);
});

it('sees it where it does not belong, and not where a comment speaks of it', function () {
    expect(sqliteIn("<?php DB::statement('PRAGMA foreign_keys = on');"))->toBe(['PRAGMA'])
        ->and(sqliteIn('<?php // the pragma is set elsewhere'))->toBe([]);
});
