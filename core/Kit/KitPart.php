<?php

declare(strict_types=1);

namespace Spindle\Kit;

/** What a clutch job may need, in the kit or beside it. */
enum KitPart: string
{
    case Disc = 'disc';
    case Cover = 'cover';
    case Bearing = 'bearing';
    case ConcentricSlave = 'concentric_slave';
    case GuideSleeve = 'guide_sleeve';
    case Fork = 'fork';
    case Pilot = 'pilot';
    case PilotSeal = 'pilot_seal';
    case Flywheel = 'flywheel';
    case FlywheelBolts = 'flywheel_bolts';
    case CoverBolts = 'cover_bolts';
    case Dowels = 'dowels';
    case LockTabs = 'lock_tabs';
    case CrankSeal = 'crank_seal';
    case ShaftSeal = 'shaft_seal';
    case Cable = 'cable';
    case Pipe = 'pipe';
    case MasterCylinder = 'master_cylinder';
    case SlaveCylinder = 'slave_cylinder';
    case Fluid = 'fluid';
    case GearboxOil = 'gearbox_oil';
    case SplineGrease = 'spline_grease';
    case BearingGrease = 'bearing_grease';
    case AlignmentTool = 'alignment_tool';
    case ClutchBrake = 'clutch_brake';
    case IntermediatePlate = 'intermediate_plate';
    case DrivePins = 'drive_pins';
    case LeverSet = 'lever_set';
    case Filters = 'filters';

    /** How it is called once it is in, for who owns the vehicle. */
    public function fitted(): string
    {
        return match ($this) {
            self::Flywheel => 'Flywheel',
            self::Fluid => 'Fluid',
            self::Filters => 'Filters',
            default => $this->label(),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Disc => 'Disc',
            self::Cover => 'Cover',
            self::Bearing => 'Release bearing',
            self::ConcentricSlave => 'Concentric slave cylinder',
            self::GuideSleeve => 'Guide sleeve',
            self::Fork => 'Fork, pivot, clip',
            self::Pilot => 'Pilot bearing or bush',
            self::PilotSeal => 'Seal of the pilot bearing',
            self::Flywheel => 'Flywheel, or its machining',
            self::FlywheelBolts => 'Flywheel bolts',
            self::CoverBolts => 'Cover bolts',
            self::Dowels => 'Dowels',
            self::LockTabs => 'Lock tabs',
            self::CrankSeal => 'Crankshaft rear seal',
            self::ShaftSeal => 'Input-shaft seal',
            self::Cable => 'Cable',
            self::Pipe => 'Hydraulic pipe or hose',
            self::MasterCylinder => 'Master cylinder',
            self::SlaveCylinder => 'Slave cylinder',
            self::Fluid => 'Fluid of the right type',
            self::GearboxOil => 'Gearbox oil',
            self::SplineGrease => 'Spline grease',
            self::BearingGrease => 'Bearing grease',
            self::AlignmentTool => 'Alignment tool',
            self::ClutchBrake => 'Clutch brake',
            self::IntermediatePlate => 'Intermediate plate',
            self::DrivePins => 'Drive pins of the pot flywheel',
            self::LeverSet => 'Lever set',
            self::Filters => 'Filters that are reachable only now',
        };
    }

    /** The word for a leak that makes a seal one to replace; empty for whatever is no seal. */
    public function wet(): string
    {
        return match ($this) {
            self::CrankSeal => 'rear_wet',
            self::ShaftSeal => 'shaft_wet',
            default => '',
        };
    }

    /** How a list of contents may call it, as a pattern. */
    public function spoken(): string
    {
        return match ($this) {
            self::Disc => 'dis[ck]s?|driven plates?|clutch plates?',
            self::Cover => 'covers?|pressure plates?',
            self::Bearing => '(?:release|thrust|throw-?out) bearings?|bearing',
            self::ConcentricSlave => 'concentric (?:slave|cylinder|bearing)[a-z ]*',
            self::GuideSleeve => 'guide (?:sleeve|tube)s?',
            self::Fork => '(?:release )?forks?',
            self::Pilot => 'pilot (?:bearing|bush)(?:es)?|spigot (?:bearing|bush)',
            self::PilotSeal => 'pilot seal',
            self::Flywheel => '(?:[a-z-]+ )?flywheel',
            self::FlywheelBolts => 'flywheel bolts?',
            self::CoverBolts => '(?:cover )?bolts?',
            self::Dowels => 'dowels?(?: pins?)?',
            self::LockTabs => 'lock ?tabs?',
            self::CrankSeal => 'crank(?:shaft)?(?: rear)? seal|rear (?:main )?seal',
            self::ShaftSeal => '(?:input[- ])?shaft seal',
            self::Cable => '(?:clutch )?cable',
            self::Pipe => '(?:hydraulic )?(?:pipe|hose)s?',
            self::MasterCylinder => 'master cylinder',
            self::SlaveCylinder => 'slave cylinder',
            self::Fluid => '(?:brake |clutch |hydraulic )?fluid',
            self::GearboxOil => 'gear(?:box)? oil',
            self::SplineGrease => '(?:spline )?grease',
            self::BearingGrease => 'bearing grease',
            self::AlignmentTool => '(?:alignment|centring|centering) tool',
            self::ClutchBrake => 'clutch brake',
            self::IntermediatePlate => '(?:intermediate|centre|center) plate',
            self::DrivePins => 'drive pins?',
            self::LeverSet => 'levers?(?: set)?',
            self::Filters => '(?:fuel |oil |air )?filters?',
        };
    }
}
