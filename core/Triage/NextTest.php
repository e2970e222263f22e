<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** What a test would tell, before it is done. */
final readonly class NextTest
{
    /**
     * @param  float  $chanceOfPositive  from 0 to 1
     * @param  float  $dropInDoubt  expected, in bits
     * @param  Diagnosis  $ifPositive  what would be thought then
     */
    public function __construct(
        public OutsideTest $test,
        public float $chanceOfPositive,
        public float $dropInDoubt,
        public Diagnosis $ifPositive,
        public Diagnosis $ifNegative,
    ) {
    }

    /**
     * The causes this test is about: those whose chance one result or the other moves most, in the order they stand now.
     *
     * @return list<string>
     */
    public function moves(Diagnosis $now, int $most = 4): array
    {
        $moved = [];
        foreach ($now->chances as $cause => $chance) {
            $moved[$cause] = max(abs($this->ifPositive->chanceOf($cause) - $chance), abs($this->ifNegative->chanceOf($cause) - $chance));
        }
        arsort($moved);
        $chosen = array_slice($moved, 0, $most, true);

        return array_map(strval(...), array_keys(array_intersect_key($now->chances, $chosen)));
    }

    /** Whether its yes and its no lead to different things: another outcome, another part, or sureness that one has and one has not. */
    public function changesWhatIsDone(): bool
    {
        return self::leadsTo($this->ifPositive) !== self::leadsTo($this->ifNegative);
    }

    private static function leadsTo(Diagnosis $then): string
    {
        $outcome = $then->outcome();
        // Of parts that are reached from outside it matters which; a clutch that comes apart shows it.
        $part = $outcome === Outcome::Strip ? '' : $then->likeliest()->id;

        return $outcome->value.($then->isOutcomeSure() ? '!' : '?').$part;
    }

    public function perMinute(): float
    {
        return $this->dropInDoubt / $this->test->minutes;
    }
}
