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
                $wanted === null => FitAnswer::ask(FitSentences::ask('tractor_stages'), 'vehicle.stages'),
                $stages === null => FitAnswer::ask(FitSentences::ask('stages'), 'kit.stages'),
                $stages === 'two' && $discs !== null && $discs !== 2 => FitAnswer::out(FitSentences::twoStagesHaveTwoDiscs($discs)),
                default => FitAnswer::when($stages === $wanted, FitSentences::stages($stages === 'two', $stages === $wanted)),
            };
        }
        if ($class === VehicleClass::Truck) {
            $wanted = $case->sheet->isTwinDisc() ? 2 : ($case->vehicle->word('vehicle.discs') === 'one' ? 1 : null);

            return match (true) {
                $wanted === null => FitAnswer::ask(FitSentences::ask('truck_discs'), 'vehicle.discs'),
                $discs === null => FitAnswer::ask(FitSentences::ask('discs'), 'kit.discs'),
                default => FitAnswer::when($discs === $wanted, FitSentences::discs($discs, $wanted)),
            };
        }

        return $stages === 'two'
            ? FitAnswer::out(FitSentences::stagesOfTractor())
            : FitAnswer::notApplicable(FitSentences::notMade('one_stage'));
    }
}
