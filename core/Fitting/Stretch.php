<?php

declare(strict_types=1);

namespace Spindle\Fitting;

/** What is done in one go while the clutch goes in, and said to be done in one go. Common practice, no source. */
enum Stretch: string
{
    case Crank = 'crank';
    case Clutch = 'clutch';
    case Inside = 'inside';
    case Gearbox = 'gearbox';

    public function label(): string
    {
        return match ($this) {
            self::Crank => 'Before the clutch goes on',
            self::Clutch => 'Clutch on the flywheel',
            self::Inside => 'Before the housing closes',
            self::Gearbox => 'Gearbox back on',
        };
    }

    public static function of(FittingStep $step): self
    {
        return match ($step) {
            FittingStep::Lifted, FittingStep::Seals, FittingStep::Pilot, FittingStep::Pins, FittingStep::Flywheel, FittingStep::LockTabs,
            FittingStep::Degreased => self::Crank,
            FittingStep::Studs, FittingStep::Disc, FittingStep::Intermediate, FittingStep::StageMarks, FittingStep::Cover,
            FittingStep::CoverBolts => self::Clutch,
            FittingStep::ToolOut, FittingStep::Fingers, FittingStep::Clips, FittingStep::Spacer, FittingStep::Brake, FittingStep::Prefilled,
            FittingStep::Grease => self::Inside,
            FittingStep::Bearing, FittingStep::Gearbox, FittingStep::HousingBolts, FittingStep::Around => self::Gearbox,
        };
    }
}
