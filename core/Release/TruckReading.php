<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Instrument;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;

/** One of the three clearances of a truck's linkage. */
final readonly class TruckReading
{
    /** On the edge of a band is in it: half an inch, an eighth and two inches exactly are right. Readings are compared to this, mm. */
    private const EDGE_MM = 1e-6;

    /**
     * @param  Length  $doubt  how far this reading can be trusted; nought where nothing at hand reads it better
     * @param  Instrument  $better  what reads it better than what it was taken with
     */
    public function __construct(
        public string $key,
        public Length $value,
        public Limit $band,
        public Length $doubt,
        public Instrument $better,
    ) {
    }

    /** Below its band, in it or above it. */
    public function side(): int
    {
        return match (true) {
            $this->band->judge($this->value) !== Verdict::Out => 0,
            $this->band->min !== null && $this->value->value < $this->band->min->value - self::EDGE_MM => -1,
            $this->band->max !== null && $this->value->value > $this->band->max->value + self::EDGE_MM => 1,
            default => 0,
        };
    }

    /** The same, as far off as it may be. */
    public function moved(int $way): self
    {
        return new self($this->key, Length::mm($this->value->value + $way * $this->doubt->value), $this->band, $this->doubt, $this->better);
    }
}
