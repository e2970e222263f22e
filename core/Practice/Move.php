<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Outcome;

/** What somebody does next at a practice vehicle: asks the customer, tests from outside, or says what the job comes to. */
final readonly class Move
{
    private function __construct(public string $sign, public string $test, public ?Outcome $outcome)
    {
    }

    public static function ask(string $sign): self
    {
        return new self($sign, '', null);
    }

    public static function test(string $test): self
    {
        return new self('', $test, null);
    }

    public static function decide(Outcome $outcome): self
    {
        return new self('', '', $outcome);
    }
}
