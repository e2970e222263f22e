<?php

declare(strict_types=1);

namespace App\Upkeep;

use Closure;
use Illuminate\Support\Facades\DB;

/** Rows that are written once, opened for the one thing that may change them: taking a person's identity out. */
final class WrittenOnce
{
    /**
     * Inside the caller's transaction: whatever becomes of it, the database refuses changes again afterwards.
     *
     * @param  list<string>  $tables
     * @param  Closure(): void  $work
     */
    public static function opened(array $tables, Closure $work): void
    {
        $triggers = DB::table('sqlite_master')->where('type', 'trigger')->whereIn('tbl_name', $tables)->pluck('sql', 'name');
        foreach ($triggers->keys() as $name) {
            DB::statement("drop trigger {$name}");
        }
        $work();
        foreach ($triggers as $sql) {
            DB::statement((string) $sql);
        }
    }
}
