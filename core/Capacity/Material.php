<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\Duty;
use Spindle\Limit\Verdict;
use Spindle\Quantity\EnergyPerArea;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;

/** Lining materials with their default figures. All from memory [M] except the running-in of aramid [CP]. */
enum Material: string
{
    case Organic = 'organic';
    case OrganicWire = 'organic_wire';
    case Aramid = 'aramid';
    case AramidSegmented = 'aramid_segmented';
    case SinteredBronze = 'sintered_bronze';
    case SinteredIron = 'sintered_iron';

    public function label(): string
    {
        return match ($this) {
            self::Organic => 'Organic, moulded',
            self::OrganicWire => 'Organic, wire-reinforced',
            self::Aramid => 'Aramid, full face',
            self::AramidSegmented => 'Aramid, segmented',
            self::SinteredBronze => 'Sintered bronze',
            self::SinteredIron => 'Sintered iron',
        };
    }

    /** Friction coefficient in ordinary use. */
    public function mu(): Ratio
    {
        return Ratio::of(match ($this) {
            self::Organic => 0.30,
            self::OrganicWire => 0.32,
            self::Aramid, self::AramidSegmented => 0.31,
            self::SinteredBronze => 0.38,
            self::SinteredIron => 0.45,
        });
    }

    /** Friction coefficient after a hot run. */
    public function muHot(): Ratio
    {
        return Ratio::of(match ($this) {
            self::Organic => 0.25,
            self::OrganicWire => 0.28,
            self::Aramid, self::AramidSegmented => 0.29,
            self::SinteredBronze => 0.36,
            self::SinteredIron => 0.42,
        });
    }

    /** The lining pressure it stands. */
    public function pressureLimit(): Pressure
    {
        return Pressure::kPa(match ($this) {
            self::Organic => 350.0,
            self::OrganicWire => 450.0,
            self::Aramid => 500.0,
            self::AramidSegmented => 600.0,
            self::SinteredBronze => 1500.0,
            self::SinteredIron => 2000.0,
        });
    }

    /** Heat of one start below which it is comfortable. */
    public function comfortableHeat(): EnergyPerArea
    {
        return EnergyPerArea::of(match ($this) {
            self::Organic, self::OrganicWire => 60.0,
            self::Aramid, self::AramidSegmented => 90.0,
            self::SinteredBronze, self::SinteredIron => 200.0,
        });
    }

    /** The greatest heat of one start. */
    public function heatLimit(): EnergyPerArea
    {
        return EnergyPerArea::of(match ($this) {
            self::Organic, self::OrganicWire => 120.0,
            self::Aramid, self::AramidSegmented => 180.0,
            self::SinteredBronze, self::SinteredIron => 400.0,
        });
    }

    public function character(): string
    {
        return match ($this) {
            self::Organic => 'smooth, slips kindly; glazes when overheated',
            self::OrganicWire => 'smooth, stronger, longer lived',
            self::Aramid => 'smooth; glazes in slow stop-and-go starts, loves hard use',
            self::AramidSegmented => 'cooler, wears faster, better all round than full face',
            self::SinteredBronze => 'abrupt, little slip, judder possible, stands great heat',
            self::SinteredIron => 'like a switch; competition only',
        };
    }

    /**
     * Whether its character goes with the work: sintered iron is for competition only, sintered bronze is abrupt where starts are many
     * and gentle, full-face aramid glazes there. Common practice, no source.
     */
    public function suits(Duty $duty): Verdict
    {
        $manyGentleStarts = in_array($duty, [Duty::Town, Duty::Delivery], true);

        return match (true) {
            $this === self::SinteredIron && $duty !== Duty::Competition => Verdict::Out,
            $manyGentleStarts && in_array($this, [self::SinteredBronze, self::Aramid], true) => Verdict::Near,
            default => Verdict::Within,
        };
    }

    public function runningIn(): string
    {
        return match ($this) {
            self::Aramid, self::AramidSegmented => '500 to 1600 km without hard starts',
            default => 'short: a few dozen gentle starts',
        };
    }

    public function onTheFlywheel(): string
    {
        return match ($this) {
            self::SinteredBronze => 'wears the flywheel',
            self::SinteredIron => 'destroys an ordinary iron flywheel',
            default => 'is gentle to the flywheel',
        };
    }
}
