<?php

declare(strict_types=1);

namespace App\Console;

use Spindle\Sheet\SheetError;

/** A file named on the command line, or what comes in by standard input. */
final class SheetFile
{
    /** @throws SheetError when it is not there or cannot be read */
    public static function read(string $file): string
    {
        if ($file !== '-' && ! is_file($file)) {
            throw SheetError::unreadable(is_dir($file) ? 'is a folder, not a file' : 'there is no such file');
        }
        $contents = @file_get_contents($file === '-' ? 'php://stdin' : $file);

        return $contents === false ? throw SheetError::unreadable('the file cannot be read') : $contents;
    }

    /** What it is called in an error. */
    public static function called(string $file): string
    {
        return $file === '-' ? 'standard input' : $file;
    }
}
