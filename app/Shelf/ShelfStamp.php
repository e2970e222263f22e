<?php

declare(strict_types=1);

namespace App\Shelf;

use Illuminate\Support\Facades\DB;

/** What is known of the shelf as a whole, kept by the change that made it so. */
final readonly class ShelfStamp
{
    /**
     * @param  int  $stamp  another one after every change of the shelf, and on every installation
     * @param  string  $currency  that of most prices
     */
    private function __construct(public int $stamp, public string $currency, public int $kits)
    {
    }

    public static function now(): self
    {
        $row = DB::table('shelf_stamps')->first();

        return new self((int) ($row->stamp ?? 0), (string) ($row->currency ?? ''), (int) ($row->kits ?? 0));
    }

    /** Within the transaction that changed the shelf. */
    public static function change(): void
    {
        $currency = DB::table('kits')
            ->whereNotNull('price')
            ->selectRaw('coalesce(currency, ?) as word, count(*) as times', [''])
            ->groupBy('word')
            ->orderByDesc('times')
            ->orderBy('word')
            ->value('word');
        DB::table('shelf_stamps')->update([
            'stamp' => random_int(1, PHP_INT_MAX >> 8), 'currency' => is_string($currency) ? $currency : '',
            'kits' => DB::table('kits')->count(),
        ]);
    }
}
