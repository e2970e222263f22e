<?php

declare(strict_types=1);

namespace App\Store;

use Closure;
use Throwable;

/** Files that are made to be handed on. What fails on the way leaves nothing behind: they hold what is the shop's. */
final class Temporary
{
    /**
     * @param  Closure(string): void  $fill  gets the path
     * @return string path of a file that whoever asked removes
     *
     * @throws Throwable whatever filling it throws; the file is gone then
     */
    public static function filled(string $name, Closure $fill): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), $name);
        try {
            $fill($path);
        } catch (Throwable $e) {
            @unlink($path);
            throw $e;
        }

        return $path;
    }
}
