<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\ComparisonSentences;
use Spindle\Sheet\Counts;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\FlywheelKind;

/** The flywheel's face: runout with tilt and wave told apart, flatness, and the marks on it. */
final readonly class FaceJudgement implements Judgement
{
    /** The friction face begins no further in than at this share of its outer diameter. From memory [M]. */
    private const INNERMOST = 0.5;

    /** With fewer places around, a turn of the dial is not known. */
    private const LEAST_PLACES = 4;

    public function topic(): Topic
    {
        return new Topic('flywheel.face', 'The face of the flywheel');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $this->runout($sheet, $results);
        $this->flatness($sheet, $results);
    }

    /** The dial readings around the face, where they make a sweep. */
    public static function dial(FieldValues $values): ?FaceDial
    {
        $readings = self::around($values);

        return count($readings) < self::LEAST_PLACES || self::leftOut($values) !== [] ? null : FaceDial::of($readings);
    }

    /**
     * Places without which more than a quarter of a turn is left out.
     *
     * @return list<string> clock positions, one in the middle of each stretch
     */
    private static function leftOut(FieldValues $values): array
    {
        $read = self::around($values);
        [$left, $missing] = [[], 0];
        // Twice around, so that a stretch over twelve is seen too; asked for on the second way only.
        foreach ([...FaceDial::CLOCK, ...FaceDial::CLOCK] as $i => $clock) {
            $missing = isset($read[$clock]) ? 0 : $missing + 1;
            if ($missing > 1 && $i < count(FaceDial::CLOCK)) {
                $missing = 1;
            } elseif ($missing > 1) {
                [$left[], $missing] = [$clock, 0];
            }
        }

        return $left;
    }

    /** @return array<string, Length> what the dial read, by clock position */
    private static function around(FieldValues $values): array
    {
        $readings = [];
        foreach (array_combine(FaceDial::CLOCK, FlywheelFields::dialKeys()) as $clock => $key) {
            $reading = $values->one(Length::class, $key);
            if ($reading !== null) {
                $readings[$clock] = $reading;
            }
        }

        return $readings;
    }

    private function runout(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $dial = self::dial($values);
        if ($sheet->flywheel() === FlywheelKind::DualMass && ! $values->hasAny('flywheel.face_runout', ...FlywheelFields::dialKeys())) {
            $results->finding(Finding::notApplicable('flywheel.face_runout', FlywheelSentences::rockIsItsPurpose()));

            return;
        }
        $figure = Estimate::of($sheet, self::worst(...), 'flywheel.face_runout', ...FlywheelFields::dialKeys());
        $around = array_values(self::around($values));
        if ($figure === null && $around !== []) {
            $soFar = Length::spread($around);
            $results->figure('flywheel.face_runout', $soFar);
            $results->finding(Finding::unmeasured('flywheel.face_runout', FlywheelSentences::sweepHasGaps(
                new AsRead($soFar, $values->resolution(...FlywheelFields::dialKeys())), self::leftOut($values),
            ), 'flywheel.face_runout'));

            return;
        }
        if ($figure === null) {
            $results->finding(
                Finding::unmeasured(
                    'flywheel.face_runout',
                    FlywheelSentences::runoutNotMeasured($values->hasAny(...FlywheelFields::dialKeys())),
                    'flywheel.face_runout',
                ),
            );

            return;
        }
        $this->where($sheet, $results);
        if ($sheet->flywheel() === FlywheelKind::DualMass) {
            $results->estimate('flywheel.face_runout', $figure);
            $results->finding(Finding::notApplicable('flywheel.face_runout', FlywheelSentences::rockIsItsPurpose()));

            return;
        }
        $runout = $figure->value;
        $results->estimate('flywheel.face_runout', $figure);
        if ($dial !== null && $dial->isFitted()) {
            $results->figure('flywheel.tilt', $dial->tilt());
            $results->figure('flywheel.wave', $dial->wave());
        }
        $limit = self::limit($sheet);
        if ($limit === null) {
            $results->finding(
                Finding::unmeasured(
                    'flywheel.face_runout',
                    FlywheelSentences::runoutLimitUnknown(),
                    'flywheel.measuring_diameter',
                ),
            );

            return;
        }
        $verdict = $figure->against($limit);
        $step = $values->resolution('flywheel.face_runout', ...FlywheelFields::dialKeys());
        $isAskew = $verdict === Verdict::Out && self::isAskew($sheet);
        $results->finding(
            Finding::of(
                'flywheel.face_runout',
                $verdict,
                FlywheelSentences::runout(FaceRemedy::of($verdict, false, $isAskew), new AsRead($runout, $step), $limit,
                    $dial?->parts()),
            )
                ->against($limit)
                ->from('flywheel.face_runout', 'flywheel.measuring_diameter', ...FlywheelFields::dialKeys())
                ->by(
                    (is_string($limit->origin) && $limit->origin !== '' ? "limit {$limit->origin}" : 'the limit given for this job').
                        ($dial === null ? '' : '; tilt and wave by least squares over the dial readings'),
                    'flywheel.face_runout',
                ),
        );
    }

    /** A dial runs on the face: further in or out than that, a digit slipped, and the limit with it. */
    private function where(JobSheet $sheet, Results $results): void
    {
        $on = $sheet->values->one(Length::class, 'flywheel.measuring_diameter');
        $outer = $sheet->values->one(Length::class, 'vehicle.friction_outer');
        if ($on === null || $outer === null || ($on->value <= $outer->value && $on->value >= self::INNERMOST * $outer->value)) {
            return;
        }
        $results->finding(Finding::of('flywheel.dial_runs', Verdict::Near, FlywheelSentences::dialRunsElsewhere($on, $outer))
            ->from('flywheel.measuring_diameter', 'vehicle.friction_outer'));
    }

    /** The worse of a full turn and the readings around, as far as there are any. */
    private static function worst(JobSheet $sheet): ?Length
    {
        $around = array_values(self::around($sheet->values));
        $readings = [
            ...$sheet->values->all(Length::class, 'flywheel.face_runout'),
            ...self::dial($sheet->values) === null || $around === [] ? [] : [Length::spread($around)],
        ];

        return $readings === [] ? null : Length::greatest($readings);
    }

    /** Of a runout that is out: whether only because the whole face stands askew, while what is left without the tilt would pass. */
    private static function isAskew(JobSheet $sheet): bool
    {
        $dial = self::dial($sheet->values);
        $limit = self::limit($sheet);
        if ($dial === null || $limit === null || ! $dial->isFitted()) {
            return false;
        }
        $wave = Estimate::of($sheet, static fn (JobSheet $s): ?Length => self::dial($s->values)?->wave(), ...FlywheelFields::dialKeys());

        return $wave?->against($limit) === Verdict::Within;
    }

    /** Whether the face, as it was judged, is out for nothing but standing askew. */
    public static function isOnlyAskew(JobSheet $sheet, Results $results): bool
    {
        return $results->verdictOf('flywheel.face_runout') === Verdict::Out && $results->verdictOf('flywheel.flatness') !== Verdict::Out
            && self::isAskew($sheet);
    }

    private static function limit(JobSheet $sheet): ?Limit
    {
        $byDiameter = self::runoutByDiameter($sheet);

        return $byDiameter === null ? $sheet->limitBook()->find('flywheel.face_runout') : $sheet->limitBook()->over($byDiameter);
    }

    private static function runoutByDiameter(JobSheet $sheet): ?Limit
    {
        $diameter = $sheet->values->one(Length::class, 'flywheel.measuring_diameter');
        $share = $sheet->limitBook()->get('flywheel.face_runout_share');

        return $diameter === null || $share->max === null
            ? null
            : Limit::atMost('flywheel.face_runout', $diameter->times($share->max->value), $share->source, $share->mark)->from(
                "{$share->max->value} × measuring diameter",
            );
    }

    private function flatness(JobSheet $sheet, Results $results): void
    {
        $readings = $sheet->values->all(Length::class, 'flywheel.flatness');
        if ($readings === []) {
            $results->finding(
                Finding::unmeasured(
                    'flywheel.flatness',
                    FlywheelSentences::flatnessNotMeasured(),
                    'flywheel.flatness',
                ),
            );

            return;
        }
        $figure = Estimate::of(
            $sheet,
            static function (JobSheet $s): ?Length {
                $all = $s->values->all(Length::class, 'flywheel.flatness');

                return $all === [] ? null : Length::greatest($all);
            },
            'flywheel.flatness',
        );
        if ($figure === null) {
            return;
        }
        $worst = $figure->value;
        $results->estimate('flywheel.flatness', $figure);
        $limit = $sheet->limitBook()->get('flywheel.flatness');
        $verdict = $figure->against($limit);
        $short = Counts::Flatness->leastPlaces() - count($readings);
        if ($short > 0) {
            $results->finding(Finding::unmeasured('flywheel.flatness', ComparisonSentences::tooFewPlaces(
                'Flatness', new AsRead($worst, $sheet->values->resolutionOf('flywheel.flatness', $worst)), $short,
                $verdict === Verdict::Out,
            ), 'flywheel.flatness'));

            return;
        }
        $results->finding(
            Finding::of(
                'flywheel.flatness',
                $verdict,
                FlywheelSentences::flatness(
                    FaceRemedy::of($verdict, $sheet->flywheel() === FlywheelKind::DualMass),
                    new AsRead($worst, $sheet->values->resolutionOf('flywheel.flatness', $worst)), $limit,
                ),
            )
                ->against($limit)
                ->from('flywheel.flatness')
                ->by('the greatest of the directions measured', 'flywheel.flatness'),
        );
    }
}
