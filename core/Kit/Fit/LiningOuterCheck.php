<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** The lining lies on the friction face and goes into the cover. */
final readonly class LiningOuterCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.lining_outer';
    }

    public function label(): string
    {
        return 'Disc on the face';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.friction_outer'];
    }

    public function ofKit(): array
    {
        return ['kit.lining_outer', 'kit.cover_window', 'kit.flywheel_friction_outer'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.lining_outer', ...($case->bringsFlywheel ? ['kit.flywheel_friction_outer'] : [])];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $face = $case->bringsFlywheel ? $case->kitLength('kit.flywheel_friction_outer') : $case->vehicleLength('vehicle.friction_outer');
        $lining = $case->kitLength('kit.lining_outer');
        $window = $case->kitLength('kit.cover_window');

        return match (true) {
            $lining !== null && $window !== null && $lining->value > $window->value => FitAnswer::out(
                DiscFitSentences::discBeyondItsCover($lining, $window),
            ),
            $face === null && $case->bringsFlywheel => FitAnswer::ask(
                FitSentences::ask('face_of_kit_flywheel'), 'kit.flywheel_friction_outer',
            ),
            $face === null => FitAnswer::ask(FitSentences::ask('face'), 'vehicle.friction_outer'),
            $lining === null => FitAnswer::ask(FitSentences::ask('lining_outer'), 'kit.lining_outer'),
            default => FitAnswer::when(
                $lining->value <= $face->value + 1e-9,
                DiscFitSentences::liningOnFace($lining, $face, $lining->value > $face->value + 1e-9),
            ),
        };
    }
}
