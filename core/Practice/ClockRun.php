<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Inspection\Flywheel\FaceDial;
use Spindle\Inspection\Flywheel\FlywheelFields;

/**
 * The face of a flywheel around the clock: what the dial shows at each place for the runout there is, tilted as a whole, or in two waves
 * where heat has raised spots; and the spots themselves, at the crests.
 */
final readonly class ClockRun
{
    private const RUNOUT = 'flywheel.face_runout';

    private const SPOTS = 'heat_spots';

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function by(array $document, Seed $seed): array
    {
        /** @var array<string, mixed> $readings */
        $readings = is_array($document['readings'] ?? null) ? $document['readings'] : [];
        if (! isset($readings[self::RUNOUT])) {
            return $document;
        }
        $seen = $readings['flywheel.conditions'] ?? [];
        $hasSpots = is_array($seen) && in_array(self::SPOTS, $seen, true);
        $places = count(FaceDial::CLOCK);
        $top = (int) $seed->between('face runs high at', 0, $places - 0.001);
        $crests = $hasSpots ? 2 : 1;
        foreach (FlywheelFields::dialKeys() as $place => $key) {
            $angle = 2 * M_PI * $crests * ($place - $top) / $places;
            $readings[$key] = Size::written(Size::number($readings[self::RUNOUT]) * (1 + cos($angle)) / 2, 'mm');
        }
        if ($hasSpots) {
            $radius = Size::written(Size::number($readings['flywheel.measuring_diameter']) / 2, 'mm');
            $readings['flywheel.marks'] = array_map(
                static fn (int $at): string => 'heat_spot '.FaceDial::CLOCK[$at % $places]." {$radius}", [$top, $top + intdiv($places, 2)],
            );
        }

        return [...$document, 'readings' => $readings];
    }
}
