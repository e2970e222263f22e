<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Vehicle\FlywheelKind;

/** What is known of a flywheel when it is decided what is done with it. */
final readonly class FlywheelState
{
    /**
     * @param  Verdict  $face  the worse of runout and flatness
     * @param  Verdict  $body  thickness after the cut; for a dual-mass flywheel its play and rock
     * @param  list<string>  $conditions
     * @param  Length|null  $needed  what has to come off for a clean face; nothing where no metal has to
     * @param  Length|null  $room  what may come off; nothing while the thickness or its least is not known
     * @param  bool  $isAskew  the face is flat but tilted, and only the tilt is out
     */
    public function __construct(
        public FlywheelKind $kind,
        public Verdict $face,
        public Verdict $body,
        public array $conditions,
        public bool $isLatheSchool,
        public ?Length $needed = null,
        public ?Length $room = null,
        public bool $isAskew = false,
    ) {
    }
}
