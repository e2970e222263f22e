<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** The code asks for something under a name that no subject has written into the dictionary, or writes one down twice. */
final class UnknownName extends \LogicException
{
    public static function field(string $key): self
    {
        return new self("no field {$key}");
    }

    public static function figure(string $name): self
    {
        return new self("no figure {$name}");
    }

    public static function finding(string $id): self
    {
        return new self("no subject owns a finding {$id}");
    }

    public static function twice(string $what, string $name): self
    {
        return new self("two subjects both own the {$what} {$name}");
    }
}
