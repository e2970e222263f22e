<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use App\Page\FieldsNow;

/** Demand: what engine and start ask of the clutch. */
final readonly class Demand
{
    private const ENGINE = ['engine.peak_torque', 'engine.power', 'engine.power_speed', 'engine.measured_at', 'engine.driveline_loss',
        'engine.uplift', 'engine.speed_limit', 'duty', 'engine.curve'];

    private const START = ['launch.vehicle_mass', 'launch.rolling_radius', 'launch.ratio', 'launch.engine_speed', 'launch.grade',
        'launch.ground', 'launch.trailer_mass', 'launch.load_torque', 'launch.plate_mass'];

    /**
     * @param  FieldsNow  $engine  what is asked of the engine
     * @param  FieldsNow  $start  what is asked of a start
     * @param  bool  $isModified  a curve of before a modification is entered, or is about to be
     */
    private function __construct(public FieldsNow $engine, public FieldsNow $start, public bool $isModified)
    {
    }

    public static function of(Entries $entries): self
    {
        return new self(
            FieldsNow::of($entries, 'engine', self::ENGINE), FieldsNow::of($entries, 'start', self::START),
            $entries->job->values()->curve('engine.curve_before') !== null
                || Fold::isOpen($entries, Fold::MODIFIED, 'engine.curve_before', 'demand.reserve'),
        );
    }
}
