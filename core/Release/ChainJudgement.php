<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Bounds;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** From the pedal to the pressure plate at full travel. Asked for once the travel or a bore has been entered. */
final readonly class ChainJudgement implements Judgement
{
    /** Bearing travel within this share of the cover's greatest is near. Maker's figure with a tenth in hand. */
    private const TRAVEL_RESERVE = 0.9;

    public function topic(): Topic
    {
        return new Topic('release.chain', 'The release chain');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        if (
            ! $values->hasAny(
                'release.pedal_travel',
                'release.master_bore',
                'release.linkage_ratio',
                'release.slave_bore',
                'release.slave_outer',
                'release.booster_stroke',
                'release.pedal_force_measured',
                MeasuredGap::READING,
                ...MeasuredGap::sides(),
            )
        ) {
            return;
        }
        $isMeasured = PedalForce::measured($sheet, $results);
        $measured = MeasuredGap::ofSheet($sheet);
        if ($measured === null && MeasuredGap::missing($sheet) !== []) {
            $results->finding(Finding::unmeasured(
                'release.air_gap', ReleaseSentences::gapHalfMeasured(), ...MeasuredGap::missing($sheet),
            ));

            return;
        }
        if ($measured !== null) {
            $results->estimate('release.air_gap_face_measured', $measured);
        }
        $chain = ChainOfSheet::chain($sheet);
        if (! $chain instanceof ReleaseChain) {
            if ($measured !== null) {
                $this->measuredGap($measured, null, $sheet, $results);

                return;
            }
            // Free play that nobody measured is asked for by itself; once is enough.
            if ($chain === [SettingSteps::of($sheet)->key()]) {
                return;
            }
            $results->missing($sheet, 'release.air_gap', ReleaseSentences::chainUnknown(), $chain);

            return;
        }
        $results->figure('release.lift', $chain->lift());
        $results->figure('release.air_gap', $chain->airGap());
        $known = ChainOfSheet::known($sheet);
        if ($known === []) {
            throw ReleaseError::chainLost();
        }
        foreach ($known as $name => $estimate) {
            $results->estimate($name, $estimate);
        }
        // Of two stages each disc has its air at a place of its own, which both together say.
        match (true) {
            $measured !== null => $this->measuredGap($measured, $known['release.air_gap_face'], $sheet, $results),
            $sheet->isTwoStage() => null,
            default => $this->airGap($chain, $known['release.air_gap_face'], $sheet, $results),
        };
        $this->takeUp($known['release.take_up_percent'] ?? null, $sheet, $results);
        $this->travel($chain, $known['release.bearing_travel'], $sheet, $results);
        if (! $isMeasured) {
            PedalForce::worked($chain, $sheet, $results);
        }
    }

    /**
     * What was measured is the proof, whatever the chain says; where the two differ by more than either can be doubted, the chain is
     * questioned.
     *
     * @param  Estimate<Length>  $measured
     * @param  Estimate<Length>|null  $worked  out from the chain
     */
    private function measuredGap(Estimate $measured, ?Estimate $worked, JobSheet $sheet, Results $results): void
    {
        $limit = $sheet->limitBook()->get('release.air_gap_face');
        $missing = MeasuredGap::missing($sheet);
        if ($missing !== []) {
            $results->finding(Finding::unmeasured('release.air_gap', ReleaseSentences::gapHalfMeasured(), ...$missing));

            return;
        }
        $gap = $measured->value;
        $most = MeasuredGap::greatest($sheet) ?? $gap;
        $verdict = Verdict::worst($measured->against($limit), $limit->judge($most));
        $results->finding(
            Finding::of(
                'release.air_gap',
                $verdict,
                ReleaseSentences::gapMeasured($gap, $limit, $verdict,
                    $limit->watchMax !== null && $most->value >= $limit->watchMax->value, $measured->doubt($limit)),
            )->against($limit)->from(MeasuredGap::READING, ...MeasuredGap::sides())
                ->by('both sides of a disc at one place, its least place, the worse disc; of a list the mean, of two discs its least',
                    'release.air_gap_face_measured'),
        );
        if ($worked === null) {
            return;
        }
        $worst = ChainOfSheet::withUsualLosses($sheet);
        $losses = $worst instanceof ReleaseChain ? max(0.0, $worked->value->value - $worst->airGapFace()->value) : 0.0;
        $off = $gap->value - $worked->value->value;
        $doubt = hypot($measured->uncertainty->value ?? 0.0, $worked->uncertainty->value ?? 0.0);
        $agrees = $off <= $doubt && $off >= -$doubt - $losses;
        $results->finding(
            Finding::of(
                'release.agreement',
                $agrees ? Verdict::Within : Verdict::Near,
                match (true) {
                    $agrees => ReleaseSentences::chainAgrees($worked->value),
                    $off < 0.0 => ReleaseSentences::gapLessThanChain($worked->value, Length::mm(-$off), self::atBearing(-$off, $sheet)),
                    default => ReleaseSentences::gapMoreThanChain($worked->value, Length::mm($off)),
                },
            )->from(MeasuredGap::READING, ...MeasuredGap::sides()),
        );
    }

    /** The bearing travel that an air gap of each face takes: 2 N · A · r_d. */
    private static function atBearing(float $face, JobSheet $sheet): Length
    {
        $chain = ChainOfSheet::chain($sheet);

        return $chain instanceof ReleaseChain
            ? $chain->bearingTravelFor(Length::mm($face))->minus($chain->bearingTravelFor(Length::mm(0.0))) : Length::mm(0.0);
    }

    /** @param  Estimate<Length>  $known */
    private function airGap(ReleaseChain $chain, Estimate $known, JobSheet $sheet, Results $results): void
    {
        $limit = $sheet->limitBook()->get('release.air_gap_face');
        $gap = $known->value;
        // Behind a booster the stroke is measured with its losses in it.
        $blank = $sheet->values->missing(...$sheet->isAirAssisted() ? [] : ['release.stroke_loss'], ...['release.cover_loss']);
        $worst = ChainOfSheet::withUsualLosses($sheet);
        $least = $worst instanceof ReleaseChain ? $worst->airGapFace() : $gap;
        $verdict = $known->against($limit);
        // Losses left blank are not none: where the usual ones would change the verdict, nothing is decided.
        $decides = $blank !== [] && $limit->judge($least) !== $verdict;
        $verdict = $decides && $verdict === Verdict::Within ? Verdict::Near : $verdict;
        $case = new AirGapCase(
            $gap, $limit, $verdict, $known->doubt($limit),
            $limit->watchMax !== null && $gap->value >= $limit->watchMax->value ? $chain->bearingTravel() : null,
            $sheet->dictionary->names($blank), $blank === [] ? null : $least, $decides,
        );
        $results->finding(
            Finding::of(
                'release.air_gap',
                $verdict,
                ReleaseSentences::airGap($case),
            )
                ->against($limit)
                ->from(
                    'release.pedal_travel',
                    'release.pedal_ratio',
                    SettingSteps::of($sheet)->key(),
                    'release.master_bore',
                    'release.slave_bore',
                    'release.fork_ratio',
                    'release.clearance',
                    'release.finger_ratio',
                    'release.cushion',
                    'release.stroke_loss',
                    'release.cover_loss',
                )
                ->by(
                    '(({pedal travel|release.pedal_travel} − {free play|'.SettingSteps::of($sheet)->key().'}) ÷ '.
                    '{pedal ratio|release.pedal_ratio} × '.
                    'bore areas ÷ '
                    .'{fork ratio|release.fork_ratio} − {clearance|release.clearance,release.clearance_shimmed}) ÷ '
                    .'{finger ratio|release.finger_ratio} − losses − {cushion|release.cushion}, shared by the faces',
                    'release.air_gap_face',
                ),
        );
    }

    /** @param  Estimate<Ratio>|null  $known */
    private function takeUp(?Estimate $known, JobSheet $sheet, Results $results): void
    {
        $limit = $sheet->limitBook()->get('release.take_up_percent');
        $takeUp = $known?->value;
        if ($takeUp === null) {
            $results->finding(
                Finding::of(
                    'release.take_up',
                    Verdict::Out,
                    ReleaseSentences::neverFree(),
                )->against($limit),
            );

            return;
        }
        $wish = $sheet->values->one(Ratio::class, 'release.take_up_wanted');
        $isAsWished = $wish !== null && abs($takeUp->value - $wish->value) <= SettingJudgement::NEAR_ENOUGH + 1e-9;
        $verdict = $isAsWished ? Verdict::Within : $known->against($limit);
        $lossy = self::takeUpWithLosses($sheet);
        // Losses left blank are not none: where the usual ones would put it outside, it is not plainly inside.
        $isInDoubt = ! $isAsWished && $verdict === Verdict::Within && $lossy !== null && $limit->judge($lossy) === Verdict::Out;
        $results->finding(
            Finding::of(
                'release.take_up',
                $isInDoubt ? Verdict::Near : $verdict,
                match (true) {
                    $isAsWished => ReleaseSentences::takeUpAsWished($takeUp, $wish),
                    $isInDoubt => ReleaseSentences::takeUpByLosses($takeUp, $lossy, $limit),
                    default => ReleaseSentences::takeUp($takeUp, $limit, $known->doubt($limit)),
                },
            )
                ->against($limit)
                ->from('release.pedal_travel', SettingSteps::of($sheet)->key())
                ->by('where lift equals the cushion; the middle suits most, the driver\'s wish counts', 'release.take_up_percent'),
        );
    }

    /** Where it takes up with the usual losses, where none are entered; nothing where they are, or it never gets there. */
    private static function takeUpWithLosses(JobSheet $sheet): ?Ratio
    {
        $asked = $sheet->isAirAssisted() ? ['release.cover_loss'] : ['release.stroke_loss', 'release.cover_loss'];
        $worst = $sheet->values->missing(...$asked) === [] ? null : ChainOfSheet::withUsualLosses($sheet);

        return $worst instanceof ReleaseChain ? $worst->takeUpFromFloor() : null;
    }

    /** @param  Estimate<Quantity>  $known */
    private function travel(ReleaseChain $chain, Estimate $known, JobSheet $sheet, Results $results): void
    {
        $most = $sheet->values->one(Length::class, 'kit.release_travel_max');
        if ($most === null) {
            $results->finding(
                Finding::unmeasured(
                    'release.bearing_travel',
                    ReleaseSentences::mostTravelUnknown($chain->bearingTravel()),
                    'kit.release_travel_max',
                ),
            );

            return;
        }
        $limit = Limit::of('release.bearing_travel', Bounds::atMost($most, $most->times(self::TRAVEL_RESERVE)), LimitSource::Maker);
        $verdict = $known->against($limit);
        $results->finding(
            Finding::of(
                'release.bearing_travel',
                $verdict,
                ReleaseSentences::travel($chain->bearingTravel(), $most, $verdict, $known->doubt($limit)),
            )
                ->against($limit)
                ->from('release.pedal_travel', 'kit.release_travel_max'),
        );
    }
}
