<?php

declare(strict_types=1);

namespace Spindle\JobSheet;

use Spindle\Capacity\Lining;
use Spindle\Limit\Instrument;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitBook;
use Spindle\Limit\LimitSource;
use Spindle\Limit\PracticeLimits;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\UnitSystem;
use Spindle\Release\SlaveCylinder;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** One job as plain values: everything known of it, read and found possible, ready to be assessed. */
final readonly class JobSheet
{
    /** Where a limit is given, its figures. */
    private const LIMIT_FIGURES = ['min', 'max', 'watch_from', 'watch_below'];

    /**
     * @param  list<FieldValues>  $kits  candidates for comparison; the chosen one is among the values
     * @param  list<Limit>  $limits  given by maker or shop
     * @param  list<string>  $unknownLimits  names of limits that no check uses
     * @param  array<string, Instrument>  $instruments  by reading
     * @param  array<string, Length>  $uncertainties  by instrument, where the shop knows better than the built-in ones
     * @param  array<string, string>  $waivers  reason by finding
     */
    private function __construct(
        public FieldValues $values,
        public array $kits,
        private array $limits,
        public array $unknownLimits,
        private array $instruments,
        private array $uncertainties,
        public array $waivers,
        public UnitSystem $units,
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

        [$limits, $unknown] = self::readLimits($document->get(['limits']));

        return new self(
            self::values(Dictionary::all(), static fn (Field $f): mixed => $document->get($f->path()), ''),
            self::readKits($document->get(['kits'])),
            $limits,
            $unknown,
            self::readInstruments($document->get(['instruments'])),
            self::readUncertainties($document->get(['uncertainties'])),
            self::readWaivers($document->get(['waivers'])),
            self::readUnits($document->get(['units'])),
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

    public function limitBook(): LimitBook
    {
        return new LimitBook($this->vehicleClass(), $this->limits);
    }

    /** @return list<Limit> */
    public function givenLimits(): array
    {
        return $this->limits;
    }

    /** How far one reading of this field can be trusted: by the instrument noted, else by the one usual for it. */
    public function uncertainty(string $key): Length
    {
        $instrument = $this->instruments[$key] ?? Dictionary::get($key)->instrument;
        $built = $instrument?->uncertainty();

        return $this->uncertainties[$instrument->value ?? ''] ?? ($built instanceof Length ? $built : Length::mm(0.0));
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
        foreach (self::list($given, 'kits') as $i => $kit) {
            $kits[] = $kit instanceof \stdClass ? self::kit($kit, "kits[{$i}]") : throw SheetError::wrongType("kits[{$i}]", 'an object', $kit);
        }

        return $kits;
    }

    /** @return array{list<Limit>, list<string>} the limits, and the names that no check uses */
    private static function readLimits(mixed $given): array
    {
        $limits = $unknown = [];
        foreach (self::map($given, 'limits') as $name => $limit) {
            $dimension = self::dimensionOfLimit($name);
            if ($dimension === null) {
                $unknown[] = $name;
            } else {
                $limits[] = self::readLimit($name, $dimension, self::map($limit, "limits.{$name}"));
            }
        }

        return [$limits, $unknown];
    }

    /** @param  array<string, mixed>  $given */
    private static function readLimit(string $name, Dimension $dimension, array $given): Limit
    {
        $place = "limits.{$name}";
        $source = $given['source'] ?? null;
        $source = (is_string($source) ? LimitSource::tryFrom($source) : null)
            ?? throw SheetError::wrongType("{$place}.source", 'one of maker, shop, practice', $given['source'] ?? null);
        $figures = [];
        foreach (self::LIMIT_FIGURES as $figure) {
            $figures[$figure] = isset($given[$figure]) ? self::readLimitFigure($name, $dimension, $given[$figure], "{$place}.{$figure}") : null;
        }
        try {
            return Limit::of($name, $figures['min'], $figures['max'], $source, null, $figures['watch_below'], $figures['watch_from']);
        } catch (\DomainException $e) {
            throw SheetError::at($place, $e->getMessage());
        }
    }

    /** A bare number is in the unit of the figure that the limit is for, which may be per cent. */
    private static function readLimitFigure(string $name, Dimension $dimension, mixed $given, string $place): Quantity
    {
        $quantity = FieldReader::quantityOf($dimension, $given, $place)->quantity;

        return FigureUnits::isPercent($name) && ! is_string($given) ? $quantity->over(100) : $quantity;
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

    /** @return array<string, Instrument> */
    private static function readInstruments(mixed $given): array
    {
        $instruments = [];
        foreach (self::map($given, 'instruments') as $key => $word) {
            $place = "instruments.{$key}";
            $instruments[$key] = (is_string($word) ? Instrument::tryFrom($word) : null)
                ?? throw SheetError::wrongType($place, 'one of '.implode(', ', array_column(Instrument::cases(), 'value')), $word);
        }

        return $instruments;
    }

    /** @return array<string, Length> */
    private static function readUncertainties(mixed $given): array
    {
        $uncertainties = [];
        foreach (self::map($given, 'uncertainties') as $word => $value) {
            $place = "uncertainties.{$word}";
            $instrument = Instrument::tryFrom($word) ?? throw SheetError::at($place, 'no instrument of this name');
            if ($instrument->uncertainty() instanceof Length) {
                $read = FieldReader::quantityOf(Dimension::Length, $value, $place)->quantity->value;
                $uncertainties[$word] = $read >= 0.0 ? Length::mm($read) : throw SheetError::at($place, 'an uncertainty is not negative');
            }
        }

        return $uncertainties;
    }

    /** @return array<string, string> */
    private static function readWaivers(mixed $given): array
    {
        $waivers = [];
        foreach (self::map($given, 'waivers') as $id => $waiver) {
            $reason = self::map($waiver, "waivers.{$id}")['reason'] ?? null;
            $waivers[$id] = is_string($reason) && trim($reason) !== ''
                ? $reason
                : throw SheetError::wrongType("waivers.{$id}.reason", 'a reason', $reason);
        }

        return $waivers;
    }

    private static function readUnits(mixed $given): UnitSystem
    {
        return match (true) {
            $given === null => UnitSystem::Metric,
            is_string($given) && UnitSystem::tryFrom($given) !== null => UnitSystem::from($given),
            default => throw SheetError::wrongType('units', 'metric or inch', $given),
        };
    }

    /** @return array<string, mixed> */
    private static function map(mixed $given, string $place): array
    {
        $map = [];
        foreach (match (true) {
            $given === null => [],
            $given instanceof \stdClass => get_object_vars($given),
            default => throw SheetError::wrongType($place, 'an object', $given),
        } as $name => $value) {
            $map[(string) $name] = $value;
        }

        return $map;
    }

    /** @return list<mixed> */
    private static function list(mixed $given, string $place): array
    {
        return match (true) {
            $given === null => [],
            is_array($given) && array_is_list($given) => $given,
            default => throw SheetError::wrongType($place, 'a list', $given),
        };
    }
}
