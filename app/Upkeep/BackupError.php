<?php

declare(strict_types=1);

namespace App\Upkeep;

/** Why a backup could not be written, trusted or restored. */
final class BackupError extends \RuntimeException
{
    public static function cannotWrite(string $path): self
    {
        return new self("{$path} cannot be written; is the disk full, or the folder somebody else's?");
    }

    public static function notABackup(string $path): self
    {
        return new self("{$path} is not a backup");
    }

    public static function damaged(string $what): self
    {
        return new self("the backup is damaged at {$what}; nothing was taken from it");
    }

    public static function newer(string $migration): self
    {
        return new self("the backup was made by a newer version ({$migration}); install that one, or a later one, and restore then");
    }

    public static function inUse(int $jobs): self
    {
        return new self("this installation is in use ({$jobs} jobs); say --replace to put the backup in its place. What is here now is "
            .'backed up first');
    }

    public static function notSqlite(): self
    {
        return new self('backups are made of an SQLite database; another kind comes with backups of its own');
    }

    public static function notTaken(string $why): self
    {
        return new self("the database did not take the backup ({$why}); it holds what it held");
    }
}
