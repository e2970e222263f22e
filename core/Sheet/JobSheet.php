<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Concession;
use Spindle\Limit\Finding;
use Spindle\Limit\Instrument;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitBook;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\UnitSystem;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/**
 * One job as plain values: everything known of it, read and found possible, ready to be assessed.
 *
 * @phpstan-import-type Parts from FieldValues as ValueParts
 *
 * @phpstan-type Parts array{
 *     values: ValueParts, left: ValueParts|null, kits: list<ValueParts>, limits: list<Limit>, unknown: list<string>,
 *     instruments: array<string, Instrument>, uncertainties: array<string, Length|Ratio>, waivers: array<string, Concession>,
 *     units: UnitSystem, sections: array<string, mixed>, elsewhere: list<string>,
 * }
 */
final readonly class JobSheet
{
    /**
     * @param  Dictionary  $dictionary  what the subjects have written down: names, limits, figures, judgements
     * @param  FieldValues|null  $leftValues  readings taken after the work, under the names they have before it; nothing where there
     *     are none
     * @param  list<FieldValues>  $kits  candidates for comparison; the chosen one is among the values
     * @param  list<Limit>  $limits  given by maker or shop
     * @param  list<string>  $unknownLimits  names of limits that no check uses
     * @param  array<string, Instrument>  $instruments  by reading
     * @param  array<string, Length|Ratio>  $uncertainties  by instrument, where the shop knows better than the built-in ones
     * @param  array<string, Concession>  $waivers  by finding
     * @param  list<string>  $statedElsewhere  limits and rules that a file brought from elsewhere, which nobody here has taken over
     * @param  FieldValues|null  $foundValues  of a job as it was left, what was found before the work
     */
    private function __construct(
        public Dictionary $dictionary,
        public FieldValues $values,
        private ?FieldValues $leftValues,
        public array $kits,
        private array $limits,
        public array $unknownLimits,
        private array $instruments,
        private array $uncertainties,
        public array $waivers,
        public UnitSystem $units,
        private SectionsRead $sections,
        public array $statedElsewhere = [],
        private ?FieldValues $foundValues = null,
    ) {
    }

    /** @throws SheetError when the text is not a possible job sheet, with the place */
    public static function ofJson(string $json, Dictionary $dictionary): self
    {
        return self::of(Document::ofJson($json), $dictionary);
    }

    /** @throws SheetError when something in it cannot be, with the place */
    public static function of(Document $document, Dictionary $dictionary): self
    {
        $document = $dictionary->plainly($document);
        $reader = new SheetReader($dictionary);
        $reader->checkSections($document);
        [$limits, $unknown] = Sections::limits($document->get(['limits']), $dictionary);

        return new self(
            $dictionary,
            StandIns::in($reader->values($reader->said($document), static fn (Field $f): mixed => $document->get($f->path())), $dictionary),
            $reader->left(Sections::map($document->get([AsLeft::SECTION]), AsLeft::SECTION)),
            $reader->kits($document->get(['kits'])),
            $limits,
            $unknown,
            Sections::instruments($document->get(['instruments'])),
            Sections::uncertainties($document->get(['uncertainties'])),
            Sections::waivers($document->get(['waivers'])),
            Sections::units($document->get(['units'])),
            $reader->sections($document),
            Sections::statedElsewhere($document->get(['elsewhere'])),
        );
    }

    /**
     * What was read, as values that can be kept.
     *
     * @return Parts
     */
    public function parts(): array
    {
        return [
            'values' => $this->values->parts(), 'left' => $this->leftValues?->parts(),
            'kits' => array_map(static fn (FieldValues $kit): array => $kit->parts(), $this->kits),
            'limits' => $this->limits, 'unknown' => $this->unknownLimits, 'instruments' => $this->instruments,
            'uncertainties' => $this->uncertainties, 'waivers' => $this->waivers, 'units' => $this->units,
            'sections' => $this->sections->given, 'elsewhere' => $this->statedElsewhere,
        ];
    }

    /**
     * A kept sheet, read when it was kept.
     *
     * @param  Parts  $parts
     */
    public static function again(array $parts, Dictionary $dictionary): self
    {
        return new self(
            $dictionary, FieldValues::again($dictionary, $parts['values']),
            $parts['left'] === null ? null : FieldValues::again($dictionary, $parts['left']),
            array_map(static fn (array $kit): FieldValues => FieldValues::again($dictionary, $kit), $parts['kits']),
            $parts['limits'], $parts['unknown'], $parts['instruments'], $parts['uncertainties'],
            $parts['waivers'], $parts['units'], new SectionsRead($dictionary, $parts['sections']), $parts['elsewhere'],
        );
    }

    /** The job as it was left; nothing where nothing was set, or read after the work. */
    public function left(): ?self
    {
        $work = $this->work();
        $left = $this->isAsLeft() ? null : $work->after();
        if ($left === null) {
            return null;
        }
        $instruments = $work->instruments($this->instruments);

        return $this->with($work->asLeft()->values($this->values, $left), $instruments, null, $this->leftValues, $this->values);
    }

    /** The job as it was found: without what was done to it since. */
    public function found(): self
    {
        return $this->with($this->work()->found(), $this->instruments);
    }

    /** What was found before the work: of a job as it was left the readings of before, else its own. */
    public function foundValues(): FieldValues
    {
        return $this->foundValues ?? $this->values;
    }

    public function isAsLeft(): bool
    {
        return $this->foundValues !== null;
    }

    public function work(): FoundAndLeft
    {
        return new FoundAndLeft($this->dictionary, $this->values, $this->leftValues);
    }

    /** The same job with one reading moved by so much, in the base unit: for how far a figure made of it can be trusted. */
    public function moved(string $key, int $place, float $by): self
    {
        return $this->with($this->values->moved($key, $place, $by), $this->instruments);
    }

    /** @param  array<string, Instrument>  $instruments */
    private function with(
        FieldValues $values, array $instruments, ?SectionsRead $sections = null, ?FieldValues $after = null, ?FieldValues $found = null,
    ): self {
        return new self(
            $this->dictionary, $values, $after ?? ($this->isAsLeft() ? $this->leftValues : null), $this->kits, $this->limits,
            $this->unknownLimits, $instruments, $this->uncertainties, $this->waivers, $this->units, $sections ?? $this->sections,
            $this->statedElsewhere, $found ?? $this->foundValues,
        );
    }

    /** The same job with a section as it is now, where its own file has none. */
    public function knowing(string $section, mixed $given): self
    {
        return isset($this->sections->given[$section]) || $given === null ? $this : $this->saying($section, $given);
    }

    /** A section as its file has it; nothing where it has none. */
    public function sectionAsGiven(string $name): mixed
    {
        return $this->sections->given[$name] ?? null;
    }

    /** The same job with another section in the place of its own. */
    public function saying(string $section, mixed $given): self
    {
        $sections = new SectionsRead($this->dictionary, [...$this->sections->given, $section => $given]);

        return $this->with($this->values, $this->instruments, $sections, $this->leftValues);
    }

    /** The same job with other answers in place of some. */
    public function replacing(FieldValues $by): self
    {
        return $this->with($this->values->replaced($by, static fn (string $key): bool => ! $by->has($key)), $this->instruments);
    }

    public function leavingOut(string ...$keys): self
    {
        return $this->with($this->values->without(...$keys), $this->instruments);
    }

    /** The same job with another kit in the place of the one that is chosen. */
    public function withKit(FieldValues $kit): self
    {
        return $this->with(
            $this->values->replaced($kit, static fn (string $key): bool => ! str_starts_with($key, 'kit.')), $this->instruments,
        );
    }

    /** What was read after the work, under the names of before. */
    public function leftValues(): FieldValues
    {
        return $this->leftValues ?? new FieldValues($this->dictionary);
    }

    /** A finding with the reason why it may pass, where a waiver covers it and was given for what is found. */
    public function letPass(Finding $finding): Finding
    {
        $waiver = $this->waivers[$finding->id] ?? null;
        $covers = $waiver?->covers($finding->verdict) === true
            && ($waiver->basis === '' || $waiver->basis === ConcessionBasis::of($finding, $this));

        return $covers ? $finding->waived($waiver->reason) : $finding;
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

    /** Two discs on one shaft, where somebody said so: it is asked of every truck, and never assumed. */
    public function isTwinDisc(): bool
    {
        return $this->vehicleClass() === VehicleClass::Truck && $this->values->word('vehicle.discs') === 'two';
    }

    /** A booster helps the foot: between pedal and slave the bores say neither travel nor force. */
    public function isAirAssisted(): bool
    {
        return $this->vehicleClass() === VehicleClass::Truck && $this->values->word('vehicle.assistance') === 'air'
            && $this->actuation()?->isHydraulic() === true;
    }

    /** A travel disc and a power take-off disc under one pedal. */
    public function isTwoStage(): bool
    {
        return $this->vehicleClass() === VehicleClass::Tractor && $this->values->word('vehicle.stages') === 'two';
    }

    /** Whether its age is told by hours; everything else counts distance. */
    public function countsHours(): bool
    {
        return $this->vehicleClass() === VehicleClass::Tractor;
    }

    /** Since the clutch was fitted: as entered, else what the odometer has gone on since. */
    public function distanceSinceFitted(): ?Distance
    {
        return $this->values->since(Distance::class, 'distance_since_fitted', 'odometer');
    }

    public function timeSinceFitted(): ?Duration
    {
        return $this->values->since(Duration::class, 'time_since_fitted', 'hour_meter');
    }

    public function limitBook(): LimitBook
    {
        return new LimitBook($this->dictionary->practice, $this->vehicleClass(), $this->limits);
    }

    /** @return list<Limit> */
    public function givenLimits(): array
    {
        return $this->limits;
    }

    /** How far a reading of this field can be trusted, in its own dimension; nothing where no instrument is known for it. */
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
        return ($length = $this->trust($key)) instanceof Length ? $length : Length::mm(0.0);
    }

    private function trust(string $key): Length|Ratio|null
    {
        $with = $this->instruments[$this->values->toldBy($key)] ?? $this->instruments[$key] ?? null;
        $instrument = $with ?? $this->dictionary->get($key)->instrument;

        return $instrument === null ? null : $this->trustIn($instrument);
    }

    /** How far an instrument is trusted on this job: the shop's own figure, else the built-in one. */
    public function trustIn(Instrument $instrument): Length|Ratio
    {
        return $this->uncertainties[$instrument->value] ?? $instrument->uncertainty();
    }

    /** A section that holds no fields, as its subject read it; nothing where no subject reads one of this name. */
    public function section(string $name): ?object
    {
        return $this->sections->of($name);
    }
}
