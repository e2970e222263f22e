<?php

declare(strict_types=1);

namespace Spindle\Inspection\Bearing;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Strip: the release bearing, its fork, its guide sleeve. */
final class BearingFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $seen = Nature::measured(Whose::Vehicle, Place::OpenedHousing)->reading();

        return [
            Make::fromZero('bearing.play', Station::Strip, 'Play in the bearing', Dimension::Length, 10)
                ->takenWith(Instrument::DialIndicator)->how('plain bearing; beyond the feel of a new one')
                ->is(Nature::measured(Whose::OldClutch, Place::Bench, 2)->onlyOpen()->reading()),
            BearingSubject::bearing()->field(Nature::measured(Whose::OldClutch, Place::Bench)->onlyOpen()->reading()),
            BearingSubject::fork()->field($seen),
            BearingSubject::sleeve()->field($seen),
        ];
    }
}
