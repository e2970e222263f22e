<?php

declare(strict_types=1);

namespace Spindle\Practice;

use RuntimeException;

final class PracticeError extends RuntimeException
{
    private function __construct(string $message)
    {
        parent::__construct($message);
    }

    public static function noSuchSeed(string $code): self
    {
        return new self("no practice vehicle is called “{$code}”: a number up to ".Seed::MOST.', such as P-4711');
    }

    public static function noSuchVehicle(string $class): self
    {
        return new self("no practice vehicle is a {$class}");
    }
}
