<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Database\Events\ConnectionEstablished;
use Illuminate\Database\QueryException;
use Illuminate\Database\SQLiteConnection;
use Illuminate\Support\Facades\Event;
use PDO;
use PDOException;

/**
 * The file that holds who is signed in, and how often somebody tried to. It makes itself: nothing is lost with it but that everybody
 * signs in anew, so it is in no backup, and one that cannot be read is put aside.
 */
final class SessionsDatabase
{
    private const NAME = 'sessions';

    private const TABLES = [
        'create table if not exists sessions (id varchar primary key not null, user_id integer, ip_address varchar, '
            .'user_agent text, payload text not null, last_activity integer not null)',
        'create index if not exists sessions_user_id_index on sessions (user_id)',
        'create index if not exists sessions_last_activity_index on sessions (last_activity)',
        'create table if not exists cache ("key" varchar primary key not null, value text not null, expiration integer not null)',
        'create table if not exists cache_locks ("key" varchar primary key not null, owner varchar not null, expiration integer not null)',
    ];

    public static function keepReady(): void
    {
        $holdsSessions = config('session.driver') === 'database' && config('session.connection') === self::NAME;
        $holdsTries = config('cache.stores.'.config('cache.limiter').'.connection') === self::NAME;
        if (! $holdsSessions && ! $holdsTries) {
            return;
        }
        $file = (string) config('database.connections.sessions.database');
        if (! is_file($file) && is_writable(dirname($file))) {
            // A write-ahead file of one that is gone belongs to nothing.
            array_map(static fn (string $of): bool => @unlink($file.$of), ['-wal', '-shm']);
            touch($file);
            chmod($file, 0600);
        }
        // A connection that lives on belongs to the file it was opened on, not to the one that took its place.
        if ((config('database.connections.sessions.options')[PDO::ATTR_PERSISTENT] ?? false) === true) {
            config(['database.connections.sessions.options' => [PDO::ATTR_PERSISTENT => 'sessions-'.(int) @fileinode($file)]]);
        }
        Event::listen(static function (ConnectionEstablished $e) use ($file): void {
            if ($e->connectionName === self::NAME && $e->connection instanceof SQLiteConnection) {
                self::prepare($e->connection, $file);
            }
        });
    }

    /** @throws QueryException once, when the file cannot be read; the next request finds a new one */
    private static function prepare(SQLiteConnection $connection, string $file): void
    {
        try {
            if ($connection->scalar("select count(*) from sqlite_master where name in ('sessions', 'cache', 'cache_locks')") < 3) {
                array_map($connection->statement(...), self::TABLES);
            }
        } catch (QueryException $e) {
            self::putAside($e, $file);
            throw $e;
        }
    }

    /** A file that turns out to be damaged when it is read: whoever asked is told, and the next one finds a new file. */
    public static function noticeDamage(QueryException $e): void
    {
        if ($e->getConnectionName() === self::NAME) {
            self::putAside($e, (string) config('database.connections.sessions.database'));
        }
    }

    /** Somebody else may have put the damaged one aside already. */
    private static function isWhole(string $file): bool
    {
        try {
            $said = (new PDO("sqlite:{$file}", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]))->query('pragma quick_check');

            return $said !== false && $said->fetchColumn() === 'ok';
        } catch (PDOException) {
            return false;
        }
    }

    private static function putAside(QueryException $e, string $file): void
    {
        if (preg_match('/malformed|not a database/', $e->getMessage()) === 1 && is_file($file) && ! self::isWhole($file)) {
            rename($file, "{$file}.unreadable");
            array_map(static fn (string $of): bool => @unlink($file.$of), ['-wal', '-shm']);
        }
    }
}
