<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Situation;

/** Follows what triage proposes: what costs nothing is asked first, then the most telling test for its minutes, until it is sure enough. */
final readonly class ByProposal implements Learner
{
    public function next(Situation $situation, Evidence $evidence, Seed $seed): Move
    {
        $now = Diagnosis::of($situation, $evidence);
        if ($now->isOutcomeSure()) {
            return Move::decide($now->outcome());
        }
        $ask = $now->worthAsking(1)[0] ?? null;
        $next = $ask === null ? $now->nextTests()[0] ?? null : null;

        return match (true) {
            $ask !== null => Move::ask($ask),
            $next !== null => Move::test($next->test->id),
            default => Move::decide($now->outcome()),
        };
    }
}
