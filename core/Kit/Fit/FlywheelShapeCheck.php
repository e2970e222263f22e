<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Vehicle\FlywheelKind;

/** A cover for a pot flywheel reaches into it, one for a flat flywheel stands on its face. */
final readonly class FlywheelShapeCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.flywheel_shape';
    }

    public function label(): string
    {
        return 'Flat or pot flywheel';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.flywheel'];
    }

    public function ofKit(): array
    {
        return ['kit.for_flywheel'];
    }

    public function needs(FitCase $case): array
    {
        return ! $case->bringsFlywheel && $case->sheet->isTwinDisc() ? ['kit.for_flywheel'] : [];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $made = $case->kit->word('kit.for_flywheel');
        $there = match ($case->sheet->flywheel()) {
            null => null,
            FlywheelKind::Pot => 'pot',
            FlywheelKind::Solid, FlywheelKind::DualMass => 'flat',
        };

        return match (true) {
            $case->bringsFlywheel => FitAnswer::notApplicable(FitSentences::notMade('flywheel_comes_along')),
            $made === null && $there !== 'pot' && ! $case->sheet->isTwinDisc() => FitAnswer::notApplicable(
                FitSentences::notMade('flat_as_usual'),
            ),
            $there === null => FitAnswer::ask(FitSentences::ask('kind_of_flywheel'), 'vehicle.flywheel'),
            $made === null => FitAnswer::ask(FitSentences::ask('for_flywheel'), 'kit.for_flywheel'),
            default => FitAnswer::when($made === $there, FitSentences::flywheelShape($made, $there)),
        };
    }
}
