<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Practice\Builds;
use Spindle\Practice\Hidden;
use Spindle\Practice\PedalSetting;
use Spindle\Practice\Seed;
use Spindle\Practice\WholeWork;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;

/*
 * Prints, as JSON, two hundred practice vehicles: every size as it really is, as written, and what the core works out of them: wear of
 * the old clutch, and of the whole job with the kit that is right gap, take-up, travel, force and how much it carries. Run by
 * practice.test.mjs.
 */

require dirname(__DIR__, 2).'/vendor/autoload.php';

const VEHICLES = 200;

const FIGURES = ['wear.used', 'wear.percent', 'capacity.run_in', 'capacity.new', 'capacity.margin', 'demand.engine_torque', 'release.lift',
    'release.air_gap', 'release.air_gap_face', 'release.take_up_percent', 'release.bearing_travel', 'release.pedal_force'];

$vehicles = [];
for ($number = 1; $number <= VEHICLES; $number++) {
    $hidden = Hidden::of(Seed::of($number * 53));
    $found = WholeWork::with(Builds::whole($hidden->build), $hidden->document);
    $sheet = JobSheet::of(Builds::written($found), Subjects::dictionary());
    $figures = [];
    foreach (Assessment::of($sheet)->figures as $figure) {
        if (in_array($figure->name, FIGURES, true)) {
            $figures[$figure->name] = ['value' => $figure->value, 'unit' => $figure->unit];
        }
    }
    // As it lies once the clutch is in, and after two turns of the adjuster.
    $good = Builds::written(Builds::whole($hidden->build));
    $turned = JobSheet::of(
        $good->with(['release', 'turns_made'], ['2'])->with(['readings', 'triage.kind'], 'strip'), Subjects::dictionary(),
    );
    $setting = PedalSetting::of($hidden, $turned, $good, true);
    $lies = $setting->found();
    $vehicles[] = [
        'good' => Builds::whole($hidden->build)['release'],
        'set' => $lies === null ? null : ['lies' => $lies->value, 'turned' => $setting->now()?->value,
            'gap' => $setting->shifted(Length::mm(1.0), 'release.air_gap_measured')->value],
        'code' => $hidden->seed->code(), 'build' => $hidden->build,
        'causes' => array_map(static fn ($c): string => $c->id, $hidden->causes),
        'actuation' => $sheet->actuation()->value, 'readings' => $found['readings'], 'release' => $found['release'],
        'kit' => $found['kit'], 'engine' => $found['engine'], 'figures' => $figures,
    ];
}
echo json_encode($vehicles, JSON_THROW_ON_ERROR);
