<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Inspection\Condition;
use Spindle\Inspection\FaceDial;
use Spindle\Inspection\FaceMark;
use Spindle\JobSheet\Estimate;
use Spindle\JobSheet\Fields\FlywheelFields;
use Spindle\JobSheet\FieldValues;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Vehicle\FlywheelKind;

/** The flywheel's face: runout with tilt and wave told apart, flatness, and the marks on it. */
final readonly class FlywheelFacePart implements Part
{
    /** With fewer places around, a turn of the dial is not known. */
    private const LEAST_PLACES = 4;

    public function subject(): Subject
    {
        return new Subject('flywheel.face', 'The face of the flywheel');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $this->runout($sheet, $results, $display);
        $this->flatness($sheet, $results, $display);
        foreach (['flywheel' => 'Flywheel', 'cover' => 'Pressure plate'] as $part => $label) {
            $this->marks($part, $label, $sheet, $results, $display);
        }
    }

    /** The dial readings around the face, where there are enough of them. */
    public static function dial(FieldValues $values): ?FaceDial
    {
        $readings = self::around($values);

        return count($readings) < self::LEAST_PLACES ? null : FaceDial::of($readings);
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

    /** @return list<FaceMark> */
    public static function marksOn(string $part, FieldValues $values): array
    {
        return array_map(FaceMark::read(...), $values->words("{$part}.marks"));
    }

    private function runout(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        $dial = self::dial($values);
        $figure = Estimate::of($sheet, self::worst(...), 'flywheel.face_runout', ...FlywheelFields::dialKeys());
        if ($figure === null) {
            $results->finding(Finding::unmeasured('flywheel.face_runout', 'Face runout not measured: dial on the face, one full turn, end play held to one side.'
                .($values->hasAny(...FlywheelFields::dialKeys()) ? ' Around the clock at least four places.' : ''), 'flywheel.face_runout'));

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
            $results->finding(Finding::unmeasured('flywheel.face_runout', 'Face runout is measured, but its limit follows the diameter the dial runs on.', 'flywheel.measuring_diameter'));

            return;
        }
        $verdict = $figure->against($limit);
        $step = $values->resolution('flywheel.face_runout', ...FlywheelFields::dialKeys());
        $said = $display->quantity($runout, $step).' face runout, '.$limit->wording($display);
        $results->finding(Finding::of('flywheel.face_runout', $verdict, match (true) {
            $verdict === Verdict::Out && $sheet->flywheel() === FlywheelKind::DualMass => "Replace: {$said}.",
            $verdict === Verdict::Out && self::isAskew($sheet) => "Clean the seat and measure again: {$said}.",
            $verdict === Verdict::Out => "Grind: {$said}.",
            $verdict === Verdict::Near => ucfirst($said).'; measure again with the end play held.',
            default => ucfirst($said).'.',
        }.self::parts($dial, $step, $display))
            ->against($limit)->from('flywheel.face_runout', 'flywheel.measuring_diameter', ...FlywheelFields::dialKeys())
            ->by('limit 0.0005 × measuring diameter where the maker gives none'.($dial === null ? '' : '; tilt and wave by least squares over the dial readings')));
    }

    /** The worse of a full turn and the readings around, as far as there are any. */
    private static function worst(JobSheet $sheet): ?Length
    {
        $around = array_values(self::around($sheet->values));
        $readings = [...$sheet->values->all(Length::class, 'flywheel.face_runout'), ...(count($around) < self::LEAST_PLACES ? [] : [Length::spread($around)])];

        return $readings === [] ? null : Length::greatest($readings);
    }

    /** Of a runout that is out: whether only because the whole face stands askew, while what is left without the tilt would pass. */
    public static function isAskew(JobSheet $sheet): bool
    {
        $dial = self::dial($sheet->values);
        $limit = self::limit($sheet);
        if ($dial === null || $limit === null || ! $dial->isFitted()) {
            return false;
        }
        $wave = Estimate::of($sheet, static fn (JobSheet $s): ?Length => self::dial($s->values)?->wave(), ...FlywheelFields::dialKeys());

        return $wave?->against($limit) === Verdict::Within;
    }

    private static function parts(?FaceDial $dial, float $step, Display $display): string
    {
        if ($dial === null || ! $dial->isFitted()) {
            return '';
        }

        return ' Of it '.$display->quantity($dial->tilt(), $step)." tilt, high at {$dial->highSide()} o'clock; without it a wave of ".$display->quantity($dial->wave(), $step).'.';
    }

    private static function limit(JobSheet $sheet): ?Limit
    {
        return $sheet->limitBook()->find('flywheel.face_runout') ?? self::runoutByDiameter($sheet);
    }

    private static function runoutByDiameter(JobSheet $sheet): ?Limit
    {
        $diameter = $sheet->values->one(Length::class, 'flywheel.measuring_diameter');
        $share = $sheet->limitBook()->get('flywheel.face_runout_share');

        return $diameter === null || $share->max === null
            ? null
            : Limit::atMost('flywheel.face_runout', $diameter->times($share->max->value), $share->source, $share->mark)->noted('0.0005 × measuring diameter');
    }

    private function flatness(JobSheet $sheet, Results $results, Display $display): void
    {
        $readings = $sheet->values->all(Length::class, 'flywheel.flatness');
        if ($readings === []) {
            $results->finding(Finding::unmeasured('flywheel.flatness', 'Flatness not measured: straight-edge and feeler, three directions.', 'flywheel.flatness'));

            return;
        }
        $figure = Estimate::of($sheet, static function (JobSheet $s): ?Length {
            $all = $s->values->all(Length::class, 'flywheel.flatness');

            return $all === [] ? null : Length::greatest($all);
        }, 'flywheel.flatness');
        if ($figure === null) {
            return;
        }
        $worst = $figure->value;
        $results->estimate('flywheel.flatness', $figure);
        $limit = $sheet->limitBook()->get('flywheel.flatness');
        $verdict = $figure->against($limit);
        $said = $display->quantity($worst, $sheet->values->resolutionOf('flywheel.flatness', $worst)).' dish or step, '.$limit->wording($display);
        $results->finding(Finding::of('flywheel.flatness', $verdict, match ($verdict) {
            Verdict::Out => ($sheet->flywheel() === FlywheelKind::DualMass ? 'Replace: ' : 'Grind: ').$said.'.',
            Verdict::Near => ucfirst($said).'; measure again.',
            default => ucfirst($said).'.',
        })->against($limit)->from('flywheel.flatness')->by('the greatest of the directions measured'));
    }

    private function marks(string $part, string $label, JobSheet $sheet, Results $results, Display $display): void
    {
        $marks = self::marksOn($part, $sheet->values);
        if ($marks === []) {
            return;
        }
        $said = [];
        foreach (FaceMark::kinds() as $kind => $name) {
            $there = array_values(array_filter($marks, static fn (FaceMark $m): bool => $m->kind === $kind));
            if ($there !== []) {
                $places = implode('; ', array_map(static fn (FaceMark $m): string => $m->clock().' o\'clock, '.$display->quantity($m->radius, 1.0).' out', $there));
                $remedy = Condition::find($part, $there[0]->condition())?->consequenceOn($sheet->flywheel()) ?? '';
                $said[] = count($there)." × {$name} ({$places})".($part === 'flywheel' && $remedy !== '' ? ": {$remedy}" : '');
            }
        }
        $results->finding(Finding::of("{$part}.marks", Verdict::Out, "{$label}: ".implode('; ', $said).'.'.($part === 'cover' ? ' Replace the cover.' : ''))->from("{$part}.marks")->by('clock position and distance from the centre'));
    }
}
