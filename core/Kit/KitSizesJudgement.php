<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Capacity\KitClutch;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Whether the figures of the chosen kit can be those of one clutch, and of one for this vehicle. A digit slips in lists too. */
final readonly class KitSizesJudgement implements Judgement
{
    /** Of a disc's thickness no more than this is lining that can be used, both sides together. From memory [M]. */
    private const MOST_USABLE = 0.5;

    /** A new lining has at least so much above its rivets or grooves, mm. From memory [M]. */
    private const LEAST_USABLE = 0.5;

    /** A new disc is as thick as the new one before, but for this share. From memory [M]. */
    private const THICKNESS = 0.25;

    /** A release load beyond these shares of the old cover's is another clutch, or a digit. From memory [M]. */
    private const LOADS = [0.5, 2.0];

    public function topic(): Topic
    {
        return new Topic('kit.sizes', 'The figures of the kit among themselves');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if (! KitClutch::isGiven($sheet->values)) {
            return;
        }
        $odd = array_values(array_filter([...$this->lining($sheet), ...$this->before($sheet)]));
        if ($odd !== []) {
            $results->finding(Finding::of('kit.sizes', Verdict::Near, KitSentences::oddSizes($odd))
                ->from('kit.thickness_new', 'kit.usable_per_side', 'kit.cover_outer', 'kit.release_load'));
        }
    }

    /** @return list<Said|null> */
    private function lining(JobSheet $sheet): array
    {
        $of = static fn (string $key): ?Length => $sheet->values->one(Length::class, $key);
        [$new, $side, $cover, $outer] = [$of('kit.thickness_new'), $of('kit.usable_per_side'), $of('kit.cover_outer'),
            $of('kit.lining_outer')];

        return [
            $new !== null && $side !== null && 2 * $side->value > self::MOST_USABLE * $new->value
                ? KitSentences::grooveDeeperThanDisc($side, $new) : null,
            $side !== null && $side->value < self::LEAST_USABLE ? KitSentences::grooveOfWornDisc($side) : null,
            $cover !== null && $outer !== null && $cover->value < $outer->value ? KitSentences::coverSmallerThanDisc() : null,
        ];
    }

    /** @return list<Said|null> against the clutch that comes out */
    private function before(JobSheet $sheet): array
    {
        [$new, $old] = [$sheet->values->one(Length::class, 'kit.thickness_new'), $sheet->values->one(Length::class, 'disc.thickness_new')];
        [$load, $was] = [$sheet->values->one(Force::class, 'kit.release_load'), $sheet->values->one(Force::class, 'match.release_load')];
        $share = $load === null || $was === null || $was->value <= 0.0 ? null : $load->ratioTo($was);

        return [
            $new !== null && $old !== null && $old->value > 0.0 && abs($new->ratioTo($old)->value - 1.0) > self::THICKNESS
                ? KitSentences::otherThickness($new, $old) : null,
            $share !== null && ($share->value < self::LOADS[0] || $share->value > self::LOADS[1])
                ? KitSentences::otherReleaseLoad($share) : null,
        ];
    }
}
