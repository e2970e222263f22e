<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Sheet\Document;
use Spindle\Vehicle\VehicleClass;

/** Vehicles to practise on, sound in every part, as documents of the open format. Invented. */
final class Builds
{
    private const PARTS = ['disc', 'cover', 'flywheel', 'bearing', 'fork', 'sleeve', 'pilot', 'shaft', 'seals', 'surroundings'];

    private const HAIR = 0.12;

    /** By the maker, where the flywheel comes off. Invented. */
    private const FLYWHEEL_BOLTS = ['bolts' => 6, 'torque' => '110 Nm', 'thread' => 'M10x1.0', 'grade' => '10.9'];

    /** @return array<string, array<string, mixed>> by name */
    public static function all(): array
    {
        return [
            'hatchback, cable' => self::cable(), 'estate, slave' => self::slave(), 'van, concentric' => self::concentric(),
            'truck, pulled' => self::truck(), 'tractor, rod' => self::tractor(), 'tractor, two stages' => self::twoStages(),
        ];
    }

    /**
     * A vehicle's whole job with a new clutch, well done: what the papers say of it, what is read that carries no fault, the kit that is
     * right for it, and what it all comes to at the end.
     *
     * @return array<string, mixed>
     */
    public static function whole(string $build): array
    {
        $whole = match ($build) {
            'hatchback, cable' => WholeWork::with(WholeWork::carCable(), [
                'release' => ['self_adjusting' => null, 'free_play' => '10 mm', 'rod_pitch' => '1.25 mm'],
                'prove' => ['take_up' => ['height' => '80 mm']],
            ]),
            'estate, slave' => WholeWork::with(WholeWork::carSlave(), ['release' => ['rod_pitch' => '1.0 mm']]),
            // A kit of its own: on one shelf a number is one kit.
            'van, concentric' => WholeWork::with(
                WholeWork::vanConcentric(), ['kit' => ['name' => 'Wharf 215 concentric', 'number' => 'MQ-215-C']],
            ),
            'truck, pulled' => self::oneDisc(WholeHeavyWork::truck()),
            'tractor, rod' => WholeHeavyWork::tractor(),
            'tractor, two stages' => WholeHeavyWork::twoStage(),
            default => WholeWork::carSlave(),
        };
        /** @var array<string, mixed> $vehicle */
        $vehicle = self::all()[$build]['vehicle'] ?? [];

        return WholeWork::with($whole, ['vehicle' => $vehicle, ...self::readWithDoubt($whole), ...self::circuit($build),
            'fastening' => ['flywheel' => self::FLYWHEEL_BOLTS], 'release' => ['firm_again' => false]]);
    }

