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

    /** Bits a question must be expected to take away. From memory [M]. */
    private const WORTH_ASKING = 0.05;

    /** An outcome this likely is acted on. From memory [M]. */
    private const SURE_TO_ACT = 0.85;

    /** @param  array<string, float>  $chances  cause => probability, likeliest first; they add up to one */
    private function __construct(
        public array $chances,
        private Situation $situation,
        private Evidence $evidence,
        private EvidenceTable $table,
        private OwnCases $own,
    ) {
    }

    public static function of(Situation $situation, Evidence $evidence, ?EvidenceTable $table = null, ?OwnCases $own = null): self
    {
        $table ??= EvidenceTable::builtIn();
        $own ??= OwnCases::none();
        $logs = [];
        $heeded = array_filter($evidence->known, $situation->heeds(...), ARRAY_FILTER_USE_KEY);
        $possible = array_filter($table->causes, $situation->allows(...));
        foreach ($own->shares(array_map($situation->weight(...), $possible), $situation->class) as $id => $share) {
            $logs[$id] = log($share);
            foreach ($heeded as $name => $positive) {
                $logs[$id] += log($own->likelihood($possible[$id], $name, $positive));
            }
        }
        // Some causes are for every vehicle, so there is always one.
        $top = $logs === [] ? 0.0 : max($logs);
        $weights = array_map(static fn (float $l): float => exp($l - $top), $logs);
        $sum = array_sum($weights);
        $chances = array_map(static fn (float $w): float => $w / $sum, $weights);
        arsort($chances);

        return new self($chances, $situation, $evidence, $table, $own);
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

    /**
     * Whether what is to be done is sure enough to do it, even if the cause is not: one outcome has nearly all of it, and something that
     * was seen or tried speaks for it, not only what is common or what happened before.
     */
    public function isOutcomeSure(): bool
    {
        return $this->chanceOfOutcome() >= self::SURE_TO_ACT && $this->hasSymptom($this->outcome());
    }

    /** Whether a sign or a test speaks for a cause of this outcome; a circumstance alone is none. */
    private function hasSymptom(Outcome $outcome): bool
    {
        foreach (array_keys(array_filter($this->evidence->known)) as $name) {
            if (Signs::isCircumstance($name)) {
                continue;
            }
            foreach ($this->worthShowing() as $id => $chance) {
                if ($this->cause($id)->outcome === $outcome
                    && in_array($this->cause($id)->strength($name), [Strength::Strong, Strength::Some], true)) {
                    return true;
                }
            }
        }

        return false;
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

    /** A piece of the evidence as it is said. */
    public function said(string $name): string
    {
        return $this->evidence->said($name);
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
        // That a sign is not there is no contradiction: three in ten vehicles with the cause do not show even a strong one.
        $against = array_diff($this->reasons($best)['against'], $this->evidence->absent());

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
        $doubt = $this->doubt();
        foreach (Tests::all() as $id => $test) {
            $expected = isset($this->evidence->known[$id]) || ! $test->suits($this->situation) ? null : $this->expect($test, $doubt);
            // One whose yes and no lead to the same is not worth its minutes.
            if ($expected !== null && $expected->changesWhatIsDone()) {
                $next[] = $expected;
            }
        }
        usort($next, static fn (NextTest $a, NextTest $b): int => $b->perMinute() <=> $a->perMinute());

        return $next;
    }

    /**
     * Signs nobody has asked for yet that would take away the most doubt, whatever the answer; asking costs nothing. None once what is to
     * be done is sure.
     *
     * @return list<string> the most telling first
     */
    public function worthAsking(int $most = 3): array
    {
        $drops = [];
        $doubt = $this->doubt();
        foreach ($this->isOutcomeSure() ? [] : array_keys(Signs::all()) as $sign) {
            if (! isset($this->evidence->known[$sign]) && ! Signs::isCircumstance($sign) && $this->situation->heeds($sign)) {
                $drop = $doubt - $this->doubtOnceAsked($sign);
                $drops += $drop >= self::WORTH_ASKING ? [$sign => $drop] : [];
            }
        }
        arsort($drops);

        return array_keys(array_slice($drops, 0, $most));
    }

    /** Bits of doubt left on average once a sign was asked for. */
    private function doubtOnceAsked(string $sign): float
    {
        $there = $absent = [];
        foreach ($this->chances as $id => $chance) {
            $there[] = $both = $chance * $this->own->likelihood($this->table->causes[$id], $sign, true);
            $absent[] = $chance - $both;
        }
        $left = 0.0;
        foreach ([$there, $absent] as $weights) {
            $sum = array_sum($weights);
            foreach ($weights as $weight) {
                $left -= $weight > 0.0 ? $weight * log($weight / $sum, 2) : 0.0;
            }
        }

        return $left;
    }

    private function expect(OutsideTest $test, float $doubt): NextTest
    {
        $with = $without = [];
        foreach ($this->chances as $id => $chance) {
            $with[$id] = $chance * $this->own->likelihood($this->table->causes[$id], $test->id, true);
            $without[$id] = $chance - $with[$id];
        }
        $positive = array_sum($with);
        [$yes, $no] = [$this->after($test, true, $with), $this->after($test, false, $without)];

        return new NextTest($test, $positive, $doubt - $positive * $yes->doubt() - (1 - $positive) * $no->doubt(), $yes, $no);
    }

    /**
     * The same with one test more that suits: what is thought now is the prior of what is thought then.
     *
     * @param  array<string, float>  $weights  by cause
     */
    private function after(OutsideTest $test, bool $positive, array $weights): self
    {
        $sum = array_sum($weights);
        $chances = array_map(static fn (float $w): float => $w / $sum, $weights);
        arsort($chances);

        return new self($chances, $this->situation, $this->evidence->with($test->id, $positive), $this->table, $this->own);
    }
}
