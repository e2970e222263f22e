<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\Quantity\Duration;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;
use Spindle\Vehicle\VehicleClass;

/** What a clutch job is made of, in the order in which it is done. */
enum Task: string
{
    case Checks = 'checks';
    case Access = 'access';
    case Inspection = 'inspection';
    case Ordering = 'ordering';
    case Machining = 'machining';
    case Bench = 'bench';
    case Fitting = 'fitting';
    case Closing = 'closing';
    case Setting = 'setting';
    case Proving = 'proving';

    /** @param  VehicleClass|null  $class  of the vehicle, where one is meant: a tractor is split, of all others the gearbox comes out */
    public function label(?VehicleClass $class = null): string
    {
        $isSplit = $class === VehicleClass::Tractor;

        return match ($this) {
            self::Checks => 'Outside checks and triage',
            self::Access => $class === null ? 'Gearbox out, or split' : ($isSplit ? 'Splitting the tractor' : 'Gearbox out'),
            self::Inspection => 'Inspection and measuring',
            self::Ordering => 'Choosing and ordering',
            self::Machining => 'Flywheel out, to the machinist',
            self::Bench => 'Bench comparison',
            self::Fitting => 'Fitting',
            self::Closing => $class === null ? 'Gearbox back, or joined' : ($isSplit ? 'Joining the tractor' : 'Gearbox back'),
            self::Setting => 'Bleeding, setting',
            self::Proving => 'Proving and record',
        };
    }

    /** @return array<string, string> what each is called, by its value */
    public static function labels(?VehicleClass $class = null): array
    {
        return array_combine(
            array_column(self::cases(), 'value'), array_map(static fn (self $t): string => $t->label($class), self::cases()),
        );
    }

    /**
     * Hours by class and layout, in the order car with rear drive, car with front drive, van, truck, tractor. From memory [M]; that a long
     * front-drive job takes about twelve hours is common practice, no source.
     *
     * @return array{float, float, float, float, float}
     */
    private function table(): array
    {
        return match ($this) {
            self::Checks => [0.7, 0.7, 0.7, 1.0, 0.8],
            self::Access => [2.5, 4.5, 3.5, 5.0, 6.0],
            self::Inspection => [0.8, 0.8, 0.8, 1.2, 1.2],
            self::Ordering => [0.3, 0.3, 0.3, 0.4, 0.4],
            self::Machining => [0.5, 0.5, 0.5, 1.0, 0.7],
            self::Bench => [0.3, 0.3, 0.3, 0.5, 0.5],
            self::Fitting => [1.5, 1.5, 1.5, 3.0, 2.0],
            self::Closing => [2.5, 5.0, 3.5, 5.0, 6.0],
            self::Setting => [0.6, 0.6, 0.6, 1.0, 0.8],
            self::Proving => [0.7, 0.7, 0.7, 1.0, 0.8],
        };
    }

    /** What it usually takes. A class that is not known takes what a car takes. */
    public function usual(?VehicleClass $class, Layout $layout): Duration
    {
        return Duration::of($this->table()[match ($class) {
            VehicleClass::Van => 2,
            VehicleClass::Truck => 3,
            VehicleClass::Tractor => 4,
            default => $layout === Layout::Rear ? 0 : 1,
        }]);
    }

    /** The station at which it is recorded. */
    public function station(): Station
    {
        return match ($this) {
            self::Checks => Station::Triage,
            self::Access, self::Inspection, self::Machining => Station::Strip,
            self::Ordering => Station::Kit,
            self::Bench => Station::Bench,
            self::Fitting, self::Closing => Station::Fit,
            self::Setting => Station::Set,
            self::Proving => Station::Prove,
        };
    }

    /** What it needs beside a person, in words; empty where nothing. */
    public function needs(?VehicleClass $class): string
    {
        return match ($this) {
            self::Checks => 'engine running; a second person for some tests',
            self::Access => 'lift or stands; a helper at the end',
            self::Bench => 'the parts there',
            self::Fitting => 'the flywheel back'.($class === VehicleClass::Truck ? '; lifting device' : ''),
            self::Closing => 'a helper at the start',
            self::Setting => 'a helper for some ways of bleeding',
            self::Proving => 'road or yard',
            default => '',
        };
    }

    /** Whether the vehicle stands on its place for it. */
    public function needsPlace(): bool
    {
        return ! in_array($this, [self::Ordering, self::Bench, self::Machining], true);
    }

    /** Minutes of a second person, for all of a task; from memory [M], of reverse bleeding common practice. */
    public function helperMinutes(): int
    {
        return match ($this) {
            self::Access, self::Closing => 20,
            self::Setting => 25,
            default => 0,
        };
    }

    /** Whether the helper is wanted at its end; else at its start. */
    public function isHelpedAtEnd(): bool
    {
        return $this === self::Access;
    }

    /**
     * The tasks of a job. What is only adjusted or bled is checked, set and proved; a flywheel goes to the machinist where that is said.
     *
     * @param  Reach|null  $reach  how far the job goes, where that is known
     * @return list<self>
     */
    public static function of(JobSheet $sheet, ?Reach $reach = null): array
    {
        $tasks = match (($reach ?? Reach::of($sheet))->outcome) {
            Outcome::Strip => self::cases(),
            Outcome::NotTheClutch => [self::Checks],
            default => [self::Checks, self::Setting, self::Proving],
        };

        return $sheet->values->hasAny('plan.machining_days', PlanningFields::OUT_ON)
            ? $tasks : array_values(array_filter($tasks, static fn (self $t): bool => $t !== self::Machining));
    }

    public function key(): string
    {
        return "plan.hours.{$this->value}";
    }
}
