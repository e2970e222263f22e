<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\StripPart;

/** What is renewed or put right while a practice clutch is open, by the part it is done to. */
enum Work: string
{
    case Kit = 'kit';
    case Flywheel = 'flywheel';
    case Pilot = 'pilot';
    case Seals = 'seals';
    case Fork = 'fork';
    case Sleeve = 'sleeve';
    case Levers = 'levers';
    case Brake = 'brake';
    case Mounts = 'mounts';

    public function label(): string
    {
        return match ($this) {
            self::Kit => 'Clutch kit: disc, cover, bearing',
            self::Flywheel => 'Flywheel machined or renewed',
            self::Pilot => 'Pilot bearing or bush',
            self::Seals => 'Seals: crankshaft and gearbox',
            self::Fork => 'Fork and its pivot',
            self::Sleeve => 'Guide sleeve',
            self::Levers => 'Levers of both stages set',
            self::Brake => 'Clutch brake',
            self::Mounts => 'Mounts',
        };
    }

    /** The work that puts a part right. */
    public static function on(StripPart $part): self
    {
        return match ($part) {
            StripPart::Disc, StripPart::SecondDisc, StripPart::Cover, StripPart::Intermediate, StripPart::Bearing => self::Kit,
            StripPart::Flywheel => self::Flywheel,
            StripPart::Pilot, StripPart::Shaft => self::Pilot,
            StripPart::Seals => self::Seals,
            StripPart::Fork => self::Fork,
            StripPart::Sleeve => self::Sleeve,
            StripPart::TwoStage => self::Levers,
            StripPart::ClutchBrake => self::Brake,
            StripPart::Surroundings => self::Mounts,
        };
    }

    /** Beside opening and closing, in hours. From memory [M]. */
    public function hours(): float
    {
        return match ($this) {
            self::Kit => 0.0,
            self::Pilot, self::Brake => 0.3,
            self::Fork => 0.5,
            self::Sleeve, self::Levers => 0.7,
            self::Seals, self::Mounts => 1.0,
            self::Flywheel => 1.5,
        };
    }

    /** Of a car, in an invented shop's money. */
    public function price(): float
    {
        return match ($this) {
            self::Kit => 180.0,
            self::Flywheel => 60.0,
            self::Pilot => 12.0,
            self::Seals => 35.0,
            self::Fork => 45.0,
            self::Sleeve => 30.0,
            self::Levers => 0.0,
            self::Brake => 55.0,
            self::Mounts => 70.0,
        };
    }

    /**
     * When what was left as it was comes back, between so many kilometres and so many. From memory [M].
     *
     * @return array{float, float}
     */
    public function comesBack(): array
    {
        return match ($this) {
            self::Kit, self::Flywheel, self::Levers, self::Brake, self::Mounts => [0.0, 1_000.0],
            self::Seals => [2_000.0, 8_000.0],
            self::Pilot, self::Sleeve => [5_000.0, 20_000.0],
            self::Fork => [8_000.0, 30_000.0],
        };
    }
}
