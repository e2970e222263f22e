<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Capacity\KitClutch;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        if (! KitClutch::isGiven($sheet->values)) {
            return;
        }
        $said = array_filter([...$this->lining($sheet, $display), ...$this->before($sheet, $display)],
            static fn (string $sentence): bool => $sentence !== '');
        if ($said !== []) {
            $results->finding(Finding::of('kit.sizes', Verdict::Near, implode(' ', $said).' Look it up again, or measure it on the parts.')
                ->from('kit.thickness_new', 'kit.usable_per_side', 'kit.cover_outer', 'kit.release_load'));
        }
    }

    /** @return list<string> sentences; empty where nothing is odd */
    private function lining(JobSheet $sheet, Display $display): array
    {
        $of = static fn (string $key): ?Length => $sheet->values->one(Length::class, $key);
        [$new, $side, $cover, $outer] = [$of('kit.thickness_new'), $of('kit.usable_per_side'), $of('kit.cover_outer'),
            $of('kit.lining_outer')];

        return [
            $new !== null && $side !== null && 2 * $side->value > self::MOST_USABLE * $new->value ? 'A groove depth of '
                .$display->quantity($side, 0.1).' a side is more than a disc of '.$display->quantity($new, 0.1).' has.' : '',
            $side !== null && $side->value < self::LEAST_USABLE ? 'A groove depth of '.$display->quantity($side, 0.01)
                .' a side is that of a worn disc.' : '',
            $cover !== null && $outer !== null && $cover->value < $outer->value ? 'The cover is said to be smaller than its own disc.' : '',
        ];
    }

    /** @return list<string> against the clutch that comes out */
    private function before(JobSheet $sheet, Display $display): array
    {
        [$new, $old] = [$sheet->values->one(Length::class, 'kit.thickness_new'), $sheet->values->one(Length::class, 'disc.thickness_new')];
        [$load, $was] = [$sheet->values->one(Force::class, 'kit.release_load'), $sheet->values->one(Force::class, 'match.release_load')];
        $share = $load === null || $was === null || $was->value <= 0.0 ? null : $load->ratioTo($was)->value;

        return [
            $new !== null && $old !== null && $old->value > 0.0 && abs($new->ratioTo($old)->value - 1.0) > self::THICKNESS
                ? 'The new disc is said to be '.$display->quantity($new, 0.1).' thick, the one before was '.$display->quantity($old, 0.1)
                    .' when new.' : '',
            $share !== null && ($share < self::LOADS[0] || $share > self::LOADS[1]) ? 'Its release load is '.$display->number($share, 1)
                .' times that of the old cover.' : '',
        ];
    }
}
