<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Outcome;
use Spindle\Triage\Signs;
use Spindle\Triage\Tests;

/** What somebody does next at a practice vehicle: asks, tests, looks the causes up, or says what the job comes to. */
final readonly class Move
{
    private const LOOK = 'look';

    /** @param  bool  $isLook  at the causes as triage has them; it counts as asked for */
    private function __construct(public string $sign, public string $test, public ?Outcome $outcome, public bool $isLook = false)
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

    public static function look(): self
    {
        return new self('', '', null, true);
    }

    public static function decide(Outcome $outcome): self
    {
        return new self('', '', $outcome);
    }

    /** As it stands in an address: "ask.slip_load", "test.t_slip", "look", "say.strip"; nothing where it says no move. */
    public static function read(string $word): ?self
    {
        [$kind, $what] = [...explode('.', $word, 2), ''];

        return match (true) {
            $word === self::LOOK => self::look(),
            $kind === 'ask' && isset(Signs::all()[$what]) => self::ask($what),
            $kind === 'test' && isset(Tests::all()[$what]) => self::test($what),
            $kind === 'say' && Outcome::tryFrom($what) !== null => self::decide(Outcome::from($what)),
            default => null,
        };
    }

    public function word(): string
    {
        return match (true) {
            $this->isLook => self::LOOK,
            $this->sign !== '' => "ask.{$this->sign}",
            $this->test !== '' => "test.{$this->test}",
            default => 'say.'.($this->outcome->value ?? ''),
        };
    }
}
