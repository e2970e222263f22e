<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/**
 * Whether the bearing is made to run touching the fingers: as somebody said; where nobody did, a concentric bearing of a car or van does,
 * unless a clearance or a target for one is known. Common practice, no source.
 */
final class LightContact
{
    public const WORD = 'release.light_contact';

    public static function of(JobSheet $sheet): bool
    {
        $values = $sheet->values;
        $word = $values->word(self::WORD);

        return $word !== null ? $word === 'yes' : $sheet->actuation() === Actuation::Concentric
            && in_array($sheet->vehicleClass(), [VehicleClass::Car, VehicleClass::Van], true)
            && ! $values->hasAny('release.clearance', 'release.clearance_target');
    }
}
