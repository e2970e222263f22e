<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Verdict;

/** Something seen on a part that no number tells. Common practice, no source. */
final readonly class Condition
{
    /** The word that records that somebody looked and found nothing. */
    public const NONE = 'none';

    /**
     * @param  string  $label  how it is said
     * @param  Verdict  $verdict  what it comes to
     * @param  string  $consequence  what to do
     * @param  bool  $isGround  the face is ground, where it can be
     */
    public function __construct(
        public string $word,
        public string $label,
        public Verdict $verdict,
        public string $consequence,
        public bool $isGround = false,
    ) {
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
}
