<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** What every table of the workshop has in common. */
abstract class Record extends Model
{
    /**
     * Boots traits by their conventional names only. The framework also looks through every method of the class for attributes of
     * its own; no trait here has them, and with ten kinds of rows on a page the looking cost a tenth of each request.
     */
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot{$name}")) {
                forward_static_call([static::class, "boot{$name}"]);
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }
}
