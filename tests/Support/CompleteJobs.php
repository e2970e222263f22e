<?php

declare(strict_types=1);

namespace Tests\Support;

use Spindle\Assessment\Subjects;
use Spindle\Practice\WholeHeavyWork;
use Spindle\Practice\WholeWork;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;

/** Complete jobs of each class, actuation and outcome: whatever is owed is there, and nothing is near or out. Invented. */
final class CompleteJobs
{
    /** @return array<string, array<string, mixed>> documents by what the job is */
    public static function all(): array
    {
        return [
            'car, cable, new clutch' => WholeWork::carCable(),
            'car, slave, new clutch' => WholeWork::carSlave(),
            'van, concentric, new clutch' => WholeWork::vanConcentric(),
            'truck, pull, twin disc, new clutch' => WholeHeavyWork::truck(),
            'truck, one disc, air-assisted, new clutch' => WholeHeavyWork::truckOneDisc(),
            'tractor, rod, new clutch' => WholeHeavyWork::tractor(),
            'tractor, two stages, new clutch' => WholeHeavyWork::twoStage(),
            'car, cable, adjusted' => self::adjusted(),
            'truck, pull, adjusted' => self::truckAdjusted(),
            'tractor, two stages, adjusted' => self::twoStageAdjusted(),
            'car, slave, bled' => self::bled(),
            'car, slave, actuation repaired' => self::repaired(),
            'car, not the clutch' => self::notTheClutch(),
        ];
    }

    /** @param  array<string, mixed>  $document */
    public static function sheet(array $document): JobSheet
    {
        return JobSheet::ofJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$document]),
            Subjects::dictionary());
    }

    /** @param  array<string, mixed>  $document */
    public static function document(array $document): Document
    {
        return Document::ofJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$document]));
    }

    /**
     * One of them, changed: nothing takes an entry out, lists are put in whole.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function with(array $document, array $more): array
    {
        return WholeWork::with($document, $more);
    }

    /**
     * What a job without an open clutch has: the vehicle, the complaint, the triage, the release, the tests.
     *
     * @param  array<string, mixed>  $job
     * @return array<string, mixed>
     */
    private static function closed(array $job, string $kind): array
    {
        $kept = ['odometer', 'hour_meter', 'triage.', 'truck.', 'two_stage.'];
        /** @var array<string, mixed> $readings */
        $readings = $job['readings'];
        $isKept = static fn (string $key): bool => array_filter($kept, static fn (string $k): bool => str_starts_with($key, $k)) !== [];
        $closed = array_filter($readings, static fn (string $key): bool => $isKept($key) && $key !== 'two_stage.conditions',
            ARRAY_FILTER_USE_KEY);

        $vehicle = ['spline_count', 'spline_diameter', 'friction_outer', 'pilot', 'take_off', 'take_off_speed'];
        $release = ['pedal_ratio', 'linkage_ratio', 'fork_ratio', 'master_bore', 'slave_bore', 'rod_pitch', 'clearance', 'cushion',
            'finger_ratio', 'air_gap_measured', 'slave_stroke_left'];
        $isTractor = isset($readings['hour_meter']);

        return self::with(
            array_diff_key($job, array_flip(['kit', 'fastening', 'engine', 'duty', 'limits', 'readings', 'hydraulics', 'instruments'])),
            ['readings' => [...$closed, 'triage.kind' => $kind], 'vehicle' => array_fill_keys($vehicle, null),
                'release' => array_fill_keys($release, null), 'prove' => ['judder' => null, 'creep' => null,
                    'recheck' => $isTractor ? ['hours' => '100 h'] : ['after' => '5000 km']]],
        );
    }

    /** @return array<string, mixed> */
    private static function adjusted(): array
    {
        return self::with(self::closed(WholeWork::carCable(), 'adjust'), [
            'complaint' => 'Takes hold right at the top of the pedal.',
            'readings' => ['triage.signs' => ['bites_high', 'no_free_play']],
            'release' => ['self_adjusting' => null, 'free_play' => '10 mm', 'take_up_wanted' => '65 %'],
            'instruments' => ['release.free_play' => 'steel_rule'],
        ]);
    }

    /** @return array<string, mixed> */
    private static function truckAdjusted(): array
    {
        return self::with(self::closed(WholeHeavyWork::truck(), 'adjust'), [
            'complaint' => 'No free pedal left.',
            'release' => ['pedal_travel' => null], 'prove' => ['take_up' => ['height' => null]],
            'readings' => ['triage.signs' => ['no_free_play']],
            'instruments' => ['truck.bearing_gap' => 'calliper', 'truck.fork_play' => 'calliper', 'truck.free_pedal' => 'calliper'],
        ]);
    }

    /** @return array<string, mixed> */
    private static function twoStageAdjusted(): array
    {
        return self::with(self::closed(WholeHeavyWork::twoStage(), 'adjust'), [
            'complaint' => 'Takes hold high, no play left at the pedal.',
            'release' => ['pedal_travel' => null], 'prove' => ['take_up' => null],
            'readings' => ['triage.signs' => ['bites_high', 'no_free_play']],
        ]);
    }

    /** @return array<string, mixed> */
    private static function bled(): array
    {
        return self::with(self::closed(WholeWork::carSlave(), 'bleed'), [
            'complaint' => 'Spongy pedal since the brakes were done.',
            'readings' => ['triage.signs' => ['spongy', 'after_hydraulic']],
            'release' => ['pedal_travel' => null],
            'prove' => ['switches' => null, 'slip' => null, 'take_up' => ['height' => null]],
            'hydraulics' => ['fluid_wanted' => 'dot4', 'fluid' => 'dot4', 'school' => 'helper',
                'steps_done' => ['s1', 's2', 's3', 's4', 's5'],
                'counted_3' => 6, 'proof' => 'firm'],
        ]);
    }

    /** @return array<string, mixed> */
    private static function repaired(): array
    {
        return self::with(self::bled(), [
            'complaint' => 'The pedal sinks when it is held.',
            'release' => ['pedal_travel' => '140 mm'],
            'prove' => ['switches' => ['result' => 'pass'], 'slip' => ['result' => 'pass'], 'take_up' => ['height' => '79 mm']],
            'readings' => ['triage.kind' => 'repair_actuation', 'triage.signs' => ['sinks'],
                'triage.repaired' => 'Master cylinder replaced'],
        ]);
    }

    /** @return array<string, mixed> */
    private static function notTheClutch(): array
    {
        return [
            'units' => 'metric',
            'vehicle' => ['name' => 'Ostrel Marle 1.6 estate', 'plate' => 'GW 033 L', 'class' => 'car', 'actuation' => 'slave',
                'flywheel' => 'solid'],
            'complaint' => 'Second grinds when it is cold.',
            'readings' => ['odometer' => '97 400 km', 'triage.signs' => ['one_gear_grinds'], 'triage.t_reverse' => 'negative',
                'triage.kind' => 'not_the_clutch', 'triage.referred' => 'Synchroniser of second, to the gearbox shop'],
        ];
    }
}
