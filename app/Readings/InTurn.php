<?php

declare(strict_types=1);

namespace App\Readings;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * A transaction that waits for its turn to write before it reads.
 *
 * One that reads first and writes later may find that somebody else has written in between, and fails instead of waiting.
 * So the first statement is a write that changes nothing: it takes the lock, and what is read after it stays true until the
 * commit. The same holds on other databases, where it costs nothing.
 */
final class InTurn
{
    private const TRIES = 3;

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function do(Closure $work): mixed
    {
        return DB::transaction(static function () use ($work): mixed {
            DB::update('update clutch_jobs set id = 0 where id = 0');

            return $work();
        }, self::TRIES);
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
        return DB::transaction($work);
    }
}
