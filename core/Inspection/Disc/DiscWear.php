<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Inspection\InspectionError;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/** How much of the lining is gone. Only what stands above the rivets or grooves is usable, so thickness by itself says little. */
final readonly class DiscWear
{
    /** A remaining life is a range: drivers, hills and towing decide. From memory [M]. */
    public const LIFE_SPREAD = 0.30;

    private function __construct(public Length $used, public Length $usable)
    {
    }

    /**
     * @param  Length  $new  thickness of the new disc
     * @param  non-empty-list<Length>  $now  thickness at several places; the least counts
     * @param  Length  $usable  of both sides together
     *
     * @throws InspectionError without any usable lining
     */
    public static function of(Length $new, array $now, Length $usable): self
    {
        if ($usable->value <= 0.0) {
            throw InspectionError::noUsableLining();
        }

        return new self($new->minus(Length::least($now)), $usable);
    }

    /** Used ÷ usable; common practice, no source. */
    public function share(): Ratio
    {
        return $this->used->ratioTo($this->usable);
    }

    public function remaining(): Length
    {
        return $this->usable->minus($this->used);
    }

    /**
     * What remains at the same rate of wear: since fitted ÷ used × remaining. Nothing while no wear shows.
     *
     * @template T of Distance|Duration
     *
     * @param  T  $sinceFitted
     * @return T|null
     */
    public function remainingLife(Distance|Duration $sinceFitted): Distance|Duration|null
    {
        return $this->used->value <= 0.0 ? null : $sinceFitted->times(max(0.0, $this->remaining()->value) / $this->used->value);
    }
}
