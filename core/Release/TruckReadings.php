<?php

declare(strict_types=1);

namespace Spindle\Release;

/** The readings of a truck's linkage, each with the band accepted for it and with how far that reading itself can be trusted. */
final readonly class TruckReadings
{
    /** @param  bool  $isSelfAdjusting  a ring that sets itself is never turned by hand */
    public function __construct(
        public bool $isSelfAdjusting,
        public TruckReading $gap,
        public TruckReading $fork,
        public TruckReading $pedal,
    ) {
    }

    /** The one reading that, moved within its own doubt, would lead to another action; nothing where all three are plain. */
    public function doubtful(): ?TruckReading
    {
        $stands = TruckLinkage::row($this);
        foreach (['gap', 'fork', 'pedal'] as $name) {
            /** @var TruckReading $reading */
            $reading = $this->{$name};
            foreach ([-1, 1] as $way) {
                if (TruckLinkage::row($this->with($name, $reading->moved($way))) !== $stands) {
                    return $reading;
                }
            }
        }

        return null;
    }

    private function with(string $name, TruckReading $reading): self
    {
        return new self(
            $this->isSelfAdjusting, $name === 'gap' ? $reading : $this->gap, $name === 'fork' ? $reading : $this->fork,
            $name === 'pedal' ? $reading : $this->pedal,
        );
    }
}
