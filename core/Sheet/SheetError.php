<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Why a file is not a job sheet, and where in it. */
final class SheetError extends \DomainException
{
    private function __construct(public readonly string $place, public readonly string $reason)
    {
        parent::__construct($place === '' ? $reason : "{$place}: {$reason}");
    }

    public static function at(string $place, string $reason): self
    {
        return new self($place, $reason);
    }

    public static function unreadable(string $reason): self
    {
        return new self('', $reason);
    }

    public static function wrongType(string $place, string $expected, mixed $found): self
    {
        return new self($place, "{$expected} is expected, found ".match (true) {
            $found === null => 'null',
            is_bool($found) => $found ? 'true' : 'false',
            is_int($found), is_float($found) => 'the number '.json_encode($found),
            is_string($found) => 'the text “'.mb_strimwidth($found, 0, 40, '…').'”',
            is_array($found) => 'a list',
            default => 'an object',
        });
    }
}
