<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Length;

/** How far the finger tips move towards the gearbox when a kit takes the place of the old clutch. */
final class StackShift
{
    /**
     * New stack − old stack, each from the engine's end of the flywheel to the finger tips; the flywheel's own thickness counts only
     * where the kit brings another. Nothing where a part of it is not known.
     */
    public static function of(FitCase $case): ?Length
    {
        $new = $case->kitLength('kit.finger_height');
        $old = $case->vehicleLength('match.stack_height');
        if ($new === null || $old === null) {
            return null;
        }
        if (! $case->bringsFlywheel) {
            return $new->minus($old);
        }
        [$thick, $was] = [$case->kitLength('kit.flywheel_thickness'), $case->vehicleLength('flywheel.thickness')];

        return $thick === null || $was === null ? null : $new->plus($thick)->minus($old->plus($was));
    }
}
