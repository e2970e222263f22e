<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Vehicle\Actuation;

/** Pushed towards the flywheel or pulled from it. */
final readonly class ReleaseDirectionCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.release';
    }

    public function label(): string
    {
        return 'Push or pull';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.actuation'];
    }

    public function ofKit(): array
    {
        return ['kit.release'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $actuation = $case->sheet->actuation();
        $kit = $case->kit->word('kit.release');
        $wanted = $actuation === Actuation::Pull ? 'pull' : 'push';

        return match (true) {
            $actuation === null => FitAnswer::ask('Actuation not entered: push or pull cannot be checked.', 'vehicle.actuation'),
            $kit === null => FitAnswer::ask('The kit does not say whether it is pushed or pulled.', 'kit.release'),
            $kit === $wanted => FitAnswer::within(ucfirst($kit).'-type release.'),
            default => FitAnswer::out("A {$kit}-type cover; this vehicle needs {$wanted}."),
        };
    }
}
