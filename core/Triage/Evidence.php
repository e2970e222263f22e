<?php

declare(strict_types=1);

namespace Spindle\Triage;

/**
 * What is known: signs that are there, signs that were asked for and are not there, and tests done with how they turned out. Signs not
 * named are unknown, not absent.
 */
final readonly class Evidence
{
    /** @var array<string, bool> sign or test => present or positive, in a fixed order */
    public array $known;

    /**
     * @param  list<string>  $signs
     * @param  array<string, bool>  $tests  test => positive
     * @param  list<string>  $absent  signs that were asked for and are not there; one that is there as well is there
     */
    public function __construct(array $signs = [], array $tests = [], array $absent = [])
    {
        $known = array_merge(
            array_intersect_key(array_fill_keys($absent, false), Signs::all()),
            array_intersect_key(array_fill_keys($signs, true), Signs::all()),
            array_intersect_key($tests, Tests::all()),
        );
        ksort($known);
        $this->known = $known;
    }

    public function with(string $test, bool $positive): self
    {
        return new self($this->signs(), [...$this->tests(), $test => $positive], $this->absent());
    }

    /** @return list<string> that are there */
    public function signs(): array
    {
        return array_keys(array_filter(array_diff_key($this->known, Tests::all())));
    }

    /** @return list<string> that were asked for and are not there */
    public function absent(): array
    {
        return array_keys(array_filter(array_diff_key($this->known, Tests::all()), static fn (bool $isThere): bool => ! $isThere));
    }

    /** One piece of it as it is said: a sign, one that is not there, or a test. */
    public function said(string $name): string
    {
        $sign = Signs::all()[$name] ?? null;

        return match (true) {
            $sign === null => lcfirst(Tests::all()[$name]->label),
            ($this->known[$name] ?? true) => $sign,
            default => "not there: {$sign}",
        };
    }

    /** @return array<string, bool> test => positive */
    public function tests(): array
    {
        return array_intersect_key($this->known, Tests::all());
    }

    /** How likely one piece of evidence is with a cause. */
    public static function likelihood(Cause $cause, string $evidence, bool $positive): float
    {
        $strength = $cause->strength($evidence);
        $test = Tests::all()[$evidence] ?? null;
        $likely = match (true) {
            $test !== null => $test->isLook ? $strength->ofLook() : $strength->ofTest(),
            Signs::isCircumstance($evidence) => $strength->ofCircumstance(),
            default => $strength->ofSign(),
        };

        return $positive ? $likely : 1 - $likely;
    }
}
