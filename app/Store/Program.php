<?php

declare(strict_types=1);

namespace App\Store;

/** Which program this is: what another version worked out does not count. */
final class Program
{
    private static ?string $version = null;

    /** The commit that is checked out, and when its classes were put together; either changes with an upgrade. */
    public static function version(): string
    {
        return self::$version ??= self::commit().' '.(int) @filemtime(base_path('vendor/composer/autoload_classmap.php'));
    }

    private static function commit(): string
    {
        $head = trim((string) @file_get_contents(base_path('.git/HEAD')));
        $ref = str_starts_with($head, 'ref: ') ? substr($head, 5) : '';

        return $ref === '' ? $head : trim((string) @file_get_contents(base_path(".git/{$ref}")));
    }
}
