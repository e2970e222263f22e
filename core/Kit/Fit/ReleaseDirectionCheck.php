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
            $actuation === null => FitAnswer::ask(FitSentences::ask('actuation'), 'vehicle.actuation'),
            $kit === null => FitAnswer::ask(FitSentences::ask('release'), 'kit.release'),
            default => FitAnswer::when($kit === $wanted, FitSentences::release($kit, $wanted)),
        };
    }
}
