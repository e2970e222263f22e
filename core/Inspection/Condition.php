<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Verdict;
use Spindle\Vehicle\FlywheelKind;

/** Something seen on a part that no number tells. Common practice, no source. */
final readonly class Condition
{
    /** The word that records that somebody looked and found nothing. */
    public const NONE = 'none';

    /**
     * @param  string  $label  how it is said
     * @param  Verdict  $verdict  what it comes to
     * @param  string  $consequence  what to do
     */
    public function __construct(public string $word, public string $label, public Verdict $verdict, public string $consequence)
    {
    }

    /**
     * Who found something did not find nothing.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    public static function sensible(array $words): array
    {
        return count($words) > 1 ? array_values(array_diff($words, [self::NONE])) : $words;
    }

    /** What follows on a flywheel of this kind: what is ground elsewhere ends a dual-mass one. */
    public function consequenceOn(?FlywheelKind $kind): string
    {
        $isGround = str_starts_with($this->consequence, 'grind');

        return $kind === FlywheelKind::DualMass && $isGround ? 'replace; a dual-mass flywheel is never machined' : $this->consequence;
    }
}
