<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Outcome;
use Spindle\Triage\Tests;

/** How somebody found out, or did not: what was asked and tested, what it took, what it came to. */
final readonly class Played
{
    /** Nobody goes on for ever. */
    private const MOST_MOVES = 80;

    /** @param  list<Move>  $moves */
    private function __construct(
        public Hidden $hidden,
        public array $moves,
        public Evidence $evidence,
        public int $minutes,
        public Outcome $outcome,
    ) {
    }

    public static function of(Hidden $hidden, Learner $learner): self
    {
        $evidence = new Evidence($hidden->complaint());
        [$moves, $minutes, $outcome] = [[], 0, null];
        while ($outcome === null && count($moves) < self::MOST_MOVES) {
            $move = $learner->next($hidden->situation, $evidence, $hidden->seed);
            $moves[] = $move;
            $outcome = $move->outcome;
            $minutes += $move->test === '' ? 0 : Tests::all()[$move->test]->minutes;
            $evidence = self::after($move, $evidence, $hidden);
        }

        return new self(
            $hidden, $moves, $evidence, $minutes, $outcome ?? Diagnosis::of($hidden->situation, $evidence)->outcome(),
        );
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

    /** @return list<string> tests done, in their order */
    public function tests(): array
    {
        return array_values(array_filter(
            array_map(static fn (Move $m): string => $m->test, $this->moves), static fn (string $test): bool => $test !== '',
        ));
    }

    private static function after(Move $move, Evidence $evidence, Hidden $hidden): Evidence
    {
        $isThere = $move->sign !== '' && $hidden->shows($move->sign);

        return match (true) {
            $move->test !== '' => $evidence->with($move->test, $hidden->test($move->test)),
            $move->sign === '' => $evidence,
            default => new Evidence(
                $isThere ? [...$evidence->signs(), $move->sign] : $evidence->signs(), $evidence->tests(),
                $isThere ? $evidence->absent() : [...$evidence->absent(), $move->sign],
            ),
        };
    }
}
