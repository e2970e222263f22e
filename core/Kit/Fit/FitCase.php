<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Demand\Duty;
use Spindle\Kit\Contents;
use Spindle\Kit\KitPart;
use Spindle\Quantity\Length;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** A vehicle and a kit that shall go into it. */
final readonly class FitCase
{
    /** @param  bool  $bringsFlywheel  then it is the kit's that the clutch sits on */
    private function __construct(
        public JobSheet $sheet,
        public FieldValues $vehicle,
        public FieldValues $kit,
        public ?Duty $duty,
        public bool $bringsFlywheel,
    ) {
    }

    public static function of(JobSheet $sheet, FieldValues $kit): self
    {
        return new self($sheet, $sheet->values, $kit, Duty::tryFrom($sheet->values->word('duty') ?? ''), self::isWithFlywheel($kit));
    }

    public function vehicleLength(string $key): ?Length
    {
        return $this->vehicle->one(Length::class, $key);
    }

    public function kitLength(string $key): ?Length
    {
        return $this->kit->one(Length::class, $key);
    }

    /** Whether a flywheel is in the box of a kit. */
    public static function isWithFlywheel(FieldValues $kit): bool
    {
        return $kit->hasAny('kit.flywheel_thickness', 'kit.flywheel_mass', 'kit.flywheel_outer')
            || Contents::holds($kit, KitPart::Flywheel);
    }
}
