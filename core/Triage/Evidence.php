<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** What is known: signs that are there, and tests done with how they turned out. Signs not named are unknown, not absent. */
final readonly class Evidence
{
    /** @var array<string, bool> sign or test => present or positive, in a fixed order */
    public array $known;

    /**
     * @param  list<string>  $signs
     * @param  array<string, bool>  $tests  test => positive
     */
    public function __construct(array $signs = [], array $tests = [])
    {
        $known = array_merge(
            array_fill_keys(array_intersect($signs, array_keys(Signs::all())), true),
            array_intersect_key($tests, Tests::all()),
        );
        ksort($known);
        $this->known = $known;
    }

    public function with(string $test, bool $positive): self
    {
        $copy = [...$this->known, $test => $positive];

        return new self(array_keys(array_diff_key(array_filter($copy), Tests::all())), array_intersect_key($copy, Tests::all()));
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
