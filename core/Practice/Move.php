<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\StripPart;
use Spindle\Triage\Outcome;
use Spindle\Triage\Signs;
use Spindle\Triage\Tests;

/**
 * What somebody does next at a practice vehicle: asks, tests, looks the causes up, says what the job comes to; with the gearbox off, takes
 * note of the cautions, looks at a part, says what is renewed, closes.
 */
final readonly class Move
{
    private const ASK = 'ask';

    private const TEST = 'test';

    private const SAY = 'say';

    private const LOOK = 'look';

    private const CAUTION = 'care';

    private const PART = 'part';

    private const HURRIED = 'glance';

    private const RENEW = 'renew';

    private const CLOSE = 'close';

    public string $sign;

    public string $test;

    public ?Outcome $outcome;

    /** At the causes as triage has them; it counts as asked for. */
    public bool $isLook;

    public bool $isCaution;

    public ?StripPart $part;

    /** At one place where there are several. */
    public bool $isHurried;

    /** Renewed; said twice it is not. */
    public ?Work $work;

    public bool $isClosing;

    private function __construct(private string $kind, private string $what = '')
    {
        $this->sign = $kind === self::ASK ? $what : '';
        $this->test = $kind === self::TEST ? $what : '';
        $this->outcome = $kind === self::SAY ? Outcome::from($what) : null;
        $this->isLook = $kind === self::LOOK;
        $this->isCaution = $kind === self::CAUTION;
        $this->part = in_array($kind, [self::PART, self::HURRIED], true) ? StripPart::from($what) : null;
        $this->isHurried = $kind === self::HURRIED;
        $this->work = $kind === self::RENEW ? Work::from($what) : null;
        $this->isClosing = $kind === self::CLOSE;
    }

    public static function ask(string $sign): self
    {
        return new self(self::ASK, $sign);
    }

    public static function test(string $test): self
    {
        return new self(self::TEST, $test);
    }

    public static function look(): self
    {
        return new self(self::LOOK);
    }

    public static function decide(Outcome $outcome): self
    {
        return new self(self::SAY, $outcome->value);
    }

    public static function caution(): self
    {
        return new self(self::CAUTION);
    }

    public static function at(StripPart $part, bool $isHurried = false): self
    {
        return new self($isHurried ? self::HURRIED : self::PART, $part->value);
    }

    public static function renew(Work $work): self
    {
        return new self(self::RENEW, $work->value);
    }

    public static function close(): self
    {
        return new self(self::CLOSE);
    }

    /** As it stands in an address: "ask.slip_load", "test.t_slip", "look", "say.strip", "part.disc"; nothing where it says no move. */
    public static function read(string $word): ?self
    {
        [$kind, $what] = [...explode('.', $word, 2), ''];
        $isOne = match ($kind) {
            self::ASK => isset(Signs::all()[$what]),
            self::TEST => isset(Tests::all()[$what]),
            self::SAY => Outcome::tryFrom($what) !== null,
            self::PART, self::HURRIED => StripPart::tryFrom($what) !== null,
            self::RENEW => Work::tryFrom($what) !== null,
            default => in_array($word, [self::LOOK, self::CAUTION, self::CLOSE], true),
        };

        return $isOne ? new self($kind, $what) : null;
    }

    public function word(): string
    {
        return $this->what === '' ? $this->kind : "{$this->kind}.{$this->what}";
    }
}
