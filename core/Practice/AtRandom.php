<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Evidence;
use Spindle\Triage\Outcome;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Situation;
use Spindle\Triage\Tests;

/** Tests this and that and guesses. */
final readonly class AtRandom implements Learner
{
    private const PATIENCE = 3;

    public function next(Situation $situation, Evidence $evidence, Seed $seed): Move
    {
        $done = count($evidence->tests());
        $open = array_filter(
            Tests::all(), static fn (OutsideTest $t): bool => ! isset($evidence->known[$t->id]) && $t->suits($situation),
        );
        if ($done >= self::PATIENCE || $open === []) {
            return Move::decide(Outcome::from($seed->oneOf('guess', array_fill_keys(array_column(Outcome::cases(), 'value'), 1.0))));
        }

        return Move::test($seed->oneOf("random {$done}", array_fill_keys(array_keys($open), 1.0)));
    }
}
