<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Kit\Fit\FitTable;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetReader;

/*
 * Kit and vehicle pairs with the verdict a technician would give. What must match, and by how much, are facts of the trade: common
 * practice, no source; tolerances from memory. Splines met in practice: 1-1/16 in 10, 1-1/8 in 26, 1-1/4 in 10.
 */

/**
 * @param  array<string, mixed>  $vehicle  places in a job sheet over those of a plain vehicle of the class
 * @param  array<string, mixed>  $kit
 */
function fitOf(string $class, array $vehicle, array $kit, string $check): Verdict
{
    $plain = [
        'car' => ['actuation' => 'slave', 'flywheel' => 'solid'], 'van' => ['actuation' => 'concentric', 'flywheel' => 'solid'],
        'truck' => ['actuation' => 'pull', 'flywheel' => 'pot', 'discs' => 'two'],
        'tractor' => ['actuation' => 'rod', 'flywheel' => 'solid', 'stages' => 'single'],
    ][$class];
    $document = Document::blank()->with(['vehicle'], (object) ['class' => $class, ...$plain]);
    foreach ($vehicle as $path => $value) {
        $at = str_starts_with($path, 'match.') || in_array($path, ['flywheel.thickness', 'shaft.tip_diameter'], true)
            ? ['readings', $path] : explode('.', $path);
        $document = $document->with($at, $value);
    }
    $sheet = JobSheet::of($document, Subjects::dictionary());
    $candidate = (new SheetReader(Subjects::dictionary()))->kit((object) ['name' => 'Kit', ...$kit]);

    return Assessment::ofKit($sheet, $candidate)->find("kit.{$check}")->verdict ?? Verdict::NotApplicable;
}

