<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Display;

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

    public function judge(FitCase $case): FitAnswer
    {
        $new = $case->kitLength('kit.finger_height');
        $shift = StackShift::of($case);

        return match (true) {
            $new === null => FitAnswer::ask('The finger height of the kit is not known.', 'kit.finger_height'),
            $shift === null => FitAnswer::ask(
                'Measure the old clutch from the flywheel face to the finger tips.',
                ...$case->vehicle->missing('match.stack_height', ...($case->bringsFlywheel ? ['flywheel.thickness'] : [])),
                ...($case->bringsFlywheel ? $case->kit->missing('kit.flywheel_thickness') : []),
            ),
            abs($shift->value) < self::NEGLIGIBLE => FitAnswer::within('The fingers stand where the old ones stood.'),
            default => FitAnswer::near(static fn (Display $d): string => 'The fingers stand '
                .$d->quantity($shift->times($shift->value < 0 ? -1 : 1), 0.1)
                .($shift->value > 0 ? ' nearer the gearbox' : ' nearer the engine').' than the old ones: the bearing clearance '
                .($shift->value > 0 ? 'shrinks' : 'grows').' by as much. Measure it before the gearbox closes.'),
        };
    }
}
