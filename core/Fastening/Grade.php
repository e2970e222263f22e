<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;

/** Property class of a steel bolt, as its head is marked. */
enum Grade: string
{
    case G88 = '8.8';
    case G109 = '10.9';
    case G129 = '12.9';

    /** Up to this diameter the lower proof stress of 8.8 holds. */
    private const SMALL_MM = 16.0;

    public function label(): string
    {
        return $this->value;
    }

    /** Proof stress; 1 N/mm² is 1000 kPa. Source: ISO 898-1. */
    public function proofStress(Length $diameter): Pressure
    {
        return Pressure::kPa(1000 * match ($this) {
            self::G88 => $diameter->value <= self::SMALL_MM ? 580.0 : 600.0,
            self::G109 => 830.0,
            self::G129 => 970.0,
        });
    }
}
