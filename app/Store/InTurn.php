<?php

declare(strict_types=1);

namespace App\Store;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * The one way to write. Whoever changes anything of the shop waits for the turn to write before anything is read; what is read
 * after that stays true until all of it is kept, or none. The store is SQLite, which has one turn for everybody.
 */
final class InTurn
{
    private static int $depth = 0;

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws \Throwable whatever the work throws; a PDOException when the turn does not come in time, and nothing is written then
     */
    public static function do(Closure $work): mixed
    {
        // Inside a turn it is a part of it.
        if (self::$depth > 0) {
            return self::part($work);
        }

        return DB::transaction(static function () use ($work): mixed {
            self::$depth++;
            try {
                return $work();
            } finally {
                self::$depth--;
            }
        });
    }

    /**
     * A part of such work that can fail by itself: what it stored is taken out again, the rest stays.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws \Throwable whatever the work throws
     */
    public static function part(Closure $work): mixed
    {
        return DB::transaction(static fn (): mixed => $work());
    }

    /**
     * The shop as it is at one moment, for a long look at it. Nobody is kept from writing meanwhile.
     *
     * @template T
     *
     * @param  Closure(): T  $look  writes nothing
     * @return T
     */
    public static function look(Closure $look): mixed
    {
        $shop = DB::connection();

        return $shop instanceof ShopConnection ? $shop->look($look) : throw new \LogicException('the shop is kept in SQLite');
    }

    /** Whether somebody has the turn here and now. */
    public static function isTaken(): bool
    {
        return self::$depth > 0;
    }
}