    /**
     * As a file of the open format.
     *
     * @param  array<string, mixed>  $document
     */
    public static function written(array $document): Document
    {
        return Document::ofJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$document]));
    }

    /**
     * A bearing that goes on by a hair goes on whatever the calliper says.
     *
     * @param  array<string, mixed>  $whole
     * @return array<string, mixed>
     */
    private static function readWithDoubt(array $whole): array
    {
        $sleeve = is_array($whole['readings'] ?? null) ? $whole['readings']['match.sleeve_outer'] ?? null : null;

        return is_string($sleeve) ? ['readings' => ['match.sleeve_outer' => round((float) $sleeve - self::HAIR, 2).' mm']] : [];
    }

    /** @return array<string, mixed> of a circuit that is filled and bled once more */
    private static function circuit(string $build): array
    {
        return $build !== 'estate, slave' ? [] : ['hydraulics' => ['fluid_wanted' => 'dot4', 'fluid' => 'dot4', 'school' => 'helper',
            'steps_done' => ['s1', 's2', 's3', 's4', 's5'], 'counted_3' => 6, 'proof' => 'firm']];
    }

    /**
     * @param  array<string, mixed>  $twin
     * @return array<string, mixed>
     */
    private static function oneDisc(array $twin): array
    {
        return WholeWork::with($twin, [
            'vehicle' => ['discs' => 'one', 'flywheel' => 'solid', 'spline_count' => 24],
            'engine' => ['peak_torque' => '900 Nm'],
            'readings' => [
                'disc2.thickness_new' => null, 'disc2.thickness' => null, 'disc2.usable_per_side' => null, 'disc2.conditions' => null,
                'intermediate.pin_clearance' => null, 'intermediate.flatness' => null, 'intermediate.conditions' => null,
                'flywheel.pot_depth' => null, 'flywheel.pot_depth_wanted' => null, 'parts.intermediate_plate' => null,
                'parts.drive_pins' => null, 'fit.pins' => null, 'fit.intermediate' => null, 'fit.pin_clearance' => null,
                'match.crank_bolt_clearance' => '12 mm',
                'bench.splines_old' => 24, 'bench.splines_new' => 24,
            ],
            'kit' => [
                'name' => 'Harbour 350 pull', 'number' => 'HB-350-1P', 'discs' => 1, 'clamp_load' => '22 kN', 'claimed_torque' => '1650 Nm',
                'release_load' => '4.4 kN', 'spring_rate' => '900 N/mm', 'for_flywheel' => null, 'spline_count' => 24,
                'contents' => 'Disc, cover, release bearing, clutch brake', 'wear_travel' => '3.2 mm',
            ],
        ]);
    }

    /**
     * @return non-empty-list<string> names of those of a class; all where none is said
     *
     * @throws PracticeError where there is none
     */
    public static function named(?VehicleClass $class): array
    {
        $of = static fn (array $document): mixed => is_array($document['vehicle'] ?? null) ? $document['vehicle']['class'] : null;
        $found = array_filter(self::all(), static fn (array $d): bool => $class === null || $of($d) === $class->value);

        return $found === [] ? throw PracticeError::noSuchVehicle($class->value ?? '') : array_keys($found);
    }

    /**
     * @param  array<string, mixed>  $vehicle
     * @param  array<string, mixed>  $readings
     * @param  array<string, mixed>  $release
     * @param  list<string>  $without  parts it does not have
     * @param  array<string, mixed>  $limits  the maker's
     * @return array<string, mixed>
     */
    private static function sound(array $vehicle, array $readings, array $release, array $without = [], array $limits = []): array
    {
        $parts = array_diff(self::PARTS, $without);
        $looks = array_fill_keys(array_map(static fn (string $p): string => "{$p}.conditions", $parts), ['none']);

        return [
            'vehicle' => ['flywheel' => 'solid', 'pilot' => 'flywheel', ...$vehicle],
            'readings' => [
                'disc.thickness_new' => '8.4 mm', 'disc.thickness' => ['7.9 mm', '7.9 mm', '7.9 mm'], 'disc.usable_per_side' => '1.1 mm',
                'disc.rivet_depth_flywheel' => ['0.9 mm', '0.9 mm', '0.9 mm'], 'disc.rivet_depth_cover' => ['0.9 mm', '0.9 mm', '0.9 mm'],
                'disc.runout' => '0.2 mm', 'disc.hub_play' => '0.1 mm', 'cover.kind' => 'diaphragm',
                'cover.finger_heights' => ['37.4 mm', '37.4 mm', '37.4 mm', '37.4 mm'],
                'cover.flatness' => ['0.05 mm', '0.05 mm', '0.05 mm'],
                'cover.clamp_load' => '4.7 kN', 'cover.clamp_load_new' => '4.8 kN', 'cover.finger_wear' => '0.1 mm',
                'flywheel.face_runout' => ['0.03 mm'], 'flywheel.measuring_diameter' => '200 mm',
                'flywheel.flatness' => ['0.02 mm', '0.02 mm', '0.02 mm'], 'flywheel.thickness' => '25.05 mm',
                'flywheel.thickness_min' => '24.2 mm', 'pilot.kind' => 'bush', 'pilot.play' => ['0.08 mm'], 'bearing.play' => '0.08 mm',
                ...$looks, ...$readings,
            ],
            'release' => $release,
            'limits' => ['bearing.play' => ['max' => '0.3 mm', 'source' => 'maker'],
                'flywheel.bolt_torque' => ['min' => '95 Nm', 'source' => 'maker'], ...$limits],
        ];
    }

    /** @return array<string, mixed> */
    private static function cable(): array
    {
        return self::sound(
            ['name' => 'Practice hatchback', 'class' => 'car', 'actuation' => 'cable'], [],
            ['free_play' => '10 mm', 'pedal_travel' => '140 mm', 'pedal_ratio' => 4, 'linkage_ratio' => 2, 'fork_ratio' => 3.1,
                'finger_ratio' => 3.1, 'cushion' => '0.6 mm', 'air_gap_measured' => ['0.55 mm', '0.55 mm']],
        );
    }

    /** @return array<string, mixed> */
    private static function slave(): array
    {
        return self::sound(
            ['name' => 'Practice estate', 'class' => 'car', 'actuation' => 'slave'], ['cover.kind' => 'self_adjusting'],
            ['free_play' => '3.5 mm', 'pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'master_bore' => '15.87 mm',
                'slave_bore' => '22.2 mm', 'fork_ratio' => 1.7, 'clearance' => '1.0 mm', 'finger_ratio' => 3.1, 'cushion' => '0.6 mm',
                'air_gap_measured' => ['0.6 mm', '0.6 mm']],
        );
    }

    /** @return array<string, mixed> */
    private static function concentric(): array
    {
        return self::sound(
            ['name' => 'Practice van', 'class' => 'van', 'actuation' => 'concentric', 'flywheel' => 'dual_mass'],
            ['flywheel.free_play' => '4 °', 'flywheel.rock' => '0.8 mm'],
            ['free_play' => '3.5 mm', 'pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'master_bore' => '20.64 mm', 'slave_outer' => '60 mm',
                'slave_inner' => '44 mm', 'light_contact' => true, 'finger_ratio' => 3.1, 'cushion' => '0.6 mm',
                'air_gap_measured' => ['0.6 mm', '0.6 mm']],
            ['fork', 'sleeve'],
            ['flywheel.free_play' => ['max' => '12 °', 'source' => 'maker'], 'flywheel.rock' => ['max' => '2.0 mm', 'source' => 'maker']],
        );
    }

    /** @return array<string, mixed> */
    private static function truck(): array
    {
        return self::sound(
            ['name' => 'Practice ferry shunter', 'class' => 'truck', 'actuation' => 'pull', 'discs' => 'one', 'adjusting' => 'manual'],
            ['disc.thickness_new' => '9.9 mm', 'disc.thickness' => ['9.3 mm', '9.3 mm', '9.3 mm'], 'disc.usable_per_side' => '1.6 mm',
                'disc.rivet_depth_flywheel' => ['1.3 mm', '1.3 mm', '1.3 mm'], 'disc.rivet_depth_cover' => ['1.3 mm', '1.3 mm', '1.3 mm'],
                'flywheel.measuring_diameter' => '330 mm', 'flywheel.face_runout' => ['0.06 mm'], 'flywheel.thickness' => '74.7 mm',
                'flywheel.thickness_min' => '73.6 mm', 'cover.clamp_load' => '11.3 kN', 'cover.clamp_load_new' => '11.5 kN',
                'cover.kind' => 'levers', 'cover.finger_heights' => ['84.0 mm', '84.0 mm', '84.0 mm', '84.0 mm'],
                'truck.brake' => 'good', 'truck.bearing_gap' => '13.0 mm', 'truck.fork_play' => '3.2 mm', 'truck.free_pedal' => '50 mm',
                'truck.brake_squeeze' => '15 mm'],
            ['linkage_ratio' => 2, 'pedal_ratio' => 5, 'fork_ratio' => 1.6, 'pedal_travel' => '230 mm', 'finger_ratio' => 2.8,
                'cushion' => '0.6 mm', 'air_gap_measured' => ['0.6 mm', '0.6 mm']],
        );
    }

    /** @return array<string, mixed> */
    private static function tractor(): array
    {
        return self::sound(
            ['name' => 'Practice vineyard tractor', 'class' => 'tractor', 'actuation' => 'rod', 'stages' => 'single', 'take_off' => 'none'],
            ['flywheel.measuring_diameter' => '270 mm', 'cover.kind' => 'levers',
                'cover.finger_heights' => ['60.0 mm', '60.0 mm', '60.0 mm', '60.0 mm']],
            ['free_play' => '25 mm', 'pedal_travel' => '160 mm', 'pedal_ratio' => 4, 'linkage_ratio' => 2, 'fork_ratio' => 2.1,
                'finger_ratio' => 4.5, 'cushion' => '0.6 mm', 'air_gap_measured' => ['0.6 mm', '0.6 mm'], 'rod_pitch' => '1.5 mm'],
        );
    }

    /** @return array<string, mixed> */
    private static function twoStages(): array
    {
        $tractor = self::tractor();

        return [
            ...$tractor,
            'vehicle' => [...(array) $tractor['vehicle'], 'name' => 'Practice orchard tractor', 'stages' => 'two', 'take_off' => 'clutch'],
            'readings' => [
                ...(array) $tractor['readings'], 'disc2.thickness_new' => '8.4 mm', 'disc2.thickness' => ['8.0 mm', '8.0 mm', '8.0 mm'],
                'disc2.usable_per_side' => '1.1 mm', 'disc2.conditions' => ['none'], 'two_stage.conditions' => ['none'],
                'two_stage.lever_heights' => ['92.0 mm', '92.1 mm', '92.0 mm', '92.1 mm', '92.0 mm', '92.1 mm'],
                'two_stage.travel_total' => '20 mm', 'two_stage.travel_to_first' => '10 mm',
                'two_stage.air_gap_travel' => ['0.6 mm', '0.6 mm'], 'two_stage.air_gap_take_off' => ['0.6 mm', '0.6 mm'],
            ],
        ];
    }
}
