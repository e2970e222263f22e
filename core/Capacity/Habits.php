<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\Duty;
use Spindle\Quantity\Energy;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/**
 * How long the lining of the chosen kit lasts with one habit of the driver or another: the heat of a kilometre is that of its starts, of
 * holding on the hill, E = T_L ω t, and of the hard starts, each at twice the revs; the life is the volume over what that heat wears.
 *
 * The kilometres of a year, the days on which it is driven and the hill are from memory, and said beside the figure.
 */
final readonly class Habits
{
    /** The hill on which it is held, where none is entered: rise over level distance. From memory [M]. */
    private const HILL = 0.10;

    /** A hard start has so many times the revs of a usual one. From memory [M]. */
    private const HARD = 2.0;

    /** Driven on so many days of a year. From memory [M]. */
    private const DAYS = 300.0;

    /** Driven in a year by class, in km, of a tractor in h. From memory [M]. */
    private const YEAR = ['car' => 15_000.0, 'van' => 25_000.0, 'truck' => 80_000.0, 'tractor' => 700.0];

    private function __construct(
        private JobSheet $sheet,
        private KitClutch $clutch,
        private Length $depth,
        private Duty $duty,
        public Speed $usualRevs,
    ) {
    }

    /** @return self|list<string> what it cannot be worked out without */
    public static function of(JobSheet $sheet): self|array
    {
        $values = $sheet->values;
        $usual = LiningLife::of($sheet, $values);
        if (! $usual instanceof LiningLife) {
            return $usual;
        }
        $revs = $values->one(Speed::class, 'launch.engine_speed');
        $depth = $values->one(Length::class, 'kit.usable_per_side');
        $duty = Duty::tryFrom($values->word('duty') ?? '');

        return $revs === null || $depth === null || $duty === null ? $values->missing('launch.engine_speed', 'kit.usable_per_side', 'duty')
            : new self($sheet, KitClutch::of($values, $sheet), $depth, $duty, $revs);
    }

    /** Driven in a year: km, of a tractor h. */
    public function year(): float
    {
        return self::YEAR[$this->sheet->vehicleClass()->value ?? VehicleClass::Car->value];
    }

    public function usualTrailer(): Mass
    {
        return $this->sheet->values->one(Mass::class, 'launch.trailer_mass') ?? Mass::of(0.0);
    }

    /** As entered at the demand, and nothing of the habits. */
    public function usual(): ?LiningLife
    {
        return $this->life([]);
    }

    /**
     * @param  array<string, float>  $habits  how far, in base units, by their names; one that is left out is as entered
     * @return LiningLife|null nothing where it does not move off that way
     */
    public function life(array $habits): ?LiningLife
    {
        $heat = $this->heat($habits);

        return $heat === null ? null : LiningLife::ofHeat($this->clutch, $this->depth, $this->duty, $heat, ShopWear::of($this->sheet));
    }

    /**
     * Of one km, of field work of one h.
     *
     * @param  array<string, float>  $habits
     */
    private function heat(array $habits): ?Energy
    {
        $revs = $habits[Habit::Revs->value] ?? $this->usualRevs->value;
        $sheet = $this->driven($revs, $habits[Habit::Trailer->value] ?? null);
        $start = StartOfSheet::of($sheet)?->with($this->clutch);
        $hard = StartOfSheet::of($this->driven(self::HARD * $revs, $habits[Habit::Trailer->value] ?? null))?->with($this->clutch);
        if ($start === null || $hard === null || ! $start->movesOff() || ! $hard->movesOff()) {
            return null;
        }
        $held = ($habits[Habit::Held->value] ?? 0.0) * 3600.0 * self::DAYS / $this->year();

        return Energy::J($start->energy()->value * LiningLife::starts($this->duty)
            + $hard->energy()->value * ($habits[Habit::HardStarts->value] ?? 0.0) / $this->year()
            + $this->onHill($sheet)->value * Speed::of($revs)->radiansPerSecond() * $held);
    }

    /** What the clutch holds on the hill. */
    private function onHill(JobSheet $sheet): Torque
    {
        $values = $sheet->values;
        $grade = $values->one(Ratio::class, 'launch.grade');
        [$radius, $ratio] = [$values->one(Length::class, 'launch.rolling_radius'), $values->one(Ratio::class, 'launch.ratio')];
        $all = ($values->one(Mass::class, 'launch.vehicle_mass') ?? Mass::of(0.0))
            ->plus($values->one(Mass::class, 'launch.trailer_mass') ?? Mass::of(0.0));

        return $radius === null || $ratio === null ? Torque::of(0.0) : RoadLoad::torque(
            $all, $grade === null || $grade->value <= 0.0 ? Ratio::of(self::HILL) : $grade, $values->word('launch.ground') ?? 'road',
            $radius, $ratio,
        );
    }

    /** @param  float|null  $trailer  in kg; as entered where it is nothing */
    private function driven(float $revs, ?float $trailer): JobSheet
    {
        return $this->sheet->replacing(FieldValues::ofBase($this->sheet->dictionary, [
            'launch.engine_speed' => $revs, ...($trailer === null ? [] : ['launch.trailer_mass' => $trailer]),
        ]));
    }
}
