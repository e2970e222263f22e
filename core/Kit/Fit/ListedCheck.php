<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Kit\Listed;

/** What its supplier lists it for. Being listed fits nothing, and not being listed keeps nothing out: what is measured decides. */
final readonly class ListedCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.listed';
    }

    public function label(): string
    {
        return 'Listed for';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.name', 'match.part_number'];
    }

    public function ofKit(): array
    {
        return ['kit.vehicles', 'kit.original_numbers'];
    }

    public function needs(FitCase $case): array
    {
        return [];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $listed = Listed::of($case->vehicle, $case->kit);

        return match (true) {
            ! $listed->isListing => FitAnswer::notApplicable(FitSentences::notMade('no_listing')),
            $listed->by !== '' => FitAnswer::within(FitSentences::listed($listed->by)),
            ! $case->vehicle->hasAny('vehicle.name', 'match.part_number') => FitAnswer::notApplicable(
                FitSentences::notMade('nothing_to_look_up'),
            ),
            default => FitAnswer::near(FitSentences::listed('')),
        };
    }
}
