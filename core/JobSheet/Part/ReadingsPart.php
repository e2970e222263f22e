<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Capacity\SpringKind;
use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Vehicle\VehicleClass;

/** Readings that are compared with one limit each. */
final readonly class ReadingsPart implements Part
{
    /** Readings that other parts judge with more than a comparison. */
    private const JUDGED_ELSEWHERE = [
        'flywheel.face_runout', 'flywheel.flatness', 'flywheel.thickness', 'flywheel.free_play', 'flywheel.rock',
        'release.free_play', 'release.clearance', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal',
        'release.take_up_percent', 'release.air_gap_face', 'release.pedal_force', 'pilot.play', 'two_stage.air_gap_travel', 'two_stage.air_gap_take_off',
        'disc.rivet_depth_flywheel', 'disc.rivet_depth_cover', 'disc2.rivet_depth_flywheel', 'disc2.rivet_depth_cover', 'disc2.runout', 'disc2.hub_play',
        'intermediate.pin_clearance', 'intermediate.flatness', 'flywheel.pot_depth',
    ];

    /** Readings of which something else is judged under their own name, such as their spread. */
    private const NAME_TAKEN = ['cover.finger_heights', 'cover.spring_lengths', 'cover.clamp_load', 'two_stage.lever_heights', 'flywheel.machined', 'flywheel.mounting_cut'];

    private const ONLY_RECORDED = ['bearing.play', 'flywheel.bolt_torque'];

    /** Reading => what to do when it is out; the limit has the name of the reading. */
    private const GREATEST = [
        'disc.runout' => 'replace, or find why it was bent',
        'disc.hub_play' => 'replace, and look at the shaft',
        'cover.flatness' => 'replace the cover',
        'cover.finger_wear' => 'replace the cover',
        'truck.brake_squeeze' => 'the brake meets too early: set the linkage, or it is touched on every change',
    ];

    public function subject(): Subject
    {
        return new Subject('shaft.readings', 'A reading against its limit');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $compare = new Compare($sheet, $results, $display);
        foreach (self::GREATEST as $key => $remedy) {
            $compare->greatest($key, $key, $remedy);
        }
        foreach (['disc', 'disc2'] as $disc) {
            $compare->least("{$disc}.rivet_depth_flywheel", 'disc.rivet_depth', 'replace before the rivets cut the flywheel');
            $compare->least("{$disc}.rivet_depth_cover", 'disc.rivet_depth', 'replace before the rivets cut the plate');
        }
        $compare->greatest('disc2.runout', 'disc.runout', 'replace, or find why it was bent');
        $compare->greatest('disc2.hub_play', 'disc.hub_play', 'replace, and look at the shaft');
        $compare->spread('cover.finger_heights', self::hasLevers($sheet) ? 'cover.lever_evenness' : 'cover.finger_evenness', 'replace the cover, or set the levers');
        $compare->spread('cover.spring_lengths', 'cover.spring_evenness', 'replace the springs or the cover');
        $compare->least('intermediate.pin_clearance', 'intermediate.pin_clearance', 'the plate hangs on its pins: new pins, square to the face');
        $compare->greatest('intermediate.flatness', 'cover.flatness', 'replace the plate');
        $this->given($sheet, $compare);
        $this->recorded($sheet, $results, $display);
    }

    /** As said of the old cover; else as the new kit has it; else levers on a tractor and fingers on everything else. */
    private static function hasLevers(JobSheet $sheet): bool
    {
        $kind = $sheet->values->word('cover.kind');
        $spring = $sheet->values->word('kit.spring');

        return match (true) {
            $kind !== null => $kind === 'levers',
            $spring !== null => $spring === SpringKind::Coil->value,
            default => $sheet->vehicleClass() === VehicleClass::Tractor,
        };
    }

    /** Readings that nothing but the maker's figure judges: without one they are kept, and it is said that they are only kept. */
    private function recorded(JobSheet $sheet, Results $results, Display $display): void
    {
        foreach (self::ONLY_RECORDED as $key) {
            $field = Dictionary::get($key);
            $readings = $sheet->values->all($field->dimension?->quantity() ?? Length::class, $key);
            if ($readings !== [] && $sheet->limitBook()->given($key) === null) {
                $said = implode(', ', array_map(static fn (Quantity $q): string => $display->quantity($q, $sheet->values->resolutionOf($key, $q)), $readings));
                $results->finding(Finding::notApplicable($key, "{$field->label} {$said}: recorded, and judged by nothing without the maker's figure."));
            }
        }
    }

    /** Limits that maker or shop give for readings that have no built-in one. */
    private function given(JobSheet $sheet, Compare $compare): void
    {
        foreach ($sheet->givenLimits() as $limit) {
            $own = in_array($limit->name, self::JUDGED_ELSEWHERE, true) || isset(self::GREATEST[$limit->name]);
            if (! $own && Dictionary::find($limit->name)?->dimension !== null) {
                $id = in_array($limit->name, self::NAME_TAKEN, true) ? "{$limit->name}_given" : $limit->name;
                $compare->within($id, $limit->name, $limit, 'outside the limit given for this job');
            }
        }
    }
}
