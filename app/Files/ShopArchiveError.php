<?php

declare(strict_types=1);

namespace App\Files;

/** Why the archive of a shop could not be written or read. */
final class ShopArchiveError extends \RuntimeException
{
    public static function cannotWrite(string $path): self
    {
        return new self("{$path} cannot be written");
    }

    public static function notAnArchive(string $path): self
    {
        return new self("{$path} is not the archive of a shop");
    }

    public static function otherVersion(string $theirs, string $ours): self
    {
        return new self("the archive is of another version ({$theirs}) than this installation ({$ours}); read it with that one and "
            .'upgrade');
    }

    public static function notEmpty(string $table): self
    {
        return new self("this installation is not empty ({$table}); an archive is read only where nobody and nothing is, so that nothing "
            .'is lost');
    }

    public static function damaged(string $name): self
    {
        return new self("the archive is damaged at {$name}; nothing was taken");
    }
}
