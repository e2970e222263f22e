<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Limit\Said;

/**
 * Ranked causes from evidence: naive Bayes over the table of causes, signs taken as independent given the cause.
 *
 * Source of the method: Bayes' theorem; entropy in bits after Shannon. Never certainty: the table is judgement.
 */
final readonly class Diagnosis
{
    /** A cause this likely is worth acting on without another test. From memory [M]. */
    private const SURE = 0.75;

    /** @param  array<string, float>  $chances  cause => probability, likeliest first; they add up to one */
    private function __construct(
        public array $chances,
        private Situation $situation,
        private Evidence $evidence,
        private EvidenceTable $table,
    ) {
    }

    public static function of(Situation $situation, Evidence $evidence, ?EvidenceTable $table = null): self
    {
        $table ??= EvidenceTable::builtIn();
        $logs = [];
        $heeded = array_filter($evidence->known, $situation->heeds(...), ARRAY_FILTER_USE_KEY);
        foreach ($table->causes as $id => $cause) {
            if ($situation->allows($cause)) {
                $logs[$id] = log($situation->weight($cause));
                foreach ($heeded as $name => $positive) {
                    $logs[$id] += log(Evidence::likelihood($cause, $name, $positive));
                }
            }
        }
        // Some causes are for every vehicle, so there is always one.
        $top = $logs === [] ? 0.0 : max($logs);
        $weights = array_map(static fn (float $l): float => exp($l - $top), $logs);
        $sum = array_sum($weights);
        $chances = array_map(static fn (float $w): float => $w / $sum, $weights);
        arsort($chances);

        return new self($chances, $situation, $evidence, $table);
    }

    public function cause(string $id): Cause
    {
        return $this->table->causes[$id];
    }

    public function chanceOf(string $cause): float
    {
        return $this->chances[$cause] ?? 0.0;
    }

    public function likeliest(): Cause
    {
        return $this->cause((string) array_key_first($this->chances));
    }

    /** @return array<string, float> the likeliest causes: at least three, and up to six that are not negligible */
    public function worthShowing(): array
    {
        $likely = array_filter($this->chances, static fn (float $p): bool => $p >= 0.01);

        return array_slice($this->chances, 0, max(3, min(6, count($likely))), true);
    }

    /** Doubt left, in bits: none when one cause is certain. */
    public function doubt(): float
    {
        return -array_sum(array_map(static fn (float $p): float => $p > 0.0 ? $p * log($p, 2) : 0.0, $this->chances));
    }

    public function isSure(): bool
    {
        return ($this->chances[(string) array_key_first($this->chances)] ?? 0.0) >= self::SURE;
    }

    /** What triage comes to: the outcome that the likely causes share. */
    public function outcome(): Outcome
    {
        return Outcome::from((string) array_key_first($this->outcomes()));
    }

    /** How likely the causes of that outcome are together. */
    public function chanceOfOutcome(): float
    {
        return array_values($this->outcomes())[0] ?? 0.0;
    }

    /** How likely it is that the job comes to this. */
    public function chanceThat(Outcome $outcome): float
    {
        return $this->outcomes()[$outcome->value] ?? 0.0;
    }

    /** Whether what is to be done is sure enough to do it, even if the cause is not. */
    public function isOutcomeSure(): bool
    {
        return $this->chanceOfOutcome() >= self::SURE;
    }

    /** @return array<string, float> outcome => probability, likeliest first */
    private function outcomes(): array
    {
        $sums = [];
        foreach ($this->chances as $id => $chance) {
            $outcome = $this->cause($id)->outcome->value;
            $sums[$outcome] = ($sums[$outcome] ?? 0.0) + $chance;
        }
        arsort($sums);

        return $sums;
    }

    /**
     * The evidence that bears on a cause.
     *
     * @return array{for: list<string>, against: list<string>} names of signs and tests
     */
    public function reasons(Cause $cause): array
    {
        $reasons = ['for' => [], 'against' => []];
        foreach (array_filter($this->evidence->known, $this->situation->heeds(...), ARRAY_FILTER_USE_KEY) as $name => $positive) {
            $strength = $cause->strength($name);
            $speaksFor = in_array($strength, [Strength::Strong, Strength::Some], true);
            if ($speaksFor === $positive && $strength !== Strength::None && ($positive || $strength !== Strength::Against)) {
                $reasons['for'][] = $name;
            } elseif ($strength === Strength::Against && $positive || $strength === Strength::Strong && ! $positive) {
                $reasons['against'][] = $name;
            }
        }

        return $reasons;
    }

    /** What a technician should know about the evidence itself, or nothing. */
    public function remark(): ?Said
    {
        if ($this->evidence->known === []) {
            return TriageSentences::nothingEntered();
        }
        $best = $this->likeliest();
        $unexplained = array_filter(
            array_keys(array_filter($this->evidence->known)),
            static fn (string $name): bool => in_array($best->strength($name), [Strength::None, Strength::Against], true),
        );
        $against = $this->reasons($best)['against'];

        return match (true) {
            $against !== [] => TriageSentences::evidenceContradicts(),
            count($unexplained) >= 2 => TriageSentences::perhapsTwoFaults(),
            default => null,
        };
    }

    /**
     * Tests not done yet, by the expected drop in doubt for each minute, best first.
     *
     * @return list<NextTest>
     */
    public function nextTests(): array
    {
        $next = [];
        foreach (Tests::all() as $id => $test) {
            if (! isset($this->evidence->known[$id]) && $test->suits($this->situation)) {
                $next[] = $this->expect($test);
            }
        }
        usort($next, static fn (NextTest $a, NextTest $b): int => $b->perMinute() <=> $a->perMinute());

        return $next;
    }

    private function expect(OutsideTest $test): NextTest
    {
        $positive = 0.0;
        foreach ($this->chances as $id => $chance) {
            $positive += $chance * Evidence::likelihood($this->cause($id), $test->id, true);
        }
        [$yes, $no] = [$this->after($test, true), $this->after($test, false)];

        return new NextTest($test, $positive, $this->doubt() - $positive * $yes->doubt() - (1 - $positive) * $no->doubt(), $yes, $no);
    }

    /** The same with one test more that suits: what is thought now is the prior of what is thought then. */
    private function after(OutsideTest $test, bool $positive): self
    {
        $weights = [];
        foreach ($this->chances as $id => $chance) {
            $weights[$id] = $chance * Evidence::likelihood($this->cause($id), $test->id, $positive);
        }
        $sum = array_sum($weights);
        $chances = array_map(static fn (float $w): float => $w / $sum, $weights);
        arsort($chances);

        return new self($chances, $this->situation, $this->evidence->with($test->id, $positive), $this->table);
    }
}
