<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Where somebody stands who takes a reading. */
enum Place: string
{
    /** With papers or a screen: nothing is read off the vehicle. */
    case Desk = 'desk';

    case Cab = 'cab';

    case EngineBay = 'engine_bay';

    case UnderVehicle = 'under_vehicle';

    case OpenedHousing = 'opened_housing';

    case Flywheel = 'flywheel';

    case Bench = 'bench';

    case Road = 'road';

    public function label(): string
    {
        return match ($this) {
            self::Desk => 'at the desk',
            self::Cab => 'in the cab',
            self::EngineBay => 'in the engine bay',
            self::UnderVehicle => 'under the vehicle',
            self::OpenedHousing => 'at the opened housing',
            self::Flywheel => 'at the flywheel',
            self::Bench => 'on the bench',
            self::Road => 'on the road',
        };
    }

    /** What shows there only once the gearbox is off. */
    public function isOpen(): bool
    {
        return in_array($this, [self::OpenedHousing, self::Flywheel], true);
    }
}
