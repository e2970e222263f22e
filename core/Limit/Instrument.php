<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;

/** What a reading was taken with, and how far such a reading can be trusted. Defaults from memory [M]. */
enum Instrument: string
{
    case SteelRule = 'steel_rule';
    case Calliper = 'calliper';
    case DepthGauge = 'depth_gauge';
    case DialIndicator = 'dial_indicator';
    case FeelerGauge = 'feeler_gauge';
    /** A bar of the wanted width, slid into a gap: what it tells is whether the gap is that, more or less. */
    case GaugeBar = 'gauge_bar';
    case TorqueWrench = 'torque_wrench';

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** The built-in uncertainty: a length, or for the torque wrench a share of the reading. */
    public function uncertainty(): Length|Ratio
    {
        return match ($this) {
            self::SteelRule => Length::mm(0.5),
            self::Calliper, self::DepthGauge => Length::mm(0.03),
            self::DialIndicator => Length::mm(0.01),
            self::FeelerGauge => Length::mm(0.02),
            self::GaugeBar => Length::mm(0.1),
            self::TorqueWrench => Ratio::of(0.04),
        };
    }

    /** Whether it can take readings of this kind of quantity at all. */
    public function measures(Quantity $quantity): bool
    {
        return ($quantity instanceof Length) === ($this !== self::TorqueWrench);
    }
}
