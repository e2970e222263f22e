<?php

declare(strict_types=1);

namespace Spindle\Fitting;

use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/** What is done while the clutch goes in, in the order in which it is. Common practice, no source; the maker's procedure decides. */
enum FittingStep: string
{
    case Lifted = 'lifted';
    case Seals = 'seals';
    case Pilot = 'pilot';
    case Pins = 'pins';
    case Flywheel = 'flywheel';
    case LockTabs = 'lock_tabs';
    case Degreased = 'degreased';
    case Studs = 'studs';
    case Disc = 'disc';
    case Intermediate = 'intermediate';
    case StageMarks = 'stage_marks';
    case Cover = 'cover';
    case CoverBolts = 'cover_bolts';
    case ToolOut = 'tool_out';
    case Fingers = 'fingers';
    case Clips = 'clips';
    case Spacer = 'spacer';
    case Brake = 'brake';
    case Prefilled = 'prefilled';
    case Grease = 'grease';
    case Bearing = 'bearing';
    case Gearbox = 'gearbox';
    case HousingBolts = 'housing_bolts';
    case Around = 'around';

    public function label(): string
    {
        return match ($this) {
            self::Lifted => 'Lifting device ready',
            self::Seals => 'Shaft and seals',
            self::Pilot => 'Pilot bearing',
            self::Pins => 'Drive pins square',
            self::Flywheel => 'Flywheel on',
            self::LockTabs => 'Lock tabs bent',
            self::Degreased => 'Faces degreased',
            self::Studs => 'Guide studs in',
            self::Disc => 'Disc in, the right way, centred',
            self::Intermediate => 'Intermediate plate',
            self::StageMarks => 'Marks across all plates in line',
            self::Cover => 'Cover on its dowels, marks in line',
            self::CoverBolts => 'Cover pulled down crosswise',
            self::ToolOut => 'Alignment tool out',
            self::Fingers => 'Fingers even',
            self::Clips => 'Clips, caging bolts, blocks out and counted',
            self::Spacer => 'Spacer behind the clutch brake',
            self::Brake => 'Clutch brake on the shaft',
            self::Prefilled => 'Concentric slave filled in the hand',
            self::Grease => 'Greased where it is called for',
            self::Bearing => 'Bearing and fork, clearance measured',
            self::Gearbox => 'Gearbox offered and home',
            self::HousingBolts => 'Housing bolts in sequence',
            self::Around => 'Drive shafts, earth strap, wiring',
        };
    }

    /** What goes wrong here. */
    public function trap(): string
    {
        return match ($this) {
            self::Lifted => 'Two discs and their cover weigh as much as a person.',
            self::Seals => 'Lip greased, never dry over the splines.',
            self::Pilot => 'Square and only by the outer ring, cold or into a warm seat; flush or to depth, its seal to the gearbox; a '
                .'soft drift, never bare steel on bronze.',
            self::Pins => 'A pin that stands askew binds the plate.',
            self::Flywheel => 'Clean seat, dowels, new bolts or thread lock where called for, held by a locking tool, crosswise in steps.',
            self::LockTabs => 'A tab that is not bent is a bolt that is not locked.',
            self::Degreased => 'A new flywheel comes oiled; a fingermark of grease judders.',
            self::Studs => 'Two in the upper holes; out again before the last bolts.',
            self::Disc => 'Turned the wrong way the hub stands on the crank bolts and nothing releases. A loose tool is felt to the middle '
                .'both ways.',
            self::Intermediate => 'On pins: the clearance on the same side of every pin. In slots: it moves freely.',
            self::StageMarks => 'Treated as one unit; the marks keep the balance. The boss of the take-off disc has a side.',
            self::Cover => 'Every hole in line before a bolt goes in.',
            self::CoverBolts => 'Never with an impact or electric driver: it seats tilted. Half a turn at a time, the gap even all round, '
                .'the tool sliding each round.',
            self::ToolOut => 'Last, and only after the bolts are nipped.',
            self::Fingers => 'One that stands lower: something lies under the cover.',
            self::Clips => 'One left in locks the clutch open or breaks in the housing: as many out as were in.',
            self::Spacer => 'A resurfaced flywheel needs it.',
            self::Brake => 'Tangs in the slots of the shaft.',
            self::Prefilled => 'Work it until no air comes; fitted dry it never bleeds.',
            self::Grease => 'Sparing: what is too much is thrown on the lining.',
            self::Bearing => 'Measured before it closes, never after. Never an impact driver on a concentric bearing.',
            self::Gearbox => 'Straight, carried by jack or helper, never hung on the hub, never drawn in with its bolts. Stops short: turn '
                .'the output for the splines, then look at the alignment.',
            self::HousingBolts => 'Each in its own hole: they differ in length and thread.',
            self::Around => 'The earth strap forgotten finds its way through cables and bearings.',
        };
    }

    /** @return list<self> the steps of this job, in order */
    public static function of(JobSheet $sheet): array
    {
        return array_values(array_filter(self::cases(), static fn (self $step): bool => $step->isOn($sheet)));
    }

    /** Whether this job has the step. */
    public function isOn(JobSheet $sheet): bool
    {
        $class = $sheet->vehicleClass();
        $actuation = $sheet->actuation();
        $isTwin = $sheet->isTwinDisc();

        return match ($this) {
            self::Lifted, self::Studs => $class === VehicleClass::Truck,
            self::Pilot => $sheet->pilot() !== PilotSeat::None,
            self::Pins => $isTwin && $sheet->flywheel() === FlywheelKind::Pot,
            self::LockTabs => $class === VehicleClass::Tractor,
            self::Intermediate => $isTwin,
            self::StageMarks => $sheet->isTwoStage(),
            self::Spacer, self::Brake => $actuation === Actuation::Pull,
            self::Prefilled => $actuation === Actuation::Concentric,
            self::Seals => $class !== VehicleClass::Tractor,
            default => true,
        };
    }

    /** The step that the rounds of a group of bolts are; nothing where it is none of the order. */
    public static function ofBolts(string $group): ?self
    {
        return match ($group) {
            'flywheel' => self::Flywheel,
            'cover' => self::CoverBolts,
            'housing' => self::HousingBolts,
            default => null,
        };
    }

    /** What is said of the step itself; the clearance at the drive pins has a finding of its own. */
    public function finding(): string
    {
        return $this === self::Pins ? 'fit.pins_square' : "fit.{$this->value}";
    }

    /** The step at which a reading decides; nothing where it does at none. */
    public static function decidedBy(string $key): ?self
    {
        foreach (self::cases() as $step) {
            if (in_array($key, $step->readings(), true)) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<string> readings that decide here: without them the step is not done */
    public function readings(): array
    {
        return match ($this) {
            self::Intermediate => ['fit.pin_clearance'],
            self::Clips => ['fit.clips_in', 'fit.clips_out'],
            self::Fingers => ['fit.finger_heights'],
            self::Bearing => ['fit.bearing_slides'],
            default => [],
        };
    }
}
