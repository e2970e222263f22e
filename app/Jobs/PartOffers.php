<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\OrderStep;
use Spindle\Kit\Ranking\BoxAndRest;
use Spindle\Kit\Ranking\RankingRules;
use Spindle\Sheet\JobSheet;

/** What the counter asks for the parts of one job: it counts before the shop's usual prices. */
final class PartOffers
{
    /** @return array<string, float> for as many pieces as were asked for, by part */
    public static function of(int $job): array
    {
        $offers = [];
        foreach (OrderStep::lastOf($job) as $part => $step) {
            if ($step->price !== null && isset(BoxAndRest::USUAL[$part])) {
                $offers[$part] = $step->total() ?? $step->price;
            }
        }

        return $offers;
    }

    /** @param  array<string, float>  $offers */
    public static function onto(JobSheet $sheet, array $offers): JobSheet
    {
        if ($offers === []) {
            return $sheet;
        }
        $ranking = $sheet->sectionAsGiven(RankingRules::NAME);
        $rules = $ranking instanceof \stdClass ? clone $ranking : new \stdClass;
        $parts = $rules->parts ?? null;
        $rules->parts = (object) [...($parts instanceof \stdClass ? (array) $parts : []), ...$offers];

        return $sheet->saying(RankingRules::NAME, $rules);
    }
}
