<?php

declare(strict_types=1);

namespace Spindle\JobSheet;

use Spindle\Capacity\Lining;
use Spindle\Limit\Instrument;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitBook;
use Spindle\Limit\PracticeLimits;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\UnitSystem;
use Spindle\Release\SlaveCylinder;
use Spindle\Triage\EvidenceTable;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/** One job as plain values: everything known of it, read and found possible, ready to be assessed. */
final readonly class JobSheet
{
    private const MOST_KITS = 200;

    /**
     * @param  FieldValues|null  $leftValues  readings taken after the work, under the names they have before it; nothing where there are none
     * @param  list<FieldValues>  $kits  candidates for comparison; the chosen one is among the values
     * @param  list<Limit>  $limits  given by maker or shop
     * @param  list<string>  $unknownLimits  names of limits that no check uses
     * @param  array<string, Instrument>  $instruments  by reading
     * @param  array<string, Length|Ratio>  $uncertainties  by instrument, where the shop knows better than the built-in ones
     * @param  array<string, string>  $waivers  reason by finding
     */
    private function __construct(
        public FieldValues $values,
        private ?FieldValues $leftValues,
        public array $kits,
        private array $limits,
        public array $unknownLimits,
        private array $instruments,
        private array $uncertainties,
        public array $waivers,
        public UnitSystem $units,
        public EvidenceTable $causes,
    ) {
    }

    /** @throws SheetError when the text is not a possible job sheet, with the place */
    public static function ofJson(string $json): self
    {
        return self::of(Document::ofJson($json));
    }

    /** @throws SheetError when something in it cannot be, with the place */
    public static function of(Document $document): self
    {
        foreach (['readings', ...Dictionary::SECTIONS] as $section) {
            $found = $document->get([$section]);
            if ($found !== null && ! $found instanceof \stdClass) {
                throw SheetError::wrongType($section, 'an object', $found);
            }
        }

        [$limits, $unknown] = Sections::limits($document->get(['limits']));

        return new self(
            self::values(Dictionary::all(), static fn (Field $f): mixed => $document->get($f->path()), ''),
            self::readLeft(Sections::map($document->get([AsLeft::SECTION]), AsLeft::SECTION)),
            self::readKits($document->get(['kits'])),
            $limits,
            $unknown,
            Sections::instruments($document->get(['instruments'])),
            Sections::uncertainties($document->get(['uncertainties'])),
            Sections::waivers($document->get(['waivers'])),
            Sections::units($document->get(['units'])),
            Sections::causes($document->get(['causes'])),
        );
    }

    /**
     * A kit on its own, under the names it has in a job sheet.
     *
     * @throws SheetError
     */
    public static function kit(\stdClass $kit, string $place = 'kit'): FieldValues
    {
        $fields = array_filter(Dictionary::all(), static fn (Field $f): bool => str_starts_with($f->key, 'kit.'));

        return self::values($fields, static fn (Field $f): mixed => $kit->{$f->path()[1]} ?? null, $place === 'kit' ? '' : $place);
    }

    /**
     * Readings taken after the work.
     *
     * @param  array<string, mixed>  $given
     *
     * @throws SheetError
     */
    private static function readLeft(array $given): ?FieldValues
    {
        $fields = [];
        foreach (array_keys($given) as $key) {
            $field = AsLeft::field(AsLeft::PREFIX.$key);
            $fields += $field === null ? [] : [$key => $field];
        }
        $values = $fields === [] ? null : self::values($fields, static fn (Field $f): mixed => $given[$f->path()[1]] ?? null, '');

        return $values === null || $values->keys() === [] ? null : $values;
    }

    /** The job as it was left; nothing where nothing was read after the work. */
    public function left(): ?self
    {
        if ($this->leftValues === null) {
            return null;
        }
        $instruments = $this->instruments;
        foreach ($this->leftValues->keys() as $key) {
            $instrument = $this->instruments[AsLeft::PREFIX.$key] ?? null;
            if ($instrument !== null) {
                $instruments[$key] = $instrument;
            } else {
                unset($instruments[$key]);
            }
        }

        return new self($this->asLeft()->values($this->values, $this->leftValues), null, $this->kits, $this->limits, $this->unknownLimits, $instruments, $this->uncertainties, $this->waivers, $this->units, $this->causes);
    }

    /** The same job with one reading moved by so much, in the base unit: for how far a figure made of it can be trusted. */
    public function moved(string $key, int $place, float $by): self
    {
        return new self($this->values->moved($key, $place, $by), null, $this->kits, $this->limits, $this->unknownLimits, $this->instruments, $this->uncertainties, $this->waivers, $this->units, $this->causes);
    }

    /** Which parts were measured anew after the work. */
    public function asLeft(): AsLeft
    {
        return AsLeft::of($this->leftValues ?? new FieldValues);
    }

    /** What was read after the work, under the names of before. */
    public function leftValues(): FieldValues
    {
        return $this->leftValues ?? new FieldValues;
    }

    public function vehicleClass(): ?VehicleClass
    {
        return VehicleClass::tryFrom($this->values->word('vehicle.class') ?? '');
    }

    public function actuation(): ?Actuation
    {
        return Actuation::tryFrom($this->values->word('vehicle.actuation') ?? '');
    }

    public function flywheel(): ?FlywheelKind
    {
        return FlywheelKind::tryFrom($this->values->word('vehicle.flywheel') ?? '');
    }

    public function pilot(): ?PilotSeat
    {
        return PilotSeat::tryFrom($this->values->word('vehicle.pilot') ?? '');
    }

    /** Two discs on one shaft: said so, or a truck's pull-type clutch of which nothing else is said. */
    public function isTwinDisc(): bool
    {
        $said = $this->values->word('vehicle.discs');

        return $this->vehicleClass() === VehicleClass::Truck && ($said === 'two' || $said === null && $this->actuation() === Actuation::Pull);
    }

    /** A travel disc and a power take-off disc under one pedal. */
    public function isTwoStage(): bool
    {
        return $this->vehicleClass() === VehicleClass::Tractor && $this->values->word('vehicle.stages') === 'two';
    }

    /** Since the clutch was fitted: as entered, else what the odometer has gone on since. */
    public function distanceSinceFitted(): ?Distance
    {
        return $this->since(Distance::class, 'distance_since_fitted', 'odometer');
    }

    public function timeSinceFitted(): ?Duration
    {
        return $this->since(Duration::class, 'time_since_fitted', 'hour_meter');
    }

    /**
     * @template T of Quantity
     *
     * @param  class-string<T>  $type
     * @return T|null
     */
    private function since(string $type, string $given, string $meter): ?Quantity
    {
        $now = $this->values->one($type, $meter);
        $then = $this->values->one($type, "{$meter}_at_fitting");
        $between = $now === null || $then === null || $now->value < $then->value ? null : $now->minus($then);

        return $this->values->one($type, $given) ?? $between;
    }

    public function limitBook(): LimitBook
    {
        return new LimitBook($this->vehicleClass(), $this->limits);
    }

    /** @return list<Limit> */
    public function givenLimits(): array
    {
        return $this->limits;
    }

    /**
     * How far a reading of this field can be trusted, in its own dimension; nothing where no instrument is known for it.
     */
    public function uncertaintyOf(string $key, Quantity $reading): ?Quantity
    {
        if ($reading instanceof Length) {
            return $this->uncertainty($key);
        }
        $share = $this->trust($key);

        return $share instanceof Ratio ? $reading->times(abs($share->value)) : null;
    }

    /** How far one reading of this field can be trusted: by the instrument noted, else by the one usual for it. */
    public function uncertainty(string $key): Length
    {
        $length = $this->trust($key);

        return $length instanceof Length ? $length : Length::mm(0.0);
    }

    private function trust(string $key): Length|Ratio|null
    {
        $instrument = $this->instruments[$key] ?? Dictionary::get($key)->instrument;

        return $instrument === null ? null : $this->trustIn($instrument);
    }

    /** How far an instrument is trusted on this job: the shop's own figure, else the built-in one. */
    public function trustIn(Instrument $instrument): Length|Ratio
    {
        return $this->uncertainties[$instrument->value] ?? $instrument->uncertainty();
    }

    /**
     * @param  array<string, Field>  $fields
     * @param  callable(Field): mixed  $given
     */
    private static function values(array $fields, callable $given, string $under): FieldValues
    {
        $entries = $words = [];
        $curve = null;
        foreach ($fields as $key => $field) {
            $value = $given($field);
            if ($value === null) {
                continue;
            }
            $place = $under === '' ? implode('.', $field->path()) : $under.'.'.$field->path()[1];
            match ($field->kind) {
                Kind::Quantity, Kind::Quantities, Kind::Count => $entries[$key] = FieldReader::entries($field, $value, $place),
                Kind::Word, Kind::Words, Kind::Flag => $words[$key] = FieldReader::words($field, $value, $place),
                Kind::Text => $words[$key] = [FieldReader::text($value, $place)],
                Kind::Marks => $words[$key] = FieldReader::marks($field, $value, $place),
                Kind::Date => $words[$key] = [FieldReader::day($value, $place)],
                Kind::Curve => $curve = FieldReader::curve($value, $place),
            };
        }
        $values = new FieldValues($entries, $words, $curve);
        self::checkShapes($values, $under);

        return $values;
    }

    /** Diameters that contradict each other can come from no real part. */
    private static function checkShapes(FieldValues $values, string $under): void
    {
        $checks = [
            ['kit.lining_outer', 'kit.lining_inner', Lining::ring(...)],
            ['release.slave_outer', 'release.slave_inner', SlaveCylinder::annular(...)],
        ];
        foreach ($checks as [$outerKey, $innerKey, $make]) {
            $outer = $values->one(Length::class, $outerKey);
            $inner = $values->one(Length::class, $innerKey);
            if ($outer !== null && $inner !== null) {
                try {
                    $make($outer, $inner);
                } catch (\DomainException $e) {
                    throw SheetError::at($under === '' ? $innerKey : $under.'.'.explode('.', $innerKey)[1], $e->getMessage());
                }
            }
        }
    }

    /** @return list<FieldValues> */
    private static function readKits(mixed $given): array
    {
        $kits = [];
        $list = Sections::list($given, 'kits');
        FieldReader::checkLength($list, self::MOST_KITS, 'kits');
        foreach ($list as $i => $kit) {
            $kits[] = $kit instanceof \stdClass ? self::kit($kit, "kits[{$i}]") : throw SheetError::wrongType("kits[{$i}]", 'an object', $kit);
        }

        return $kits;
    }

    /** What kind of quantity a limit of this name is given in; nothing where no check takes one. */
    public static function dimensionOfLimit(string $name): ?Dimension
    {
        foreach (PracticeLimits::rows() as $row) {
            if ($row->name === $name) {
                return $row->dimension;
            }
        }

        return Dictionary::find($name)->dimension ?? FigureUnits::dimension($name);
    }
}
