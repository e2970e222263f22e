<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Demand\Duty;
use Spindle\Vehicle\FlywheelKind;

/** A dual-mass flywheel damps by itself and wants a rigid disc; a solid one wants a sprung hub. Common practice, no source. */
final readonly class DamperCheck implements FitCheck
{
    public function id(): string
    {
        return 'kit.damper';
    }

    public function label(): string
    {
        return 'Damper';
    }

    public function ofVehicle(): array
    {
        return ['vehicle.flywheel'];
    }

    public function ofKit(): array
    {
        return ['kit.damper', 'kit.flywheel_kind'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.damper', ...($case->bringsFlywheel ? ['kit.flywheel_kind'] : [])];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $flywheel = $case->bringsFlywheel
            ? FlywheelKind::tryFrom($case->kit->word('kit.flywheel_kind') ?? '') : $case->sheet->flywheel();
        $hub = $case->kit->word('kit.damper');
        if ($flywheel === null || $hub === null) {
            return match (true) {
                $hub === null => FitAnswer::ask(FitSentences::ask('damper'), 'kit.damper'),
                $case->bringsFlywheel => FitAnswer::ask(FitSentences::ask('kind_of_kit_flywheel'), 'kit.flywheel_kind'),
                default => FitAnswer::ask(FitSentences::ask('kind_of_flywheel'), 'vehicle.flywheel'),
            };
        }
        $wanted = $flywheel === FlywheelKind::DualMass ? 'rigid' : 'sprung';

        return match (true) {
            $hub === $wanted => FitAnswer::within(DiscFitSentences::hubSuits($hub)),
            $hub === 'rigid' && $case->duty === Duty::Competition => FitAnswer::within(DiscFitSentences::rigidForCompetition()),
            $hub === 'rigid' => FitAnswer::near(DiscFitSentences::rigidOnSolid()),
            // Two dampers in a row: some makers do so, and theirs is the word.
            default => FitAnswer::near(DiscFitSentences::sprungOnDualMass()),
        };
    }
}
