<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** Where the fingers end up against the old clutch: what they move, the bearing clearance loses. */
final readonly class StackHeightCheck implements FitCheck
{
    /** Below this a caliper sees no difference worth a shim, mm. From memory [M]. */
    private const NEGLIGIBLE = 0.5;

    public function id(): string
    {
        return 'kit.stack_height';
    }

    public function label(): string
    {
        return 'Stack height';
    }

    public function ofVehicle(): array
    {
        return ['match.stack_height', 'flywheel.thickness'];
    }

    public function ofKit(): array
    {
        return ['kit.finger_height', 'kit.flywheel_thickness'];
    }

    public function needs(FitCase $case): array
    {
        return ['kit.finger_height', ...($case->bringsFlywheel ? ['kit.flywheel_thickness'] : [])];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $new = $case->kitLength('kit.finger_height');
        $shift = StackShift::of($case);

        return match (true) {
            $new === null => FitAnswer::ask(FitSentences::ask('finger_height'), 'kit.finger_height'),
            $shift === null => FitAnswer::ask(
                FitSentences::ask('old_stack'),
                ...$case->vehicle->missing('match.stack_height', ...($case->bringsFlywheel ? ['flywheel.thickness'] : [])),
                ...($case->bringsFlywheel ? $case->kit->missing('kit.flywheel_thickness') : []),
            ),
            abs($shift->value) < self::NEGLIGIBLE => FitAnswer::within(FitSentences::fingersAsBefore()),
            default => FitAnswer::near(FitSentences::fingersElsewhere($shift)),
        };
    }
}
