<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\PlainText;
use Illuminate\Database\Eloquent\Model;

/** What every table of the workshop has in common. */
abstract class Row extends Model
{
    /** @var array<class-string, array<string, bool>> whether an attribute is handed out as the store has it, by kind of row */
    private static array $asStored = [];

    /**
     * A value as the store has it where nothing is made of it, or rows that were read already. A page asks thousands of times, and the
     * framework looks each time whether anything is to be made.
     */
    public function getAttribute($key): mixed
    {
        return match (true) {
            isset($this->attributes[$key]) => (self::$asStored[static::class][$key] ??= $this->isAsStored($key))
                ? $this->attributes[$key] : parent::getAttribute($key),
            isset($this->relations[$key]) => $this->relations[$key],
            default => parent::getAttribute($key),
        };
    }

    private function isAsStored(string $key): bool
    {
        return ! $this->hasCast($key) && ! in_array($key, $this->getDates(), true) && ! $this->hasAnyGetMutator($key);
    }

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
                static::{"boot{$name}"}();
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }

    /**
     * A row as the database has it: a copy of the empty one that is asked for it. A job has hundreds of rows, and building each anew
     * took longer than reading them.
     *
     * @param  array<string, mixed>|object  $attributes
     * @param  string|null  $connection
     */
    public function newFromBuilder($attributes = [], $connection = null): static
    {
        $attributes = PlainText::row((array) $attributes);
        if ($this->exists || $this->relations !== []) {
            return parent::newFromBuilder($attributes, $connection);
        }
        $row = clone $this;
        $row->exists = true;
        $row->setRawAttributes($attributes, true);
        $row->setConnection($connection ?? $this->getConnectionName());

        // Nobody listens to the reading of a row, and a job has hundreds of them.
        return $row;
    }
}
