<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Store\InTurn;
use App\Store\PlainText;
use Illuminate\Support\Facades\DB;

/**
 * Takes out of what is stored already what nobody could enter any more: bytes that are no letters, control characters. Meanwhile it is
 * shown with question marks. A signed file is not touched: its hash is what vouches for it.
 */
final class MendText
{
    private const PIECE = 500;

    private const LEFT = ['signed_sheets', 'sessions', 'cache', 'cache_locks', 'migrations'];

    /** @return array<string, int> how many texts were mended, by table and column */
    public static function all(): array
    {
        return InTurn::do(static function (): array {
            $mended = [];
            $columns = self::columns();
            WrittenOnce::opened(array_keys($columns), static function () use ($columns, &$mended): void {
                foreach ($columns as $table => $names) {
                    $mended += self::table($table, $names);
                }
            });
            if ($mended !== []) {
                AuditLog::note(LogTopic::Backups, 'Mended text that could not be shown: '.implode(', ', array_map(
                    static fn (string $what, int $n): string => "{$what} ({$n})", array_keys($mended), $mended,
                )).'.');
            }

            return $mended;
        });
    }

    /** @return array<string, int> how many texts cannot be shown as they are stored, by table and column */
    public static function missing(): array
    {
        $found = [];
        foreach (self::columns() as $table => $names) {
            self::each($table, $names, static function (int $row, string $column) use ($table, &$found): void {
                $found["{$table}.{$column}"] = 1 + ($found["{$table}.{$column}"] ?? 0);
            });
        }

        return $found;
    }

    /**
     * @param  list<string>  $columns
     * @return array<string, int>
     */
    private static function table(string $table, array $columns): array
    {
        $mended = [];
        self::each($table, $columns, static function (int $row, string $column, string $text) use ($table, &$mended): void {
            DB::table($table)->where('rowid', $row)->update([$column => PlainText::mended($text)]);
            $mended["{$table}.{$column}"] = 1 + ($mended["{$table}.{$column}"] ?? 0);
        });

        return $mended;
    }

    /**
     * @param  list<string>  $columns
     * @param  \Closure(int, string, string): void  $found
     */
    private static function each(string $table, array $columns, \Closure $found): void
    {
        $last = 0;
        do {
            $rows = DB::table($table)->selectRaw('rowid as "@row"')->addSelect($columns)->where('rowid', '>', $last)->orderBy('rowid')
                ->limit(self::PIECE)->get();
            foreach ($rows as $row) {
                $last = (int) $row->{'@row'};
                foreach ($columns as $column) {
                    if (is_string($row->{$column}) && ! PlainText::is($row->{$column})) {
                        $found($last, $column, $row->{$column});
                    }
                }
            }
        } while ($rows->count() === self::PIECE);
    }

    /** @return array<string, list<string>> */
    private static function columns(): array
    {
        $columns = [];
        foreach (DB::select("select m.name as t, p.name as c, lower(p.type) as type from sqlite_master m join pragma_table_info(m.name) p
            where m.type = 'table' and m.name not like 'sqlite%'") as $column) {
            if (in_array($column->type, ['varchar', 'text'], true) && ! in_array($column->t, self::LEFT, true)) {
                $columns[$column->t][] = $column->c;
            }
        }

        return $columns;
    }
}
