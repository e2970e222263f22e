<?php

declare(strict_types=1);

namespace Spindle\Inspection\Bearing;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;

/** Strip: the release bearing, its fork, its guide sleeve. */
final class BearingFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            Make::fromZero(
                'bearing.play',
                Station::Strip,
                'Play in the bearing',
                Dimension::Length,
                10,
                Instrument::DialIndicator,
                how: 'plain bearing; beyond the feel of a new one',
            ),
            BearingSubject::bearing()->field(),
            BearingSubject::fork()->field(),
            BearingSubject::sleeve()->field(),
        ];
    }
}
