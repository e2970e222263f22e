<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** A mistake of the program: it asks for a name that no subject has written down, reads it as something else, or claims it twice. */
final class DictionaryError extends \LogicException
{
    public static function field(string $key): self
    {
        return new self("no field {$key}");
    }

    public static function figure(string $name): self
    {
        return new self("no figure {$name}");
    }

    public static function noNature(string $key): self
    {
        return new self("nobody said what {$key} is: whose, from where, how long it stands");
    }

    public static function finding(string $id): self
    {
        return new self("no subject owns a finding {$id}");
    }

    public static function judgedTwice(string $finding): self
    {
        return new self("two judgements both speak of {$finding}");
    }

    /** The code reads a field as something it does not hold. */
    public static function otherKind(string $key, string $expected): self
    {
        return new self("{$key} is not a {$expected}");
    }

    public static function twice(string $what, string $name): self
    {
        return new self("two subjects both own the {$what} {$name}");
    }
}
