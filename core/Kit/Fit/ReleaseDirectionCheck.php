<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/** Pushed towards the flywheel or pulled from it: a property of the cover, whatever moves the bearing. */
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
        return ['match.release', 'vehicle.actuation'];
    }

    public function ofKit(): array
    {
        return ['kit.release'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.release'];
    }

    /** As seen on the old cover, or as the linkage says it; nothing where nobody knows. */
    public static function known(JobSheet $sheet): ?string
    {
        return $sheet->values->word('match.release') ?? ($sheet->actuation() === Actuation::Pull ? 'pull' : null);
    }

    public function judge(FitCase $case): FitAnswer
    {
        $kit = $case->kit->word('kit.release');
        $wanted = self::known($case->sheet);
        $class = $case->sheet->vehicleClass();
        $isOpen = $wanted === null && ($class === VehicleClass::Truck || $kit === 'pull');

        return match (true) {
            $wanted === null && $case->sheet->actuation() === null => FitAnswer::ask(FitSentences::ask('actuation'), 'vehicle.actuation'),
            $kit === null => FitAnswer::ask(FitSentences::ask('release'), 'kit.release'),
            // A slave, with air or without, and a rod may push or pull; of a truck neither is usual, of the rest pushing is.
            $isOpen => FitAnswer::ask(FitSentences::ask('old_release'), 'match.release'),
            default => FitAnswer::when($kit === ($wanted ?? 'push'), FitSentences::release($kit, $wanted ?? 'push')),
        };
    }
}
