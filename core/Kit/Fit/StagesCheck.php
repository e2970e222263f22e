<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Speed;
use Spindle\Vehicle\VehicleClass;

/** As many stages and discs as the vehicle works with. */
final readonly class StagesCheck implements FitCheck
{
    /** How far two speeds of a take-off may differ and be the same. From memory [M]. */
    private const SAME_SPEED = 0.05;

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
        return ['vehicle.stages', 'vehicle.discs', 'vehicle.take_off_speed'];
    }

    public function ofKit(): array
    {
        return ['kit.stages', 'kit.discs', 'kit.take_off_speed'];
    }

    public function needs(FitCase $case): array
    {
        return match ($case->sheet->vehicleClass()) {
            VehicleClass::Tractor => ['kit.stages'],
            VehicleClass::Truck => ['kit.discs'],
            default => [],
        };
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
                $stages === $wanted => self::takeOff($case) ?? FitAnswer::within(FitSentences::stages($stages === 'two', true)),
                default => FitAnswer::out(FitSentences::stages($stages === 'two', false)),
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

        return match (true) {
            $stages === 'two' => FitAnswer::out(FitSentences::stagesOfTractor()),
            // Two discs stand on a flywheel of their own, or the cover has no room for them.
            ($discs ?? 1) > 1 && ! $case->bringsFlywheel && ! $case->sheet->isTwinDisc() => FitAnswer::out(
                FitSentences::discsWithoutTheirFlywheel(),
            ),
            default => FitAnswer::notApplicable(FitSentences::notMade('one_stage')),
        };
    }

    /** A kit that names the speed of its take-off is held to it; nothing where it names none, or it is right. */
    private static function takeOff(FitCase $case): ?FitAnswer
    {
        $kit = $case->kit->one(Speed::class, 'kit.take_off_speed');
        $tractor = $case->vehicle->one(Speed::class, 'vehicle.take_off_speed');

        return match (true) {
            $kit === null => null,
            $tractor === null => FitAnswer::ask(FitSentences::ask('take_off_speed'), 'vehicle.take_off_speed'),
            abs($kit->value / $tractor->value - 1.0) > self::SAME_SPEED => FitAnswer::out(FitSentences::takeOffSpeeds($kit, $tractor)),
            default => null,
        };
    }
}
