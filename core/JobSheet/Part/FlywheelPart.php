<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Inspection\FlywheelCut;
use Spindle\Inspection\FlywheelDecision;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Angle;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Vehicle\FlywheelKind;

/** Runout, flatness and thickness of the flywheel; a dual-mass one by its play and rock. */
final readonly class FlywheelPart implements Part
{
    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $this->runout($sheet, $results, $display);
        $this->flatness($sheet, $results, $display);
        $this->shift($sheet, $results);
        if ($sheet->flywheel() === FlywheelKind::DualMass) {
            $this->dualMass($sheet, $results, $display);
        } else {
            $this->thickness($sheet, $results, $display);
        }
        $this->decide($sheet, $results, $display);
    }

    /** Once face and body are judged: what is done with the flywheel, and where a cut leads. */
    private function decide(JobSheet $sheet, Results $results, Display $display): void
    {
        $kind = $sheet->flywheel();
        $verdict = static fn (string ...$ids): Verdict => Verdict::worst(...array_map(static fn (string $id): Verdict => $results->verdictOf($id), $ids));
        $face = $verdict('flywheel.face_runout', 'flywheel.flatness');
        $body = $kind === FlywheelKind::DualMass ? $verdict('flywheel.free_play', 'flywheel.rock') : $verdict('flywheel.thickness');
        if ($kind === null || $face === Verdict::Unmeasured || $body === Verdict::Unmeasured) {
            return;
        }
        $decision = FlywheelDecision::of($kind, $face, $body, $sheet->values->words('flywheel.conditions'), $sheet->values->word('flywheel.school') === 'lathe');
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        $carried = $cut === null || $cut->value <= 0.0 || $kind === FlywheelKind::DualMass ? ''
            : ' The cut of '.$display->both($cut, 0.01).' moves the clutch towards the engine and opens the release clearance by as much; set it again.';
        $results->finding(Finding::of('flywheel.decision', $decision->isWork() ? Verdict::Near : Verdict::Within, $decision->instruction($kind).$carried)
            ->from('flywheel.conditions', 'flywheel.school', 'flywheel.machined')->by('face, thickness and marks together; common practice, no source'));
    }

    private function runout(JobSheet $sheet, Results $results, Display $display): void
    {
        $readings = $sheet->values->all(Length::class, 'flywheel.face_runout');
        if ($readings === []) {
            $results->finding(Finding::unmeasured('flywheel.face_runout', 'Face runout not measured: dial on the face, one full turn, end play held to one side.', 'flywheel.face_runout'));

            return;
        }
        $runout = Length::greatest($readings);
        $results->figure('flywheel.face_runout', $runout);
        $limit = $sheet->limitBook()->find('flywheel.face_runout') ?? self::runoutByDiameter($sheet);
        if ($limit === null) {
            $results->finding(Finding::unmeasured('flywheel.face_runout', 'Face runout is measured, but its limit follows the diameter the dial runs on.', 'flywheel.measuring_diameter'));

            return;
        }
        $verdict = $limit->judge($runout, $sheet->uncertainty('flywheel.face_runout'));
        $said = $display->quantity($runout, $sheet->values->resolution('flywheel.face_runout')).' face runout, '.$limit->wording($display);
        $results->finding(Finding::of('flywheel.face_runout', $verdict, match ($verdict) {
            Verdict::Out => ($sheet->flywheel() === FlywheelKind::DualMass ? 'Replace: ' : 'Grind: ').$said.'.',
            Verdict::Near => ucfirst($said).'; measure again with the end play held.',
            default => ucfirst($said).'.',
        })->against($limit)->from('flywheel.face_runout', 'flywheel.measuring_diameter')->by('limit 0.0005 × measuring diameter where the maker gives none'));
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
        $worst = Length::greatest($readings);
        $results->figure('flywheel.flatness', $worst);
        $limit = $sheet->limitBook()->get('flywheel.flatness');
        $verdict = $limit->judge($worst, $sheet->uncertainty('flywheel.flatness'));
        $said = $display->quantity($worst, $sheet->values->resolution('flywheel.flatness')).' dish or step, '.$limit->wording($display);
        $results->finding(Finding::of('flywheel.flatness', $verdict, match ($verdict) {
            Verdict::Out => ($sheet->flywheel() === FlywheelKind::DualMass ? 'Replace: ' : 'Grind: ').$said.'.',
            Verdict::Near => ucfirst($said).'; measure again.',
            default => ucfirst($said).'.',
        })->against($limit)->from('flywheel.flatness')->by('the greatest of the directions measured'));
    }

    private function thickness(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        $now = $values->one(Length::class, 'flywheel.thickness');
        $cut = $values->one(Length::class, 'flywheel.machined');
        $least = $values->one(Length::class, 'flywheel.thickness_min');
        $limit = $sheet->limitBook()->find('flywheel.thickness')
            ?? ($least === null ? null : Limit::atLeast('flywheel.thickness', $least, LimitSource::Maker));
        $after = $now === null || $cut === null ? null : (new FlywheelCut($now, $cut))->thicknessAfter();
        if ($after !== null) {
            $results->figure('flywheel.thickness_after', $after);
        }
        if ($now === null || $limit === null) {
            $missing = [...($now === null ? ['flywheel.thickness'] : []), ...($limit === null ? ['flywheel.thickness_min'] : [])];
            $results->finding(Finding::unmeasured('flywheel.thickness', $limit === null
                ? "The least thickness is the maker's figure only, and none is entered."
                : 'Flywheel thickness not measured.', ...$missing));

            return;
        }
        $judged = $after ?? $now;
        $verdict = $limit->judge($judged, $sheet->uncertainty('flywheel.thickness'));
        $said = $display->quantity($judged, $values->resolution('flywheel.thickness', 'flywheel.machined')).($after === null ? ' thick, ' : ' thick after the cut, ').$limit->wording($display);
        $results->finding(Finding::of('flywheel.thickness', $verdict, match ($verdict) {
            Verdict::Out => "Replace: {$said}.",
            Verdict::Near => ucfirst($said).'; nothing more can be taken off.',
            default => ucfirst($said).'.',
        })->against($limit)->from('flywheel.thickness', 'flywheel.machined', 'flywheel.thickness_min')->by('thickness now − cut'));
    }

    private function dualMass(JobSheet $sheet, Results $results, Display $display): void
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        if ($cut !== null && $cut->value > 0.0) {
            $results->finding(Finding::of('flywheel.machined', Verdict::Out, 'A dual-mass flywheel is never machined: replace it.')->from('flywheel.machined'));
        }
        foreach ([
            ['flywheel.free_play', Angle::class, 'Turning free play'],
            ['flywheel.rock', Length::class, 'Rock'],
        ] as [$key, $type, $label]) {
            $reading = $sheet->values->one($type, $key);
            $limit = $sheet->limitBook()->find($key);
            if ($reading === null || $limit === null) {
                $results->finding(Finding::unmeasured($key, "{$label} of the dual-mass flywheel ".($reading === null ? 'not measured.' : "measured, but the maker's figure is not entered."), $reading === null ? $key : "limits.{$key}"));

                continue;
            }
            $verdict = $limit->judge($reading, $reading instanceof Length ? $sheet->uncertainty($key) : null);
            $results->finding(Finding::of($key, $verdict, "{$label} ".$display->quantity($reading, $sheet->values->resolution($key)).', '.$limit->wording($display).($verdict === Verdict::Out ? ': replace it.' : '.'))
                ->against($limit)->from($key));
        }
        $results->finding(Finding::notApplicable('flywheel.thickness', 'A dual-mass flywheel is not machined, so its thickness decides nothing.'));
    }

    private function shift(JobSheet $sheet, Results $results): void
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        $fork = $sheet->values->one(Ratio::class, 'release.fork_ratio');
        if ($cut !== null && $fork !== null) {
            $results->figure('flywheel.fork_end_shift', FlywheelCut::forkEndShift($cut, $fork));
        }
    }
}
