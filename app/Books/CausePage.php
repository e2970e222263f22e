<?php

declare(strict_types=1);

namespace App\Books;

use App\Limits\ShopKnowledge;
use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Signs;
use Spindle\Triage\Strength;
use Spindle\Triage\Tests;

/** One cause with everything that can speak for it. */
final readonly class CausePage
{
    private function __construct(public Cause $cause, public Cause $builtIn)
    {
    }

    /** Nothing for a cause that is none. */
    public static function of(string $cause): ?self
    {
        return isset(Causes::all()[$cause]) ? new self(ShopKnowledge::evidence()->causes[$cause], Causes::all()[$cause]) : null;
    }

    /** @return array<string, array<string, string>> signs and tests in words, by group and name */
    public function evidence(): array
    {
        $tests = array_map(static fn (OutsideTest $t): string => lcfirst($t->label).': '.$t->positive, Tests::all());

        return [...Signs::groups(), 'Tests' => $tests];
    }

    /** @return list<Strength> */
    public function strengths(): array
    {
        return Strength::cases();
    }
}
