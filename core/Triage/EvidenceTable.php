<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** How common each cause is and what speaks for it: the built-in table, with what a workshop has learnt of its own vehicles. */
final readonly class EvidenceTable
{
    /** The name under which a change says how common a cause is. */
    public const PRIOR = 'prior';

    /** No cause is so common that the others drown, and none impossible. From memory [M]. */
    public const LEAST_PRIOR = 0.1;

    public const GREATEST_PRIOR = 100.0;

    /** @param  array<string, Cause>  $causes */
    private function __construct(public array $causes)
    {
    }

    public static function builtIn(): self
    {
        return new self(Causes::all());
    }

    /**
     * @throws EvidenceError when cause or evidence is not known
     */
    public function weighing(string $cause, string $evidence, Strength $strength): self
    {
        if (! isset(Signs::all()[$evidence]) && ! isset(Tests::all()[$evidence])) {
            throw EvidenceError::unknownEvidence($evidence);
        }

        return new self([...$this->causes, $cause => $this->known($cause)->weighing($evidence, $strength)]);
    }

    /**
     * @throws EvidenceError when the cause is not known, or the figure beyond sense
     */
    public function asCommonAs(string $cause, float $prior): self
    {
        if ($prior < self::LEAST_PRIOR || $prior > self::GREATEST_PRIOR) {
            throw EvidenceError::priorOutOfRange();
        }

        return new self([...$this->causes, $cause => $this->known($cause)->asCommonAs($prior)]);
    }

    /** @throws EvidenceError */
    private function known(string $cause): Cause
    {
        return $this->causes[$cause] ?? throw EvidenceError::unknownCause($cause);
    }
}
