<?php

declare(strict_types=1);

namespace App\Upkeep;

use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What the database is made of: tables with their columns, what refers to what, indexes, and the triggers that hold what is written
 * once. Compared with what this version of the program expects (database/shape.json, written by `shape:write`), whatever the migrations
 * say that ran.
 */
final class Shape
{
    private const COLUMNS = "select m.name as t, p.name as c, lower(p.type) as type, p.\"notnull\" as needed,
        p.dflt_value is not null as given, p.pk from sqlite_master m join pragma_table_info(m.name) p where m.type = 'table'
        and m.name not like 'sqlite\\_%' escape '\\'";

    private const REFERENCES = "select m.name as t, f.\"from\" as c, f.\"table\" as other, f.on_delete as gone
        from sqlite_master m join pragma_foreign_key_list(m.name) f where m.type = 'table'";

    private const INDEXES = "select m.name as t, i.name, i.\"unique\" as only,
        (select group_concat(n) from (select x.name as n
        from pragma_index_info(i.name) x order by x.seqno)) as columns
        from sqlite_master m join pragma_index_list(m.name) i where m.type = 'table' and i.origin <> 'pk'";

    /** @return array<string, string> what it is, by what it is called: "column readings.typed" */
    public static function now(): array
    {
        $parts = [];
        foreach (DB::select(self::COLUMNS) as $row) {
            $parts["column {$row->t}.{$row->c}"] = $row->type.($row->needed ? ', needed' : '').($row->given ? ', given' : '')
                .($row->pk ? ', key' : '');
        }
        foreach (DB::select(self::REFERENCES) as $row) {
            $parts["reference {$row->t}.{$row->c}"] = strtolower("{$row->other}, {$row->gone}");
        }
        foreach (DB::select(self::INDEXES) as $row) {
            $parts["index {$row->t}(".$row->columns.')'] = $row->only ? 'each once' : '';
        }
        foreach (self::triggers() as $name => $sql) {
            $parts["trigger {$name}"] = $sql;
        }
        foreach (DB::select("select name, sql from sqlite_master where type = 'view'") as $row) {
            $parts["view {$row->name}"] = self::plain((string) $row->sql);
        }
        ksort($parts);

        return $parts;
    }

    /** @return array<string, string> what this version expects */
    public static function expected(): array
    {
        $parts = json_decode((string) @file_get_contents(self::file()), true);

        /** @var array<string, string> */
        return is_array($parts) ? $parts : [];
    }

    /** @return list<string> in words, what is not as it should be; empty when all is */
    public static function differences(): array
    {
        [$now, $expected] = [self::now(), self::expected()];
        $said = [];
        foreach ($expected as $what => $how) {
            $is = $now[$what] ?? null;
            // A value that is given where none has to be does no harm.
            if ($is !== $how && $is !== "{$how}, given") {
                $said[] = "{$what} is ".($is === null ? 'missing' : 'another');
            }
        }

        return [...$said, ...array_map(static fn (string $what): string => "{$what} does not belong here",
            array_keys(array_diff_key($now, $expected)))];
    }

    /**
     * Drops triggers that do not belong and puts back those that do, each by its text.
     *
     * @return int how many were not as they should be
     */
    public static function holdTriggers(): int
    {
        [$now, $expected] = [self::triggers(), self::expectedTriggers()];
        $wrong = array_diff_assoc($now, $expected);
        foreach (array_keys($wrong) as $name) {
            DB::statement('drop trigger "'.str_replace('"', '""', $name).'"');
        }
        $missing = array_diff_key($expected, array_diff_key($now, $wrong));
        array_map(DB::statement(...), array_values($missing));

        return count($wrong + $missing);
    }

    /** @return array<string, string> text by name, of those that this version expects */
    public static function expectedTriggers(): array
    {
        $triggers = [];
        foreach (self::expected() as $what => $sql) {
            if (str_starts_with($what, 'trigger ')) {
                $triggers[substr($what, 8)] = $sql;
            }
        }

        return $triggers;
    }

    /** Written after a migration was added; a test holds it against an empty database that was migrated. */
    public static function write(): void
    {
        file_put_contents(self::file(), json_encode(self::now(),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n");
    }

    /** @return array<string, string> */
    private static function triggers(): array
    {
        return array_map(self::plain(...), array_column(array_map(
            static fn (stdClass $row): array => (array) $row,
            DB::select("select name, sql from sqlite_master where type = 'trigger' order by name"),
        ), 'sql', 'name'));
    }

    private static function plain(string $sql): string
    {
        return trim((string) preg_replace('/\s+/', ' ', $sql));
    }

    private static function file(): string
    {
        return database_path('shape.json');
    }
}
