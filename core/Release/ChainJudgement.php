<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Force;
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
    /** What the efficiency of the chain is where nobody entered it: from well greased to stiff. From memory [M]. */
    private const USUAL_EFFICIENCY = [0.95, 0.75];

    /** Bearing travel within this share of the cover's greatest is near. Maker's figure with a tenth in hand. */
    private const TRAVEL_RESERVE = 0.9;

    public function topic(): Topic
    {
        return new Topic('release.chain', 'The release chain');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        if (
            ! $values->hasAny(
                'release.pedal_travel',
                'release.master_bore',
                'release.linkage_ratio',
                'release.slave_bore',
                'release.slave_outer',
                'release.air_gap_measured',
            )
        ) {
            return;
        }
        $measured = MeasuredGap::ofSheet($sheet);
        if ($measured !== null) {
            $results->estimate('release.air_gap_face_measured', $measured);
        }
        $chain = ChainOfSheet::chain($sheet);
        if (! $chain instanceof ReleaseChain) {
            if ($measured !== null) {
                $this->measuredGap($measured, null, $sheet, $results, $display);

                return;
            }
            // Free play that nobody measured is asked for by itself; once is enough.
            if ($chain === [SettingSteps::of($sheet)->key()]) {
                return;
            }
            $results->missing($sheet, 'release.air_gap', 'The release chain cannot be worked out', $chain);

            return;
        }
        $results->figure('release.lift', $chain->lift());
        $results->figure('release.air_gap', $chain->airGap());
        $known = ChainOfSheet::known($sheet);
        foreach ($known as $name => $estimate) {
            $results->estimate($name, $estimate);
        }
        $measured === null
            ? $this->airGap($chain, $known['release.air_gap_face'], $sheet, $results, $display)
            : $this->measuredGap($measured, $known['release.air_gap_face'], $sheet, $results, $display);
        $this->takeUp($known['release.take_up_percent'] ?? null, $sheet, $results, $display);
        $this->travel($chain, $known['release.bearing_travel'], $sheet, $results, $display);
        $this->force($chain, $sheet, $results, $display);
    }

    /**
     * What was measured is the proof, whatever the chain says; where the two differ by more than either can be doubted, the chain is
     * questioned.
     *
     * @param  Estimate<Length>  $measured
     * @param  Estimate<Quantity>|null  $worked  out from the chain
     */
    private function measuredGap(Estimate $measured, ?Estimate $worked, JobSheet $sheet, Results $results, Display $display): void
    {
        $limit = $sheet->limitBook()->get('release.air_gap_face');
        $gap = $measured->value;
        $verdict = $measured->against($limit);
        $results->finding(
            Finding::of(
                'release.air_gap',
                $verdict,
                'Measured, each face has '.$display->both($gap, 0.01).' of air fully released, '.$limit->wording($display).match (true) {
                    $verdict === Verdict::Out => ': it will drag.',
                    $limit->watchMax !== null && $gap->value >= $limit->watchMax->value => ': more than it needs. Set the stop.',
                    default => '.',
                }.$measured->doubt($limit, $display),
            )->against($limit)->from('release.air_gap_measured')->by('the mean of all places, both sides of the disc',
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
                'Worked out from the chain it would be '.$display->quantity($worked->value, 0.01).($agrees
                    ? ', which agrees.'
                    : '; measured it is '.$display->quantity(Length::mm(abs($off)), 0.01).($off < 0.0
                        ? ' less, '.$display->quantity(self::atBearing(-$off, $sheet), 0.1).' at the bearing. Motion is lost on the way, '
                            .'or a ratio, a bore or the cushion is not as entered: measure the lost motion.'
                        : ' more. A ratio, a bore or the cushion is not as entered.').' What was measured counts.'),
            )->from('release.air_gap_measured'),
        );
    }

    /** The bearing travel that an air gap of each face takes: 2 N · A · r_d. */
    private static function atBearing(float $face, JobSheet $sheet): Length
    {
        $chain = ChainOfSheet::chain($sheet);

        return $chain instanceof ReleaseChain
            ? $chain->bearingTravelFor(Length::mm($face))->minus($chain->bearingTravelFor(Length::mm(0.0))) : Length::mm(0.0);
    }

    /** @param  Estimate<Quantity>  $known */
    private function airGap(ReleaseChain $chain, Estimate $known, JobSheet $sheet, Results $results, Display $display): void
    {
        $limit = $sheet->limitBook()->get('release.air_gap_face');
        $gap = $known->value;
        $blank = $sheet->values->missing('release.stroke_loss', 'release.cover_loss');
        $worst = ChainOfSheet::withUsualLosses($sheet);
        $least = $worst instanceof ReleaseChain ? $worst->airGapFace() : $gap;
        $verdict = $known->against($limit);
        // Losses left blank are not none: where the usual ones would change the verdict, nothing is decided.
        $decides = $blank !== [] && $limit->judge($least) !== $verdict;
        $verdict = $decides && $verdict === Verdict::Within ? Verdict::Near : $verdict;
        $results->finding(
            Finding::of(
                'release.air_gap',
                $verdict,
                'Fully released each face has '.
                    $display->both($gap, 0.01).
                    ' of air, '.
                    $limit->wording($display).
                    match (true) {
                        $verdict === Verdict::Out => ': it will drag.',
                        $limit->watchMax !== null && $gap->value >= $limit->watchMax->value => ': more than it needs; the bearing travels '.
                            $display->quantity($chain->bearingTravel(), 0.1).
                            ' for it and overworks the fingers. Set the stop.',
                        default => '.',
                    }.
                    $known->doubt($limit, $display).
                    ($blank === []
                        ? ''
                        : ' '.
                            ucfirst($sheet->dictionary->spoken($blank)).
                            ' not entered; with what is usual the gap comes down to '.
                            $display->quantity($least, 0.01).
                            '.'.
                            ($decides ? ' Enter them, or measure the gap.' : '')),
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

    /** @param  Estimate<Quantity>|null  $known */
    private function takeUp(?Estimate $known, JobSheet $sheet, Results $results, Display $display): void
    {
        $limit = $sheet->limitBook()->get('release.take_up_percent');
        $takeUp = $known?->value;
        if ($takeUp === null) {
            $results->finding(
                Finding::of(
                    'release.take_up',
                    Verdict::Out,
                    'The pedal reaches the floor before the disc is free: the clutch drags.',
                )->against($limit),
            );

            return;
        }
        $verdict = $known->against($limit);
        $isLow = $limit->min !== null && $takeUp->value < $limit->min->value;
        $isHigh = $limit->max !== null && $takeUp->value > $limit->max->value;
        $results->finding(
            Finding::of(
                'release.take_up',
                $verdict,
                'Take-up '.
                    $limit->writeShare($takeUp, $display).
                    ' above the floor, '.
                    $limit->wording($display).
                    match (true) {
                        $isLow => ': bites low; less free play or more stroke, two turns at a time.',
                        $isHigh => ': bites high; more free play or less stroke, two turns at a time.',
                        default => '.',
                    }.
                    $known->doubt($limit, $display),
            )
                ->against($limit)
                ->from('release.pedal_travel', SettingSteps::of($sheet)->key())
                ->by('where lift equals the cushion; the middle suits most, the driver\'s wish counts', 'release.take_up_percent'),
        );
    }

    /** @param  Estimate<Quantity>  $known */
    private function travel(ReleaseChain $chain, Estimate $known, JobSheet $sheet, Results $results, Display $display): void
    {
        $most = $sheet->values->one(Length::class, 'kit.release_travel_max');
        if ($most === null) {
            $results->finding(
                Finding::unmeasured(
                    'release.bearing_travel',
                    'The bearing travels '.
                        $display->both($chain->bearingTravel(), 0.01).
                        " at the floor; the cover's greatest travel is the maker's figure and is not entered.",
                    'kit.release_travel_max',
                ),
            );

            return;
        }
        $limit = Limit::of('release.bearing_travel', null, $most, LimitSource::Maker, null, null, $most->times(self::TRAVEL_RESERVE));
        $verdict = $known->against($limit);
        $results->finding(
            Finding::of(
                'release.bearing_travel',
                $verdict,
                'The bearing travels '.
                    $display->both($chain->bearingTravel(), 0.01).
                    ' at the floor; the cover takes '.
                    $display->quantity($most, 0.01).
                    match (true) {
                        $verdict === Verdict::Out => ': set the pedal stop, or fingers and straps break.',
                        $known->isDoubtful($limit) => '.'.$known->doubt($limit, $display),
                        $verdict === Verdict::Near => ': less than a tenth in hand; set the pedal stop.',
                        default => '.',
                    },
            )
                ->against($limit)
                ->from('release.pedal_travel', 'kit.release_travel_max'),
        );
    }

    private function force(ReleaseChain $chain, JobSheet $sheet, Results $results, Display $display): void
    {
        $load = $sheet->values->one(Force::class, 'kit.release_load');
        if ($load === null) {
            return;
        }
        $efficiency = $sheet->values->one(Ratio::class, 'release.efficiency');
        $force = $chain->pedalForce($load, $efficiency ?? Ratio::of(ReleaseChain::EFFICIENCY));
        $results->figure('release.pedal_force', $force);
        $pressure = $chain->linePressure($load);
        if ($pressure !== null) {
            $results->figure('release.line_pressure', $pressure);
        }
        $limit = $sheet->limitBook()->find('release.pedal_force');
        if ($limit === null) {
            return;
        }
        [$light, $heavy] = array_map(
            static fn (float $share): Force => $chain->pedalForce($load, Ratio::of($share)),
            self::USUAL_EFFICIENCY,
        );
        // An efficiency nobody entered is a range, not a figure.
        $decides =
            $efficiency === null && ($limit->judge($light) !== $limit->judge($force) || $limit->judge($heavy) !== $limit->judge($force));
        $verdict = $decides ? Verdict::Near : $limit->judge($force);
        $results->finding(
            Finding::of(
                'release.pedal_force',
                $verdict,
                'The pedal takes '.
                    $display->both($force, 1.0).
                    ' at the pad, '.
                    $limit->wording($display).
                    match (true) {
                        $decides => '; between '.
                            $display->quantity($light, 1.0).
                            ' and '.
                            $display->quantity($heavy, 1.0).
                            ' with the usual losses. Enter the efficiency, or weigh the pedal.',
                        $verdict === Verdict::Out => ': too heavy.',
                        $verdict === Verdict::Near => ", {$limit->watching($force, $display)}: heavy.",
                        default => '.',
                    },
            )
                ->against($limit)
                ->from('kit.release_load', 'release.efficiency')
                ->by(
                    '{release load|kit.release_load} ÷ ({pedal ratio|release.pedal_ratio} × bore areas × {fork ratio|release.fork_ratio} × '
                    .'{efficiency|release.efficiency})', 'release.pedal_force',
                ),
        );
    }
}
