<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** A section of the file that holds no fields and that one subject reads. */
final readonly class Section
{
    /**
     * @param  \Closure(mixed): object  $read  throws SheetError with the place
     * @param  array<string, mixed>  $schema  what it looks like, as a JSON Schema
     */
    public function __construct(public \Closure $read, public array $schema)
    {
    }
}
