<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** The lining does not run off the inner edge of the friction face. */
final readonly class LiningInnerCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.lining_inner';
    }

    public function label(): string
    {
        return 'Inner edge';
    }

    public function ofVehicle(): array
    {
        return ['match.friction_inner'];
    }

    public function ofKit(): array
    {
        return ['kit.lining_inner', 'kit.flywheel_friction_inner'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.lining_inner', ...($case->bringsFlywheel ? ['kit.flywheel_friction_inner'] : [])];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $lining = $case->kitLength('kit.lining_inner');
        [$face, $asked] = $case->bringsFlywheel
            ? [$case->kitLength('kit.flywheel_friction_inner'), 'kit.flywheel_friction_inner']
            : [$case->vehicleLength('match.friction_inner'), 'match.friction_inner'];

        return match (true) {
            $face === null => FitAnswer::ask(FitSentences::ask('face_inner'), $asked),
            $lining === null => FitAnswer::ask(FitSentences::ask('lining_inner'), 'kit.lining_inner'),
            default => FitAnswer::when(
                $lining->value >= $face->value - 1e-9,
                DiscFitSentences::liningFromWithin($lining, $face, $lining->value < $face->value - 1e-9),
            ),
        };
    }
}
