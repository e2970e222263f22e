<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Display;

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

    public function judge(FitCase $case): FitAnswer
    {
        $face = $case->bringsFlywheel ? $case->kitLength('kit.flywheel_friction_outer') : $case->vehicleLength('vehicle.friction_outer');
        $lining = $case->kitLength('kit.lining_outer');
        $window = $case->kitLength('kit.cover_window');

        return match (true) {
            $lining !== null && $window !== null && $lining->value > $window->value => FitAnswer::out(
                static fn (Display $d): string => 'Disc '.$d->quantity($lining, 1.0).' does not go into its own cover, which takes '
                    .$d->quantity($window, 1.0).': a datum of the kit is wrong.',
            ),
            $face === null && $case->bringsFlywheel => FitAnswer::ask(
                'The kit brings a flywheel and does not say how large its friction face is.', 'kit.flywheel_friction_outer',
            ),
            $face === null => FitAnswer::ask('Measure the friction face of the flywheel.', 'vehicle.friction_outer'),
            $lining === null => FitAnswer::ask('The outer diameter of the lining is not known.', 'kit.lining_outer'),
            $lining->value <= $face->value + 1e-9 => FitAnswer::within(
                static fn (Display $d): string => 'Lining '.$d->quantity($lining, 1.0).' on a face of '.$d->quantity($face, 1.0).'.',
            ),
            default => FitAnswer::out(
                static fn (Display $d): string => 'Lining '.$d->quantity($lining, 1.0).' stands over the face of '.$d->quantity($face,
                    1.0).'.',
            ),
        };
    }
}
