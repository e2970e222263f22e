<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\Actuation;

/** The gap of a bearing on the gearbox nose, the shims that correct it, and the lining wear it allows. */
final readonly class ClearanceJudgement implements Judgement
{
    private const SHIMS = 'release.shims_fitted';

    private const DEPTHS = ['release.depth_to_fingers', 'release.bearing_height'];

    /** The piston of a concentric slave moves no further, mm. From memory [M]. */
    private const MOST_IN_HAND = 25.0;

    public function topic(): Topic
    {
        return new Topic('release.bearing', 'The bearing clearance');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $gap = self::measured($sheet);
        if ($gap === null) {
            if ($this->readDirectly($sheet, $results)) {
                return;
            }
            $asked = $sheet->actuation() === Actuation::Concentric && ! LightContact::of($sheet);
            if ($asked || $values->hasAny(...self::DEPTHS)) {
                $missing = $values->missing(...self::DEPTHS);
                $results->finding(
                    Finding::unmeasured(
                        'release.clearance',
                        ClearanceSentences::clearanceUnknown(),
                        ...$missing,
                    ),
                );
            }

            return;
        }
        $pack = self::pack($gap, $sheet);
        $shimmed = $gap->clearance()->minus($pack->thickness());
        $known = Estimate::of($sheet, static fn (JobSheet $s): ?Length => self::measured($s)?->clearance(), ...self::DEPTHS);
        if ($known === null) {
            return;
        }
        $results->estimate('release.clearance', Estimate::of(
            $sheet, static fn (JobSheet $s): ?Length => self::measured($s)?->bare(), ...self::DEPTHS,
        ) ?? $known);
        $results->figure('release.clearance_spread', $gap->spread());
        $results->figure('release.shim', $pack->thickness());
        $results->figure('release.clearance_shimmed', $shimmed);
        if ($this->spreadIsTooWide($gap, $sheet, $results)) {
            return;
        }
        LightContact::of($sheet)
            ? $this->inContact($known, $sheet, $results)
            : $this->judge($known, $gap, $shimmed, $sheet, $results);
    }

    /**
     * The measured clearance with the pack chosen for it, for the chain of release; nothing where it was not measured.
     *
     * @param  Length|null  $shims  a pack that is chosen already
     */
    public static function shimmed(JobSheet $sheet, ?Length $shims = null): ?Length
    {
        $gap = self::measured($sheet);

        return $gap === null ? null : $gap->clearance()->minus($shims ?? self::pack($gap, $sheet)->thickness());
    }

    /** What was measured, less the shims that went in since; nothing where A or B was not read. */
    public static function asItIs(JobSheet $sheet): ?Length
    {
        return self::measured($sheet)?->clearance();
    }

    /** The pack chosen for what was measured. */
    public static function shims(JobSheet $sheet): ?Length
    {
        $gap = self::measured($sheet);

        return $gap === null ? null : self::pack($gap, $sheet)->thickness();
    }

    private static function measured(JobSheet $sheet): ?BearingClearance
    {
        $a = $sheet->values->all(Length::class, 'release.depth_to_fingers');
        $b = $sheet->values->all(Length::class, 'release.bearing_height');

        return $a === [] || $b === [] ? null : BearingClearance::ofDepths($a, $b)->with(...self::fitted($sheet));
    }

    /** @return list<Length> shims that went in since A and B were read; read again with them in, they are in what was read */
    private static function fitted(JobSheet $sheet): array
    {
        $isReadAgain = $sheet->isAsLeft() && $sheet->leftValues()->hasAny(...self::DEPTHS);

        return $isReadAgain ? [] : $sheet->values->all(Length::class, self::SHIMS);
    }

    /** A clearance read as such, by feeler or gauge; whether there is one that is judged. */
    private function readDirectly(JobSheet $sheet, Results $results): bool
    {
        $key = 'release.clearance';
        $read = Estimate::of($sheet, static fn (JobSheet $s): ?Length => self::direct($s), $key);
        if ($read === null || $sheet->actuation() !== Actuation::Concentric || LightContact::of($sheet)) {
            return $read !== null;
        }
        $band = self::band($sheet);
        $said = ClearanceSentences::clearanceRead(
            new AsRead($read->value, $sheet->values->resolution($key)), self::target($sheet), $read->against($band), $read->doubt($band),
        );
        $results->finding(Finding::of($key, $read->against($band), $said)->against($band)->from($key, self::SHIMS));

        return true;
    }

    /** As read, less the shims that went in since. */
    public static function direct(JobSheet $sheet): ?Length
    {
        $read = $sheet->values->one(Length::class, 'release.clearance');
        $isReadAgain = $sheet->isAsLeft() && $sheet->leftValues()->has('release.clearance');

        return $read === null || $isReadAgain ? $read
            : Length::mm($read->value - array_sum(array_map(
                static fn (Length $s): float => $s->value, $sheet->values->all(Length::class, self::SHIMS),
            )));
    }

    private static function target(JobSheet $sheet): Length
    {
        return $sheet->values->one(Length::class, 'release.clearance_target') ?? Length::mm(BearingClearance::TARGET);
    }

    private static function pack(BearingClearance $gap, JobSheet $sheet): ShimPack
    {
        $band = self::band($sheet);
        $inBand =
            ($band->min === null || $gap->clearance()->value >= $band->min->value - 1e-9) &&
            ($band->max === null || $gap->clearance()->value <= $band->max->value + 1e-9);
        if ($inBand || LightContact::of($sheet)) {
            return ShimPack::none();
        }
        $pack = self::wanted($gap, $sheet);

        return $pack->isBelievable() ? $pack : ShimPack::none();
    }

    /** What the arithmetic alone would put under the bearing. */
    private static function wanted(BearingClearance $gap, JobSheet $sheet): ShimPack
    {
        $stock = $sheet->values->all(Length::class, 'release.shim_stock');

        return ShimPack::choose($gap->clearance(), self::target($sheet), $stock === [] ? ShimPack::usualStock() : $stock);
    }

    /**
     * A bearing made to touch the fingers: A − B is what its piston still has in hand.
     *
     * @param  Estimate<Length>  $inHand
     */
    private function inContact(Estimate $inHand, JobSheet $sheet, Results $results): void
    {
        $step = $sheet->values->resolution(...self::DEPTHS);
        if ($inHand->value->value > self::MOST_IN_HAND) {
            $results->finding(Finding::of('release.in_hand', Verdict::Near, ClearanceSentences::tooMuchInHand($inHand->value))
                ->from(...self::DEPTHS));
        }
        $verdict = $inHand->against(Limit::atLeast('release.clearance', Length::mm(0.0), LimitSource::Practice));
        $results->finding(
            Finding::of(
                'release.clearance',
                $verdict,
                $verdict === Verdict::Within ? ClearanceSentences::inContact(new AsRead($inHand->value, $step))
                    : ClearanceSentences::pistonAtItsEnd(),
            )
                ->from('release.light_contact', ...self::DEPTHS)
                ->by(
                    'travel in hand = {mean A|mean release.depth_to_fingers} − {mean B|mean release.bearing_height}, piston fully home',
                    'release.clearance',
                ),
        );
    }

    private function spreadIsTooWide(BearingClearance $gap, JobSheet $sheet, Results $results): bool
    {
        $limit = $sheet->limitBook()->get('release.clearance_spread');
        if ($limit->judge($gap->spread()) !== Verdict::Out) {
            return false;
        }
        $results->finding(
            Finding::unmeasured(
                'release.clearance',
                ClearanceSentences::depthsDiffer($gap->spread()),
                'release.depth_to_fingers',
            )->against($limit),
        );

        return true;
    }

    /** @param  Estimate<Length>  $known */
    private function judge(Estimate $known, BearingClearance $gap, Length $shimmed, JobSheet $sheet, Results $results): void
    {
        $pack = self::pack($gap, $sheet);
        $limit = self::band($sheet);
        $step = $sheet->values->resolution(...self::DEPTHS);
        [$clearance, $target] = [new AsRead($gap->clearance(), $step), self::target($sheet)];
        $finding = static fn (Finding $f): Finding => $f
            ->against($limit)
            ->from('release.clearance_target', 'release.shim_stock', self::SHIMS, ...self::DEPTHS)
            ->by(
                '{mean A|mean release.depth_to_fingers} − {mean B|mean release.bearing_height}, less the shims: {shims|release.shim}',
                'release.clearance_shimmed',
            );
        if ($pack->shims !== []) {
            // Planned is not measured.
            $results->finding(
                $finding(
                    Finding::unmeasured(
                        'release.clearance',
                        ClearanceSentences::shimsWouldDo($clearance, $target, $pack->shims, $shimmed),
                        ...[...self::DEPTHS, self::SHIMS],
                    ),
                ),
            );

            return;
        }
        $verdict = $known->against($limit);
        $wanted = self::wanted($gap, $sheet);
        $isTooSmall = $limit->min !== null && $gap->clearance()->value < $limit->min->value;
        $fitted = self::fitted($sheet);
        $wasEnough = $limit->min !== null && $gap->bare()->value >= $limit->min->value;
        $results->finding(
            $finding(
                Finding::of(
                    'release.clearance',
                    $verdict,
                    match (true) {
                        $verdict !== Verdict::Out && $fitted !== [] => ClearanceSentences::shimmed(
                            $clearance, $target, $fitted, $known->doubt($limit),
                        ),
                        $verdict !== Verdict::Out => ClearanceSentences::noShim($clearance, $target, $known->doubt($limit)),
                        $isTooSmall && $fitted !== [] && $wasEnough => ClearanceSentences::tooMuchPutIn($clearance, $target, $fitted),
                        $isTooSmall => ClearanceSentences::clearanceTooSmall($clearance, $target),
                        ! $wanted->isBelievable() => ClearanceSentences::tooManyShims(
                            $clearance, $target, count($wanted->shims), $wanted->thickness(),
                        ),
                        default => ClearanceSentences::noPackDoes($clearance, $target),
                    },
                ),
            ),
        );
    }

    /** The accepted band; with a maker's target his own band, or a third of the target each way. Common practice, no source. */
    private static function band(JobSheet $sheet): Limit
    {
        $limit = $sheet->limitBook()->get('release.clearance');
        $target = $sheet->values->one(Length::class, 'release.clearance_target');
        if ($target === null || $limit->min === null || $limit->max === null) {
            return $limit;
        }
        $third = $target->over(3);

        return $limit->source === LimitSource::Maker ? $limit
            : Limit::between($limit->name, $target->minus($third), $target->plus($third), $limit->source, $limit->mark)
                ->noted('the target entered, a third of it each way');
    }
}
