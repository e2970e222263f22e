<?php

declare(strict_types=1);

namespace Spindle\Kit\Completeness;

use Spindle\Kit\Contents;
use Spindle\Kit\KitPart;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/** Whether a job needs a part, and where it comes from as far as that is settled. What a job needs is common practice, no source. */
final readonly class PartNeed
{
    /**
     * @param  string  $whyNot  why this vehicle has no such part, or this job does not touch it; empty where it is needed
     * @param  PartState|null  $state  as entered, or as the kit's contents say
     * @param  string  $reason  given for a part that somebody says is not needed
     * @param  string  $order  that shows that a part said to be ordered is: of the counter, or told to somebody
     */
    private function __construct(
        public KitPart $part,
        public string $whyNot,
        public ?PartState $state,
        public string $reason,
        public string $order,
        public bool $isEntered,
    ) {
    }

    /** @return list<self> every part, in the order of the list */
    public static function of(JobSheet $sheet): array
    {
        $contents = Contents::of($sheet->values);

        return array_map(static function (KitPart $part) use ($sheet, $contents): self {
            $entered = PartState::tryFrom($sheet->values->word("parts.{$part->value}") ?? '');

            return new self(
                $part,
                self::whyNot($part, $sheet),
                $entered ?? ($contents->has($part) ? PartState::InKit : null),
                trim($sheet->values->word("parts.{$part->value}_why") ?? ''),
                trim($sheet->values->word("parts.{$part->value}_order") ?? ''),
                $entered !== null,
            );
        }, KitPart::cases());
    }

    /** Whether the list is kept on this job: once what is in the box is known, or somebody has begun it. */
    public static function isKept(JobSheet $sheet): bool
    {
        return Contents::of($sheet->values)->isKnown()
            || array_filter($sheet->values->keys(), static fn (string $key): bool => str_starts_with($key, 'parts.')) !== [];
    }

    public function isOpen(): bool
    {
        return $this->openReading() !== null;
    }

    /** Said to be ordered, and no order shows it. A word orders nothing. */
    public function isOnlySaid(): bool
    {
        return $this->state === PartState::Ordered && $this->order === '';
    }

    /** The reading that would settle it; nothing where it is settled. */
    public function openReading(): ?string
    {
        return match (true) {
            $this->state === null => $this->whyNot === '' ? "parts.{$this->part->value}" : null,
            $this->state === PartState::NotApplicable && $this->reason === '' => "parts.{$this->part->value}_why",
            $this->isOnlySaid() => "parts.{$this->part->value}_order",
            default => null,
        };
    }

    private static function whyNot(KitPart $part, JobSheet $sheet): string
    {
        $actuation = $sheet->actuation();
        $class = $sheet->vehicleClass();
        $isHydraulic = $actuation?->isHydraulic() ?? true;

        return match ($part) {
            KitPart::Bearing, KitPart::GuideSleeve, KitPart::Fork => $actuation === Actuation::Concentric
                ? 'the concentric slave takes its place' : '',
            KitPart::ConcentricSlave => self::unless($actuation === Actuation::Concentric, 'no concentric slave on this vehicle'),
            KitPart::Pilot => self::unless($sheet->pilot() !== PilotSeat::None, 'this engine has none'),
            KitPart::PilotSeal => self::unless(
                $sheet->pilot() !== PilotSeat::None && $sheet->values->word('pilot.kind') === 'rolling',
                'only a rolling pilot bearing has one',
            ),
            KitPart::FlywheelBolts, KitPart::Dowels => self::unless(self::flywheelComesOff($sheet), 'the flywheel stays on'),
            KitPart::LockTabs => self::unless($class === VehicleClass::Tractor, 'no lock tabs on this class'),
            KitPart::ShaftSeal => self::unless($class !== VehicleClass::Tractor, 'no seal to leak there on a tractor'),
            KitPart::Cable => self::unless($actuation === Actuation::Cable, 'no cable on this vehicle'),
            KitPart::SlaveCylinder => self::unless($actuation === Actuation::Slave, 'no slave cylinder outside on this vehicle'),
            KitPart::Pipe, KitPart::MasterCylinder, KitPart::Fluid => self::unless($isHydraulic, 'no hydraulics on this vehicle'),
            KitPart::BearingGrease => self::unless(
                in_array($class, [VehicleClass::Truck, VehicleClass::Tractor], true), 'the bearing is greased for life',
            ),
            KitPart::ClutchBrake => self::unless($actuation === Actuation::Pull, 'only a pull-type clutch has one'),
            KitPart::IntermediatePlate => self::unless($sheet->isTwinDisc(), 'only a clutch of two discs has one'),
            KitPart::DrivePins => self::unless(
                $sheet->isTwinDisc() && $sheet->flywheel() === FlywheelKind::Pot, 'only a pot flywheel with two discs has them',
            ),
            KitPart::LeverSet => self::unless(
                $class === VehicleClass::Tractor && in_array($sheet->values->word('cover.kind'), [null, 'levers'], true),
                'only a lever cover has them',
            ),
            KitPart::Filters => self::unless($class === VehicleClass::Tractor, 'none is reachable only now'),
            default => '',
        };
    }

    private static function unless(bool $needed, string $whyNot): string
    {
        return $needed ? '' : $whyNot;
    }

    /** A cut, a new one in the kit, or a word that it is ordered takes the flywheel off the crankshaft. */
    public static function flywheelComesOff(JobSheet $sheet): bool
    {
        $values = $sheet->values;

        return $values->hasAny('flywheel.machined', 'flywheel.mounting_cut') || Contents::holds($values, KitPart::Flywheel)
            || in_array($values->word('parts.flywheel'), [PartState::Ordered->value, PartState::OnShelf->value], true)
            || self::saysReplace($values);
    }

    private static function saysReplace(FieldValues $values): bool
    {
        return array_intersect(
            $values->words('flywheel.conditions'), ['heat_spots', 'scoring', 'cracks', 'open_crack', 'loose_bolts', 'ring_gear',
                'bolt_holes'],
        ) !== [];
    }
}
