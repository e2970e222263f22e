<?php

declare(strict_types=1);

namespace App\Books;

use App\Limits\OwnFaults;
use App\Limits\ShopKnowledge;
use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\Evidence;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\OwnCases;
use Spindle\Triage\Signs;
use Spindle\Triage\Strength;
use Spindle\Triage\Tests;

/** One cause with everything that can speak for it. */
final readonly class CausePage
{
    private function __construct(public Cause $cause, public Cause $builtIn, private OwnCases $own)
    {
    }

    /** "yours: 7 of 9; table: 70 %" of a sign or test; empty while no job of the shop's own says anything. */
    public function seen(string $evidence): string
    {
        [$yes, $all] = $this->own->seen($this->cause->id, $evidence);

        return $all === 0 ? '' : "yours: {$yes} of {$all}; table: ".round(100 * Evidence::likelihood($this->cause, $evidence, true)).' %';
    }

    /** Nothing for a cause that is none. */
    public static function of(string $cause): ?self
    {
        return isset(Causes::all()[$cause]) ? new self(
            ShopKnowledge::evidence()->causes[$cause], Causes::all()[$cause], OwnFaults::cases(),
        ) : null;
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
