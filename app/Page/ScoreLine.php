<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Kit\Ranking\RankingRules;
use Spindle\Kit\Ranking\Score;
use Spindle\Kit\Ranking\ScorePart;

/** One part of a kit's score: how many points it has there, and how much they weigh. */
final readonly class ScoreLine
{
    /** @param  float|null  $points nothing where it is not known */
    private function __construct(public string $label, public ?float $points, public float $weight)
    {
    }

    /** @return list<self> */
    public static function all(Score $score, RankingRules $rules): array
    {
        return array_map(
            static fn (ScorePart $p): self => new self($p->label(), $score->parts[$p->value] ?? null, $rules->weight($p)),
            ScorePart::cases(),
        );
    }
}
