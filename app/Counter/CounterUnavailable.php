<?php

declare(strict_types=1);

namespace App\Counter;

/** The parts counter does not answer. Nothing may be taken as ordered then. */
final class CounterUnavailable extends \RuntimeException
{
    public static function none(): self
    {
        return new self('no parts counter is connected; order as usual and note it here');
    }

    public static function silent(): self
    {
        return new self('the parts counter does not answer');
    }

    public static function slow(int $seconds): self
    {
        return new self("the parts counter did not answer within {$seconds} seconds");
    }
}
