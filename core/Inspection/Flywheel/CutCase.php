<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Quantity\Length;

/** What a cut of the face would have to be, may be and was. */
final readonly class CutCase
{
    /**
     * @param  Length|null  $needed  for a clean face; nothing where no metal has to come off, or nobody knows how much
     * @param  Length|null  $room  what may come off; nothing while the thickness or its least is not known
     * @param  Length|null  $cut  what was taken off; nothing where nothing was
     * @param  bool  $isCrackUnmeasured  a crack was seen, and nobody knows how deep it goes
     * @param  bool  $isScoreUnmeasured  the same of scoring
     */
    public function __construct(
        public ?Length $needed,
        public ?Length $room,
        public ?Length $cut,
        public bool $isCrackUnmeasured,
        public bool $isScoreUnmeasured,
    ) {
    }

    public function isCutShort(): bool
    {
        return $this->cut !== null && $this->needed !== null && $this->cut->value < $this->needed->value;
    }

    public function isWithoutRoom(): bool
    {
        return $this->room !== null && $this->room->value <= 0.0;
    }

    public function isTooTight(): bool
    {
        return $this->needed !== null && $this->room !== null && $this->room->value < $this->needed->value;
    }
}
