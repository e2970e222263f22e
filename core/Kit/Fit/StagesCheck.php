<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Vehicle\VehicleClass;

/** As many stages and discs as the vehicle works with. */
final readonly class StagesCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.stages';
    }

    public function label(): string
    {
        return 'Stages and discs';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.stages', 'vehicle.discs'];
    }

    public function ofKit(): array
    {
        return ['kit.stages', 'kit.discs'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $class = $case->sheet->vehicleClass();
        [$stages, $discs] = [$case->kit->word('kit.stages'), $case->kit->count('kit.discs')];
        if ($class === VehicleClass::Tractor) {
            $wanted = $case->vehicle->word('vehicle.stages');

            return match (true) {
                $wanted === null => FitAnswer::ask('Single or two-stage clutch: not entered.', 'vehicle.stages'),
                $stages === null => FitAnswer::ask('The kit does not say whether it is single or two-stage.', 'kit.stages'),
                $stages === 'two' && $discs !== null && $discs !== 2 => FitAnswer::out("Two stages have two discs, the kit has {$discs}."),
                $stages === $wanted => FitAnswer::within($stages === 'two' ? 'Two-stage: travel and take-off.' : 'Single-stage.'),
                default => FitAnswer::out($stages === 'two' ? 'A two-stage clutch; this tractor has one stage.'
                    : 'A single clutch; this tractor works its take-off through a second stage.'),
            };
        }
        if ($class === VehicleClass::Truck) {
            $wanted = $case->sheet->isTwinDisc() ? 2 : ($case->vehicle->word('vehicle.discs') === 'one' ? 1 : null);

            return match (true) {
                $wanted === null => FitAnswer::ask('One disc or two: not entered.', 'vehicle.discs'),
                $discs === null => FitAnswer::ask('The kit does not say how many discs it has.', 'kit.discs'),
                $discs === $wanted => FitAnswer::within($discs === 1 ? 'One disc.' : "{$discs} discs."),
                default => FitAnswer::out("{$discs} ".($discs === 1 ? 'disc' : 'discs')." in the kit, {$wanted} in this truck."),
            };
        }

        return $stages === 'two'
            ? FitAnswer::out('A two-stage clutch of a tractor.')
            : FitAnswer::notApplicable('One stage in this class of vehicle.');
    }
}
