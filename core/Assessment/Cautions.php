<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Sheet\Station;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/** What can hurt somebody, said once where the work is. Common practice of the trade; the maker's procedure and local rules decide. */
final class Cautions
{
    /**
     * @param  Actuation|null  $actuation  nothing where nobody has said what works the clutch: fluid is warned of then
     * @return list<string>
     */
    public static function at(Station $station, ?VehicleClass $class, ?Actuation $actuation = null): array
    {
        $truck = $class === VehicleClass::Truck;
        $tractor = $class === VehicleClass::Tractor;

        return array_values(
            array_filter(
                [
                    match ($station) {
                        Station::Intake => 'Vehicle on rated stands on firm ground, wheels chocked, battery off. A gearbox can '.
                            'crush: jack or lift with straps, and a helper.',
                        Station::Triage => 'Engine tests: clear ahead, level, chocks ready, brake on, nobody in front or behind; a '.
                            'dragging clutch can lurch.',
                        Station::Strip => 'Old dust may hold asbestos: never blow it with air; wet wipe or filtered vacuum, and a '.
                            'mask. Keep solvents from flames. Springs are loaded: loosen the cover crosswise in steps. A flywheel '.
                            'is heavy with a sharp ring: block it.',
                        Station::Kit => 'Above 7000 rpm or in competition: steel flywheel, containment, scatter shield, harness; '.
                            'cast iron bursts.',
                        Station::Bench => 'Lever and coil covers are taken apart only in a press with the cover caged.',
                        Station::Fit => 'Gloves for frozen or heated parts, extinguisher at hand, no flame near fluid or fuel. '.
                            'Never draw the gearbox in with its bolts.',
                        Station::Set => $actuation?->isHydraulic() === false
                            ? 'Engine not able to start, and nobody at the pedal while hands are at lever, cable or rod.'
                            : 'Eye protection; fluid off skin and paint. The piston can fly out: never press the pedal with it free.',
                        Station::Prove => 'Clear ahead, level, chocks ready, brake on, nobody in front or behind. Short bursts '.
                            'only. Road tests by a licensed driver, within the law.',
                        default => '',
                    },
                    $truck && in_array($station, [Station::Strip, Station::Fit], true)
                        ? 'A twin-disc assembly weighs as much as a person: use a lifting device.'
                        : '',
                    $truck && $station === Station::Set
                        ? 'Nobody at the pedal while fingers are at the inspection hole; never reach in while the engine can start.'
                        : '',
                    $tractor && in_array($station, [Station::Intake, Station::Strip], true)
                        ? 'Split on proper stands, front axle wedged.'
                        : '',
                    $tractor && in_array($station, [Station::Set, Station::Prove], true)
                        ? 'Power take-off guarded, nobody near it, key out when reaching in.'
                        : '',
                ],
                static fn (string $text): bool => $text !== '',
            ),
        );
    }
}
