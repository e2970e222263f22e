<?php

declare(strict_types=1);

namespace App\Store;

use Closure;
use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * An SQLite file of the workshop. Its transactions take the turn to write when they begin: one that reads first and writes later
 * fails with "database is locked" when somebody else has written in between, and no waiting helps it. Source: sqlite.org,
 * "BEGIN IMMEDIATE" and "SQLITE_BUSY_SNAPSHOT" (from memory).
 */
final class ShopConnection extends SQLiteConnection
{
    private const WRITES = '/^\s*(insert|update|delete|replace)\b/i';

    private bool $onlyLooks = false;

    /** @var (Closure(string): void)|null told of what is written outside a turn */
    private static ?Closure $outOfTurn = null;

    /**
     * The database as it is at one moment, for long looks at it: nobody is kept from writing meanwhile.
     *
     * @template T
     *
     * @param  Closure(): T  $work  writes nothing
     * @return T
     */
    public function look(Closure $work): mixed
    {
        $before = $this->onlyLooks;
        $this->onlyLooks = true;
        try {
            return $this->transaction($work);
        } finally {
            $this->onlyLooks = $before;
        }
    }

    /** @param  (Closure(string): void)|null  $told */
    public static function watch(?Closure $told): void
    {
        self::$outOfTurn = $told;
    }

    /**
     * A file that nobody else has yet is made in nobody's turn.
     *
     * @param  Closure(): void  $make
     */
    public static function made(Closure $make): void
    {
        [$told, self::$outOfTurn] = [self::$outOfTurn, null];
        try {
            $make();
        } finally {
            self::$outOfTurn = $told;
        }
    }

    /**
     * PDO begins a transaction that reads first and knows no other. Its own bookkeeping is kept, so that a connection that lives on is
     * cleared after a request that died.
     */
    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        $pdo->beginTransaction();
        if ($this->onlyLooks) {
            return;
        }
        try {
            $pdo->exec('rollback');
            $pdo->exec('begin immediate');
        } catch (PDOException $e) {
            $pdo->exec('begin');
            $pdo->rollBack();
            throw $e;
        }
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     */
    public function statement($query, $bindings = []): bool
    {
        $this->note($query);

        return parent::statement($query, $bindings);
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     */
    public function affectingStatement($query, $bindings = []): int
    {
        $this->note($query);

        return parent::affectingStatement($query, $bindings);
    }

    private function note(string $query): void
    {
        if (self::$outOfTurn !== null && ! InTurn::isTaken() && $this->getName() === config('database.default')
            && preg_match(self::WRITES, $query) === 1) {
            (self::$outOfTurn)($query);
        }
    }
}
