<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Outcome;
use Spindle\Triage\Tests;

/** How somebody looks for the fault: what was asked and tested, what it took, what it comes to. */
final readonly class Played
{
    /** Nobody goes on for ever. */
    private const MOST_MOVES = 80;

    /**
     * @param  list<Move>  $moves
     * @param  Outcome|null  $outcome  what the job was said to come to; nothing while nobody said
     * @param  non-empty-list<array{int, float}>  $course  after each move the minutes so far, and how likely what it really comes to
     *     stood then
     */
    private function __construct(
        public Hidden $hidden,
        public array $moves,
        public Evidence $evidence,
        public int $minutes,
        public ?Outcome $outcome,
        public array $course,
    ) {
    }

    /** By somebody's way, to the end. */
    public static function of(Hidden $hidden, Learner $learner): self
    {
        $played = self::begun($hidden);
        while ($played->outcome === null && count($played->moves) < self::MOST_MOVES) {
            $played = $played->after($learner->next($hidden->situation, $played->evidence, $hidden->seed));
        }

        return $played->outcome !== null ? $played : $played->after(Move::decide($played->diagnosis()->outcome()));
    }

    /** @param  list<Move>  $moves  what was asked, tested and said; after it was said what it comes to nothing counts any more */
    public static function by(Hidden $hidden, array $moves): self
    {
        $played = self::begun($hidden);
        foreach ($moves as $move) {
            $played = $played->outcome === null ? $played->after($move) : $played;
        }

        return $played;
    }

    private static function begun(Hidden $hidden): self
    {
        $evidence = new Evidence($hidden->complaint());

        return new self($hidden, [], $evidence, 0, null, [[0, self::chance($hidden, $evidence)]]);
    }

    private function after(Move $move): self
    {
        $evidence = $this->known($move);
        $isNew = $move->test !== '' && ! isset($this->evidence->known[$move->test]);
        $minutes = $this->minutes + ($isNew ? Tests::all()[$move->test]->minutes : 0);

        return new self(
            $this->hidden, [...$this->moves, $move], $evidence, $minutes, $move->outcome,
            [...$this->course, [$minutes, self::chance($this->hidden, $evidence)]],
        );
    }

    public function diagnosis(): Diagnosis
    {
        return Diagnosis::of($this->hidden->situation, $this->evidence);
    }

    public function isRight(): bool
    {
        return $this->outcome === $this->hidden->outcome();
    }

    /** A gearbox that came off for nothing. */
    public function isOpenedForNothing(): bool
    {
        return $this->outcome === Outcome::Strip && $this->hidden->outcome() !== Outcome::Strip;
    }

    /** What it meant for the gearbox. */
    public function gearbox(): string
    {
        return PracticeSentences::gearbox($this->outcome, $this->isOpenedForNothing());
    }

    /** How often the causes were looked up instead of thought out. */
    public function lookedUp(): int
    {
        return count(array_filter($this->moves, static fn (Move $m): bool => $m->isLook));
    }

    /** @return list<string> tests done, in their order */
    public function tests(): array
    {
        return array_values(array_filter(
            array_map(static fn (Move $m): string => $m->test, $this->moves), static fn (string $test): bool => $test !== '',
        ));
    }

    private function known(Move $move): Evidence
    {
        $isThere = $move->sign !== '' && $this->hidden->shows($move->sign);

        return match (true) {
            $move->test !== '' => $this->evidence->with($move->test, $this->hidden->test($move->test)),
            $move->sign === '' => $this->evidence,
            default => new Evidence(
                $isThere ? [...$this->evidence->signs(), $move->sign] : $this->evidence->signs(), $this->evidence->tests(),
                $isThere ? $this->evidence->absent() : [...$this->evidence->absent(), $move->sign],
            ),
        };
    }

    private static function chance(Hidden $hidden, Evidence $evidence): float
    {
        return Diagnosis::of($hidden->situation, $evidence)->chanceThat($hidden->outcome());
    }
}
