<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Place;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/** What is tried before a vehicle leaves, in the order in which it is. Common practice, no source; the maker's procedure decides. */
enum Test: string
{
    case Leaks = 'leaks';
    case Feel = 'feel';
    case TakeUp = 'take_up';
    case Switches = 'switches';
    case Truck = 'truck';
    case TwoStage = 'two_stage';
    case Selection = 'selection';
    case Creep = 'creep';
    case Judder = 'judder';
    case Slip = 'slip';

    public function label(): string
    {
        return match ($this) {
            self::Leaks => 'Leaks',
            self::Feel => 'Pedal feel',
            self::TakeUp => 'Take-up point',
            self::Switches => 'Switches',
            self::Truck => 'Free pedal, brake squeeze, gap',
            self::TwoStage => 'Both stages',
            self::Selection => 'Selection',
            self::Creep => 'Revs and creep',
            self::Judder => 'Judder and noise',
            self::Slip => 'Slip',
        };
    }

    /** Where whoever tries it is. */
    public function place(): Place
    {
        return match ($this) {
            self::Leaks, self::Truck => Place::UnderVehicle,
            self::Feel, self::TakeUp, self::Switches, self::TwoStage, self::Selection, self::Creep => Place::Cab,
            self::Judder, self::Slip => Place::Road,
        };
    }

    /** How it is done, and when it is passed. */
    public function how(): string
    {
        return match ($this) {
            self::Leaks => 'After ten presses and a run: master in the footwell, pipe, slave boot, housing. Dry everywhere.',
            self::Feel => 'All the travel, slowly. Firm; softening past the middle is normal on a diaphragm cover. No second firmness '
                .'before the floor.',
            self::TakeUp => 'Engine idling, lift slowly until it just begins to pull; measure from the floor. In the band, or where the '
                .'driver wants it.',
            self::Switches => 'Start interlock, cruise, upper and lower stop: each works with the pedal as it is set now.',
            self::Truck => 'Free pedal, height at which the brake meets, gap of the bearing: each in its limits, measured once more.',
            self::TwoStage => 'Half down the travel stops and the take-off still turns; all the way down both stand.',
            self::Selection => 'Warm, idling, pedal down: first; after five seconds reverse. No grind, no nudge.',
            self::Creep => 'Warm, level, clear ahead, first gear, pedal fully down: one short rev to about three quarters of the limit, '
                .'never held. No creep, no bog.',
            self::Judder => 'On level ground, start gently five times; listen with the pedal up and down. Smooth and quiet.',
            self::Slip => 'A short pull in a high gear: revs follow the speed.',
        };
    }

    /** What can hurt somebody; empty where nothing does more than elsewhere. */
    public function caution(): string
    {
        return match ($this) {
            self::Creep => 'A dragging clutch can lurch: brake on, chocks ready, nobody in front or behind; short bursts only.',
            self::Selection => 'Brake on, nobody in front or behind.',
            self::Slip, self::Judder => 'On the road only by a licensed driver, within the law.',
            self::Truck => 'Nobody at the pedal while fingers are at the inspection hole; engine not able to start.',
            self::TwoStage => 'Shaft guarded, nobody near it; key out before anybody reaches in.',
            default => '',
        };
    }

    /** Whether a second person is wanted. */
    public function isForTwo(): bool
    {
        return in_array($this, [self::TakeUp, self::Truck, self::Creep], true);
    }

    /** @return list<self> those of this vehicle and this kind of job, in order */
    public static function of(JobSheet $sheet): array
    {
        return array_values(array_filter(self::cases(), static fn (self $test): bool => $test->isOn($sheet)));
    }

    public function isOn(JobSheet $sheet): bool
    {
        $isHydraulic = $sheet->actuation()?->isHydraulic();

        return match ($this) {
            self::Leaks => $isHydraulic !== false,
            // Where the clutch was left in the vehicle nobody touched what makes it judder.
            self::Judder => Reach::of($sheet)->outcome === Outcome::Strip,
            self::Truck => $sheet->vehicleClass() === VehicleClass::Truck && in_array($sheet->actuation(), [Actuation::Pull, null], true),
            self::TwoStage => $sheet->isTwoStage(),
            default => true,
        };
    }

    /** Whether a job like this is not signed without it: what its work touched. Common practice, no source. */
    public function isOwed(JobSheet $sheet): bool
    {
        return $this->isOn($sheet) && match (Reach::of($sheet)->outcome) {
            Outcome::Strip => true,
            // Half and whole pedal of two stages say where either takes up.
            Outcome::Adjust => ! in_array($this, [self::Leaks, self::Creep, ...($sheet->isTwoStage() ? [self::TakeUp] : [])], true),
            Outcome::Bleed => in_array($this, [self::Leaks, self::Feel, self::TakeUp, self::Selection], true),
            Outcome::RepairActuation => $this !== self::Creep,
            Outcome::NotTheClutch => false,
        };
    }

    /** Whether anything was entered of it. */
    public function isBegun(JobSheet $sheet): bool
    {
        return $sheet->values->hasAny($this->key('result'), $this->key('round'), $this->key('felt'), $this->key('why'));
    }

    /** Whose result is entered in a field; nothing where it is that of none. */
    public static function ofResult(string $key): ?self
    {
        foreach (self::cases() as $test) {
            if ($test->key('result') === $key) {
                return $test;
            }
        }

        return null;
    }

    public function key(string $what): string
    {
        return "prove.{$this->value}.{$what}";
    }
}
