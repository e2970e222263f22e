<?php

declare(strict_types=1);

namespace App\Page;

use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\View;

/**
 * A small view that a page draws hundreds of times, such as a reading: its compiled file by itself, with what it is given and nothing else.
 * In a view: @partial('job.meta', ['place' => $place])
 */
final class Partial
{
    /** @var array<string, string> compiled file by name */
    private static array $files = [];

    /** @param  array<string, mixed>  $given */
    public static function draw(string $name, array $given): string
    {
        $file = self::$files[$name] ??= self::compiled($name);
        ob_start();
        try {
            (static function () use ($file, $given): void {
                $__env = View::getFacadeRoot();
                extract($given);
                require $file;
            })();

            return (string) ob_get_contents();
        } finally {
            ob_end_clean();
        }
    }

    private static function compiled(string $name): string
    {
        $source = View::getFinder()->find($name);
        $compiler = Blade::getFacadeRoot();
        if ($compiler->isExpired($source)) {
            $compiler->compile($source);
        }

        return $compiler->getCompiledPath($source);
    }
}