it('gives the verdict of a pair', function (string $class, string $check, array $vehicle, array $kit, Verdict $expected) {
    expect(fitOf($class, $vehicle, $kit, $check))->toBe($expected);
})->with(function () {
    [$in, $out, $near, $ask, $na] = [Verdict::Within, Verdict::Out, Verdict::Near, Verdict::Unmeasured, Verdict::NotApplicable];
    $circle = ['match.bolt_count' => 6, 'match.bolt_circle' => '256 mm'];
    $brings = ['flywheel_thickness' => '28 mm', 'ring_teeth' => 129, 'crank_bolt_count' => 8, 'crank_bolt_circle' => '75 mm'];
    $old = ['match.ring_teeth' => 129, 'match.crank_bolt_count' => 8, 'match.crank_bolt_circle' => '75.2 mm'];

    return [
        // Class
        ['car', 'class', [], ['classes' => ['car', 'van']], $in],
        ['van', 'class', [], ['classes' => ['car']], $out],
        ['truck', 'class', [], [], $ask],
        ['tractor', 'class', [], ['classes' => ['tractor']], $in],
        // Flat or pot flywheel: what is not said is asked of a twin, and usual for one disc
        ['truck', 'flywheel_shape', [], ['for_flywheel' => 'pot'], $in],
        ['truck', 'flywheel_shape', [], ['for_flywheel' => 'flat'], $out],
        ['truck', 'flywheel_shape', [], [], $ask],
        ['truck', 'flywheel_shape', ['vehicle.flywheel' => 'solid'], ['for_flywheel' => 'pot'], $out],
        ['truck', 'flywheel_shape', [], $brings, $na],
        ['car', 'flywheel_shape', [], [], $na],
        ['car', 'flywheel_shape', [], ['for_flywheel' => 'flat'], $in],
        ['car', 'flywheel_shape', [], ['for_flywheel' => 'pot'], $out],
        // Take-off speed: a kit that names one is held to it
        ['tractor', 'stages', ['vehicle.take_off_speed' => '540 rpm'], ['stages' => 'single', 'take_off_speed' => '540 rpm'], $in],
        ['tractor', 'stages', ['vehicle.take_off_speed' => '540 rpm'], ['stages' => 'single', 'take_off_speed' => '1000 rpm'], $out],
        ['tractor', 'stages', [], ['stages' => 'single', 'take_off_speed' => '1000 rpm'], $ask],
        ['tractor', 'stages', ['vehicle.take_off_speed' => '540 rpm'], ['stages' => 'single'], $in],
        // Balance: asked where either says that it is done by the flywheel
        ['car', 'flywheel', $old, [...$brings, 'balance' => 'external'], $ask],
        ['car', 'flywheel', [...$old, 'match.balance' => 'external'], $brings, $ask],
        ['car', 'flywheel', [...$old, 'match.balance' => 'external'], [...$brings, 'balance' => 'external'], $in],
        ['car', 'flywheel', [...$old, 'match.balance' => 'internal'], [...$brings, 'balance' => 'external'], $out],
        // Splines, by number and over the teeth
        ['car', 'spline_count', ['vehicle.spline_count' => 26], ['spline_count' => 26], $in],
        ['car', 'spline_count', ['vehicle.spline_count' => 26], ['spline_count' => 10], $out],
        ['van', 'spline_count', [], ['spline_count' => 10], $ask],
        ['truck', 'spline_count', ['vehicle.spline_count' => 10], [], $ask],
        ['tractor', 'spline_diameter', ['vehicle.spline_diameter' => '1-1/4 in'], ['spline_diameter' => '31.75 mm'], $in],
        ['tractor', 'spline_diameter', ['vehicle.spline_diameter' => '1-1/16 in'], ['spline_diameter' => '1-1/8 in'], $out],
        ['car', 'spline_diameter', ['vehicle.spline_diameter' => '1-1/8 in'], ['spline_diameter' => '28.775 mm'], $in],
        ['car', 'spline_diameter', ['vehicle.spline_diameter' => '1-1/8 in'], ['spline_diameter' => '28.8 mm'], $out],
        // The disc on the face, and in its own cover
        ['car', 'lining_outer', ['vehicle.friction_outer' => '232 mm'], ['lining_outer' => '228 mm'], $in],
        ['car', 'lining_outer', ['vehicle.friction_outer' => '232 mm'], ['lining_outer' => '232 mm'], $in],
        ['car', 'lining_outer', ['vehicle.friction_outer' => '232 mm'], ['lining_outer' => '240 mm'], $out],
        ['car', 'lining_outer', ['vehicle.friction_outer' => '232 mm'], ['lining_outer' => '228 mm', 'cover_window' => '225 mm'], $out],
        ['van', 'lining_outer', ['vehicle.friction_outer' => '232 mm'], ['lining_outer' => '240 mm', ...$brings], $ask],
        ['van', 'lining_outer', [], ['lining_outer' => '240 mm', 'flywheel_friction_outer' => '244 mm', ...$brings], $in],
        ['car', 'lining_inner', ['match.friction_inner' => '148 mm'], ['lining_inner' => '150 mm'], $in],
        ['car', 'lining_inner', ['match.friction_inner' => '155 mm'], ['lining_inner' => '150 mm'], $out],
        // Cover bolts: number, circle, size, dowels; a flywheel drilled twice takes either
        ['car', 'cover_bolts', $circle, ['bolt_count' => 6, 'bolt_circle' => '256.3 mm'], $in],
        ['car', 'cover_bolts', $circle, ['bolt_count' => 6, 'bolt_circle' => '256.4 mm'], $out],
        ['car', 'cover_bolts', $circle, ['bolt_count' => 9, 'bolt_circle' => '256 mm'], $out],
        ['car', 'cover_bolts', ['match.bolt_count' => 6, 'match.bolt_circle' => ['240 mm', '256 mm']],
            ['bolt_count' => 6, 'bolt_circle' => '256 mm'], $in],
        ['van', 'cover_bolts', [...$circle, 'match.bolt_size' => 'M8'], ['bolt_count' => 6, 'bolt_circle' => '256 mm',
            'bolt_size' => 'm8x1.25'], $in],
        ['van', 'cover_bolts', [...$circle, 'match.bolt_size' => 'M8'], ['bolt_count' => 6, 'bolt_circle' => '256 mm',
            'bolt_size' => 'M10'], $out],
        ['van', 'cover_bolts', [...$circle, 'match.dowels' => 3], ['bolt_count' => 6, 'bolt_circle' => '256 mm', 'dowels' => 2], $out],
        ['truck', 'cover_bolts', ['match.bolt_count' => 8], ['bolt_count' => 8, 'bolt_circle' => '400 mm'], $ask],
        ['van', 'cover_bolts', $circle, ['bolt_count' => 9, ...$brings], $na],
        // Hub against the crank bolts: a millimetre has to be left, and worn lining lets the hub in deeper
        ['car', 'hub_flywheel', ['match.crank_bolt_clearance' => '7 mm'], ['hub_flywheel' => '5 mm'], $in],
        ['car', 'hub_flywheel', ['match.crank_bolt_clearance' => '6 mm'], ['hub_flywheel' => '5 mm'], $in],
        ['car', 'hub_flywheel', ['match.crank_bolt_clearance' => '5.9 mm'], ['hub_flywheel' => '5 mm'], $out],
        ['car', 'hub_flywheel', ['match.crank_bolt_clearance' => '4 mm'], ['hub_flywheel' => '5 mm'], $out],
        ['car', 'hub_flywheel', ['match.crank_bolt_clearance' => '6.1 mm'], ['hub_flywheel' => '5 mm', 'usable_per_side' => '1.2 mm'],
            $near],
        ['car', 'hub_flywheel', ['match.crank_bolt_clearance' => '7 mm'], ['hub_flywheel' => '3 mm', 'damper_flywheel' => '6.5 mm'], $out],
        ['tractor', 'hub_flywheel', ['match.crank_bolt_clearance' => '7 mm'], [], $ask],
        // Hub against the fingers
        ['car', 'hub_gearbox', [], ['hub_gearbox' => '10 mm', 'thickness_new' => '8 mm', 'finger_height' => '38 mm',
            'release' => 'push', 'release_travel_max' => '9 mm'], $in],
        ['car', 'hub_gearbox', [], ['hub_gearbox' => '22 mm', 'thickness_new' => '8 mm', 'finger_height' => '38 mm',
            'release' => 'push', 'release_travel_max' => '9 mm'], $out],
        ['car', 'hub_gearbox', [], ['hub_gearbox' => '5 mm', 'hub_flywheel' => '8 mm', 'thickness_new' => '8 mm',
            'finger_height' => '38 mm',
            'release' => 'push', 'release_travel_max' => '9 mm'], $near],
        ['truck', 'hub_gearbox', [], ['hub_gearbox' => '22 mm', 'thickness_new' => '10 mm', 'finger_height' => '38 mm',
            'release' => 'pull'], $in],
        ['van', 'hub_gearbox', ['match.spline_length' => '20 mm'], ['hub_gearbox' => '10 mm', 'hub_flywheel' => '4 mm',
            'thickness_new' => '8 mm', 'finger_height' => '38 mm', 'release' => 'push', 'release_travel_max' => '9 mm'], $out],
        // Damper and flywheel
        ['car', 'damper', ['vehicle.flywheel' => 'dual_mass'], ['damper' => 'rigid'], $in],
        ['car', 'damper', ['vehicle.flywheel' => 'dual_mass'], ['damper' => 'sprung'], $near],
        ['car', 'damper', [], ['damper' => 'rigid'], $near],
        ['car', 'damper', ['duty' => 'competition'], ['damper' => 'rigid'], $in],
        ['car', 'damper', ['vehicle.flywheel' => 'dual_mass'], ['damper' => 'sprung', 'flywheel_kind' => 'solid', ...$brings], $in],
        // A flywheel in the kit
        ['car', 'flywheel', [], ['damper' => 'sprung'], $na],
        ['car', 'flywheel', $old, $brings, $in],
        ['car', 'flywheel', [...$old, 'match.ring_teeth' => 135], $brings, $out],
        ['car', 'flywheel', [...$old, 'match.ring_outer' => '280 mm'], [...$brings, 'ring_outer' => '310 mm'], $out],
        ['car', 'flywheel', [...$old, 'match.crank_bolt_circle' => '78 mm'], $brings, $out],
        ['car', 'flywheel', [...$old, 'match.balance' => 'external'], [...$brings, 'balance' => 'internal'], $out],
        ['car', 'flywheel', [], $brings, $ask],
        // Push or pull, and the bearing
        ['truck', 'release', [], ['release' => 'pull'], $in],
        ['car', 'release', ['match.release' => 'push'], ['release' => 'pull'], $out],
        // Push or pull is the cover's, whatever moves the bearing: a pull cover on a car is asked, of a truck with a slave either is.
        ['car', 'release', [], ['release' => 'pull'], $ask],
        ['car', 'release', [], ['release' => 'push'], $in],
        ['van', 'release', ['match.release' => 'pull'], ['release' => 'pull'], $in],
        ['van', 'release', ['match.release' => 'pull'], ['release' => 'push'], $out],
        ['truck', 'release', ['vehicle.actuation' => 'slave'], ['release' => 'pull'], $ask],
        ['truck', 'release', ['vehicle.actuation' => 'concentric'], ['release' => 'push'], $ask],
        ['truck', 'release', ['vehicle.actuation' => 'slave', 'match.release' => 'pull'], ['release' => 'pull'], $in],
        ['truck', 'release', ['vehicle.actuation' => 'concentric', 'match.release' => 'push'], ['release' => 'pull'], $out],
        ['tractor', 'release', [], [], $ask],
        ['van', 'bearing', [], ['bearing_kind' => 'fork'], $out],
        ['car', 'bearing', ['match.bearing_face' => 'flat'], ['finger_shape' => 'curved'], $in],
        ['car', 'bearing', ['match.bearing_face' => 'flat'], ['finger_shape' => 'flat'], $out],
        ['car', 'bearing', ['match.sleeve_outer' => '35 mm'],
            ['bearing_bore' => '35.2 mm', 'bearing_face' => 'flat', 'finger_shape' => 'curved'], $in],
        ['car', 'bearing', ['match.sleeve_outer' => '35 mm'],
            ['bearing_bore' => '34.8 mm', 'bearing_face' => 'flat', 'finger_shape' => 'curved'], $out],
        ['car', 'bearing', ['match.sleeve_outer' => '35 mm'], ['bearing_bore' => '36 mm', 'bearing_face' => 'flat'], $out],
        // Stack height: what the fingers move, the clearance loses
        ['car', 'stack_height', ['match.stack_height' => '38 mm'], ['finger_height' => '38.3 mm'], $in],
        ['car', 'stack_height', ['match.stack_height' => '38 mm'], ['finger_height' => '40 mm'], $near],
        ['car', 'stack_height', [], ['finger_height' => '40 mm'], $ask],
        ['car', 'stack_height', ['match.stack_height' => '38 mm', 'flywheel.thickness' => '30 mm'],
            ['finger_height' => '40 mm', ...$brings], $in],
        // Pilot, stages, speed, housing
        ['tractor', 'pilot', ['shaft.tip_diameter' => '15 mm'], ['pilot_bore' => '15.05 mm'], $in],
        ['tractor', 'pilot', ['shaft.tip_diameter' => '15 mm'], ['pilot_bore' => '14.9 mm'], $out],
        ['car', 'pilot', ['shaft.tip_diameter' => '15 mm'], ['pilot_bore' => '15.4 mm'], $out],
        ['car', 'pilot', ['vehicle.pilot' => 'none'], ['pilot_bore' => '15 mm'], $na],
        ['car', 'pilot', [], [], $na],
        ['tractor', 'stages', ['vehicle.stages' => 'two'], ['stages' => 'two'], $in],
        ['tractor', 'stages', ['vehicle.stages' => 'two'], ['stages' => 'single'], $out],
        ['tractor', 'stages', [], ['stages' => 'two'], $out],
        ['tractor', 'stages', ['vehicle.stages' => 'two'], [], $ask],
        ['truck', 'stages', [], ['discs' => 2], $in],
        ['truck', 'stages', [], ['discs' => 1], $out],
        ['car', 'stages', [], ['stages' => 'two'], $out],
        ['car', 'stages', [], [], $na],
        ['car', 'speed', ['engine.speed_limit' => '6500 rpm'], ['burst_speed' => '7800 rpm'], $in],
        ['car', 'speed', ['engine.speed_limit' => '6500 rpm'], ['burst_speed' => '7700 rpm'], $out],
        ['truck', 'speed', [], ['burst_speed' => '7700 rpm'], $ask],
        ['car', 'speed', ['engine.speed_limit' => '8000 rpm'], ['burst_speed' => '11000 rpm'], $ask],
        ['car', 'speed', ['engine.speed_limit' => '8000 rpm', 'match.flywheel_material' => 'iron'], ['burst_speed' => '11000 rpm'], $out],
        ['car', 'speed', ['engine.speed_limit' => '8000 rpm', 'match.flywheel_material' => 'steel', 'match.containment' => true],
            ['burst_speed' => '11000 rpm'], $in],
        ['van', 'housing', ['match.housing_room' => '320 mm'], ['cover_outer' => '318 mm'], $in],
        ['van', 'housing', ['match.housing_room' => '320 mm'], ['cover_outer' => '319 mm'], $out],
        ['van', 'housing', ['match.housing_room' => '320 mm'], ['cover_outer' => '300 mm', 'flywheel_outer' => '322 mm'], $out],
    ];
});

it('asks for the one datum that settles what is not measured', function () {
    $sheet = JobSheet::of(Document::blank()->with(['vehicle'], (object) ['class' => 'car']), Subjects::dictionary());
    $kit = (new SheetReader(Subjects::dictionary()))->kit((object) ['name' => 'Kit', 'hub_flywheel' => '4 mm']);
    foreach (Assessment::ofKit($sheet, $kit)->findings as $finding) {
        if ($finding->verdict === Verdict::Unmeasured) {
            expect($finding->missing)->not->toBe([])->and($finding->say(metric()))->toEndWith('.');
        }
    }
    expect(Assessment::ofKit($sheet, $kit)->find('kit.hub_flywheel')?->missing)->toBe(['match.crank_bolt_clearance']);
});

it('has a name for every check, and one check for a name', function () {
    $ids = array_map(static fn ($check): string => $check->id(), FitTable::checks());

    expect(array_unique($ids))->toBe($ids)->and(count($ids))->toBeGreaterThanOrEqual(13);
    foreach ($ids as $id) {
        expect(FitTable::label($id))->not->toBe('');
    }
});
