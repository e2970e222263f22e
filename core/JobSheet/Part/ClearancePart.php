<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Release\BearingClearance;
use Spindle\Release\ShimPack;
use Spindle\Vehicle\Actuation;

/** The gap of a bearing on the gearbox nose, the shims that correct it, and the lining wear it allows. */
final readonly class ClearancePart implements Part
{
    private const DEPTHS = ['release.depth_to_fingers', 'release.bearing_height'];

    public function subject(): Subject
    {
        return new Subject('release.bearing', 'The bearing clearance');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        $gap = self::measured($sheet);
        if ($gap === null) {
            $asked = $sheet->actuation() === Actuation::Concentric && ! $values->flag('release.light_contact') && ! $values->has('release.clearance');
            if ($asked || $values->hasAny(...self::DEPTHS)) {
                $missing = $values->missing(...self::DEPTHS);
                $results->finding(Finding::unmeasured('release.clearance', 'Bearing clearance not known: measure A, housing to finger tips at three places, and B, gearbox face to bearing face.', ...$missing));
            }
            $this->budget($values->one(Length::class, 'release.clearance'), $sheet, $results, $display);

            return;
        }
        $pack = self::pack($gap, $sheet);
        $shimmed = $gap->clearance()->minus($pack->thickness());
        $results->figure('release.clearance', $gap->clearance());
        $results->figure('release.clearance_spread', $gap->spread());
        $results->figure('release.shim', $pack->thickness());
        $results->figure('release.clearance_shimmed', $shimmed);
        if ($this->spreadIsTooWide($gap, $sheet, $results, $display)) {
            return;
        }
        $this->judge($gap, $pack, $shimmed, $sheet, $results, $display);
        $this->budget($shimmed, $sheet, $results, $display);
    }

    /** The measured clearance with the pack chosen for it, for the chain of release; nothing where it was not measured. */
    public static function shimmed(JobSheet $sheet): ?Length
    {
        $gap = self::measured($sheet);

        return $gap === null ? null : $gap->clearance()->minus(self::pack($gap, $sheet)->thickness());
    }

    private static function measured(JobSheet $sheet): ?BearingClearance
    {
        $a = $sheet->values->all(Length::class, 'release.depth_to_fingers');
        $b = $sheet->values->all(Length::class, 'release.bearing_height');

        return $a === [] || $b === [] ? null : BearingClearance::ofDepths($a, $b);
    }

    private static function target(JobSheet $sheet): Length
    {
        return $sheet->values->one(Length::class, 'release.clearance_target') ?? Length::mm(BearingClearance::TARGET);
    }

    private static function pack(BearingClearance $gap, JobSheet $sheet): ShimPack
    {
        $stock = $sheet->values->all(Length::class, 'release.shim_stock');

        return ShimPack::choose($gap->clearance(), self::target($sheet), $stock === [] ? ShimPack::usualStock() : $stock);
    }

    private function spreadIsTooWide(BearingClearance $gap, JobSheet $sheet, Results $results, Display $display): bool
    {
        $limit = $sheet->limitBook()->get('release.clearance_spread');
        if ($limit->judge($gap->spread()) !== Verdict::Out) {
            return false;
        }
        $results->finding(Finding::unmeasured('release.clearance',
            'The depths differ by '.$display->both($gap->spread(), 0.01).': not one number. Measure A again at the same three places.', 'release.depth_to_fingers')->against($limit));

        return true;
    }

    private function judge(BearingClearance $gap, ShimPack $pack, Length $shimmed, JobSheet $sheet, Results $results, Display $display): void
    {
        $limit = $this->band($sheet);
        $step = $sheet->values->resolution(...self::DEPTHS);
        // A difference of two readings: the uncertainties add as squares.
        $doubt = Length::mm(hypot($sheet->uncertainty('release.depth_to_fingers')->value, $sheet->uncertainty('release.bearing_height')->value));
        $verdict = $limit->judge($shimmed, $doubt);
        $said = 'Clearance '.$display->both($gap->clearance(), $step).', wanted '.$display->quantity(self::target($sheet), 0.01);
        $shims = implode(' + ', array_map(static fn (Length $s): string => $display->quantity($s, 0.01), $pack->shims));
        $tooSmall = $limit->min !== null && $gap->clearance()->value < $limit->min->value;
        $results->finding(Finding::of('release.clearance', $verdict, $said.match (true) {
            $tooSmall => '; too small, and no shim cures that: a thinner base or another bearing.',
            $pack->shims === [] => $verdict === Verdict::Out ? '; outside, and no pack of the stock brings it in.' : '; no shim.',
            default => "; shims {$shims} bring it to ".$display->quantity($shimmed, $step).'. Measure again with them in.',
        })->against($limit)->from('release.clearance_target', 'release.shim_stock', ...self::DEPTHS)->by('mean A − mean B, less the shims'));
    }

    /** The accepted band, moved with the maker's target where one is given. */
    private function band(JobSheet $sheet): Limit
    {
        $limit = $sheet->limitBook()->get('release.clearance');
        $target = $sheet->values->one(Length::class, 'release.clearance_target');
        if ($target === null || $limit->min === null || $limit->max === null) {
            return $limit;
        }
        $half = $limit->max->minus($limit->min)->over(2);

        return Limit::between($limit->name, $target->minus($half), $target->plus($half), $limit->source, $limit->mark)
            ->noted('the target entered, with the band of common practice around it');
    }

    private function budget(?Length $clearance, JobSheet $sheet, Results $results, Display $display): void
    {
        if ($clearance === null || $sheet->values->flag('release.light_contact')) {
            return;
        }
        $ratio = $sheet->values->one(Ratio::class, 'release.finger_ratio');
        if ($ratio === null) {
            $results->finding(Finding::unmeasured('release.wear_budget', 'How much wear the clearance allows needs the finger ratio: move the fingers a known amount and measure the plate.', 'release.finger_ratio'));

            return;
        }
        $budget = BearingClearance::wearBudget($clearance, $ratio);
        $results->figure('release.wear_budget', $budget);
        $usable = self::usableOfNewDisc($sheet);
        if ($usable === null) {
            $results->finding(Finding::unmeasured('release.wear_budget', 'The clearance allows '.$display->both($budget, 0.01).' of lining wear; the usable lining is not known.', 'disc.usable_per_side'));

            return;
        }
        $replaceAt = $sheet->limitBook()->get('wear.percent')->max->value ?? 1.0;
        $share = $budget->value / $usable->value;
        $verdict = $share >= 1.0 ? Verdict::Within : ($share >= $replaceAt ? Verdict::Near : Verdict::Out);
        $results->finding(Finding::of('release.wear_budget', $verdict,
            'The clearance allows '.$display->both($budget, 0.01).' of lining wear; the lining has '.$display->quantity($usable, 0.01)
            .($verdict === Verdict::Within ? '.' : ': the bearing will push on the fingers before the lining is used up, and the clutch will slip early.'))
            ->from('release.finger_ratio', 'disc.usable_per_side')->by('clearance ÷ finger ratio, against the usable lining; near from the share of wear at which a disc is replaced'));
    }

    /** What the clutch that goes in can wear: by the kit where it says, else like the disc that came out. */
    private static function usableOfNewDisc(JobSheet $sheet): ?Length
    {
        return $sheet->values->one(Length::class, 'kit.usable_per_side')?->times(2) ?? WearPart::usable($sheet->values);
    }
}
