<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** Room in the housing for a larger cover or flywheel. */
final readonly class HousingCheck implements FitCheck
{
    /** What must be left across the diameter, so that nothing touches when it turns, mm. From memory [M]. */
    private const LEAST_LEFT = 2.0;

    public function id(): string
    {
        return 'kit.housing';
    }

    public function label(): string
    {
        return 'Housing';
    }

    public function ofVehicle(): array
    {
        return ['match.housing_room'];
    }

    public function ofKit(): array
    {
        return ['kit.cover_outer', 'kit.flywheel_outer'];
    }

    public function needs(FitCase $case): array
    {
        return $case->kit->has('kit.flywheel_outer') ? [] : ['kit.cover_outer'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $room = $case->vehicleLength('match.housing_room');
        $cover = $case->kitLength('kit.cover_outer');
        $flywheel = $case->kitLength('kit.flywheel_outer');
        $widest = $flywheel !== null && ($cover === null || $flywheel->value > $cover->value) ? $flywheel : $cover;

        return match (true) {
            $widest === null => FitAnswer::ask(FitSentences::ask('cover_outer'), 'kit.cover_outer'),
            $room === null => FitAnswer::ask(FitSentences::ask('housing_room'), 'match.housing_room'),
            default => FitAnswer::when(
                $widest->value + self::LEAST_LEFT <= $room->value + 1e-9,
                FitSentences::inTheHousing($widest === $cover, $widest, $room),
            ),
        };
    }
}
