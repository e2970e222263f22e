<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Job;
use App\Models\User;
use App\Store\InTurn;
use App\Store\Program;
use App\Store\ShopConnection;
use Closure;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/**
 * What one person practised, in a file of its own beside the shop's: made when it is first wanted, brought up to date after an upgrade,
 * and gone for good when that person takes it away. It is in no backup, and holds nothing that a shop has to keep.
 */
final class GroundFile
{
    private const READY = 'practice_ready';

    private const MAKING = '.making';

    private const ASIDE = '.aside';

    public static function pathOf(int $person): string
    {
        return config('database.practice')."-{$person}";
    }

    public static function isThere(int $person): bool
    {
        return is_file(self::pathOf($person));
    }

    /** From here on everything that is read and stored is that person's practice. */
    public static function open(User $person): void
    {
        $path = self::pathOf($person->id);
        self::connect($path);
        self::keepReady($path);
        DB::setDefaultConnection(Job::PRACTICE);
        // What is worked out of the shop is not that of the practice, nor the other way round.
        config(['cache.default' => 'array']);
        self::mirror($person);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function within(User $person, Closure $work): mixed
    {
        [$shop, $cache] = [DB::getDefaultConnection(), config('cache.default')];
        self::open($person);
        try {
            return $work();
        } finally {
            DB::setDefaultConnection($shop);
            config(['cache.default' => $cache]);
        }
    }

    /**
     * What somebody else practised, to be looked at as it lies there.
     *
     * @template T
     *
     * @param  Closure(): T  $look  stores nothing
     * @return T
     */
    public static function look(int $person, Closure $look): mixed
    {
        $shop = DB::getDefaultConnection();
        self::connect(self::pathOf($person));
        DB::setDefaultConnection(Job::PRACTICE);
        try {
            return $look();
        } finally {
            DB::setDefaultConnection($shop);
        }
    }

    /** All of it, for good. */
    public static function takeAway(User $person): void
    {
        DB::purge(Job::PRACTICE);
        $path = self::pathOf($person->id);
        array_map(static fn (string $of): bool => ! is_file($path.$of) || unlink($path.$of), ['', '-wal', '-shm', self::MAKING]);
        session()->forget(self::READY);
    }

    /**
     * What anybody else practised goes: after a backup was put back a number can be another person's.
     *
     * @param  list<int>  $people
     */
    public static function keepOnly(array $people): void
    {
        DB::purge(Job::PRACTICE);
        foreach (glob(config('database.practice').'-*') ?: [] as $file) {
            $isOne = preg_match('/-(\d+)(?:-wal|-shm|\.making|\.aside.*)?$/', $file, $whose) === 1;
            if ($isOne && ! in_array((int) $whose[1], $people, true)) {
                unlink($file);
            }
        }
    }

    /** A new one is made whole aside and put in its place, so that a power cut leaves none that is half made. */
    private static function keepReady(string $path): void
    {
        $version = Program::version();
        if (is_file($path) && session(self::READY) === $version) {
            return;
        }
        $lock = fopen($path.self::MAKING, 'c') ?: throw new \RuntimeException("{$path} cannot be made");
        flock($lock, LOCK_EX);
        try {
            is_file($path) ? self::make() : self::makeAside($path);
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }
        session([self::READY => $version]);
    }

    private static function makeAside(string $path): void
    {
        $aside = $path.self::ASIDE;
        array_map(static fn (string $of): bool => @unlink($aside.$of), ['', '-wal', '-shm']);
        touch($aside);
        chmod($aside, 0600);
        self::connect($aside);
        self::make();
        self::connect($path);
        rename($aside, $path);
    }

    private static function make(): void
    {
        ShopConnection::made(static function (): void {
            Artisan::call('migrate', ['--database' => Job::PRACTICE, '--force' => true]);
        });
        $practice = DB::connection(Job::PRACTICE);
        $practice->transaction(static fn (): int => $practice->table('grounds')->where('is_practice', false)
            ->update(['is_practice' => true]));
    }

    private static function connect(string $path): void
    {
        if (config('database.connections.practice.database') !== $path) {
            config(['database.connections.practice.database' => $path]);
            DB::purge(Job::PRACTICE);
        }
    }

    /** Who is signed in, so that the rows can name him; nobody signs in by this copy. */
    private static function mirror(User $person): void
    {
        $there = DB::table('users')->where('id', $person->id)->first(['name', 'role']);
        if ($there !== null && $there->name === $person->name && $there->role === $person->role->value) {
            return;
        }
        InTurn::do(static fn (): bool => DB::table('users')->updateOrInsert(['id' => $person->id], [
            'name' => $person->name, 'name_key' => User::nameKey($person->name), 'login' => "practice-{$person->id}",
            'role' => $person->role->value, 'password' => '!', 'created_at' => now(), 'updated_at' => now(),
        ]));
    }
}
