<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** Made for this class of vehicle. */
final readonly class VehicleClassCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.class';
    }

    public function label(): string
    {
        return 'Class of vehicle';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.class'];
    }

    public function ofKit(): array
    {
        return ['kit.classes'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.classes'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $class = $case->sheet->vehicleClass();
        $classes = $case->kit->words('kit.classes');

        return match (true) {
            $class === null => FitAnswer::ask(FitSentences::ask('class'), 'vehicle.class'),
            $classes === [] => FitAnswer::ask(FitSentences::ask('classes'), 'kit.classes'),
            in_array($class->value, $classes, true) => FitAnswer::within(FitSentences::vehicleClass(true)),
            default => FitAnswer::out(FitSentences::vehicleClass(false)),
        };
    }
}
