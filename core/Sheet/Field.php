<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Quantity\Unit;
use Spindle\Quantity\Units;
use Spindle\Quantity\UnitSystem;

/** One thing a job sheet can hold: its name, what answers it takes, and how it is asked. */
final class Field
{
    /** No clutch has more fingers, springs or bolts around it. */
    private const MOST_PLACES = 24;

    private const MOST_MARKS = 64;

    private ?Nature $nature;

    /** @var non-empty-list<string>|null worked out when somebody asks */
    private ?array $path = null;

    /**
     * @param  string  $key  its name everywhere: "disc.thickness"
     * @param  int  $positions  places it is usually measured at
     * @param  array<string, string>  $options  word => how it is shown
     * @param  string  $unit  the unit a form shows where the system's own is not the usual one, such as % for a share
     * @param  string  $how  how it is measured
     * @param  self|null  $along  what a curve is read along: the field of its other axis
     * @param  bool  $isSlope  a grade, which may be given as an angle too
     * @param  Nature|null  $nature  what it is; nothing only until it is said, before it stands in a dictionary
     */
    public function __construct(
        public readonly string $key,
        public readonly Kind $kind,
        public readonly Station $station,
        public readonly string $label,
        public readonly ?Dimension $dimension = null,
        public readonly ?Range $range = null,
        public readonly int $positions = 1,
        public readonly ?Instrument $instrument = null,
        public readonly array $options = [],
        public readonly string $unit = '',
        public readonly string $how = '',
        public readonly ?self $along = null,
        ?Nature $nature = null,
        public readonly bool $isSlope = false,
    ) {
        $this->nature = $nature;
    }

    /** The same, said what it is. */
    public function is(Nature $nature): self
    {
        $said = clone $this;
        $said->nature = $nature;
        $said->path = null;

        return $said;
    }

    /** The same, said how it is measured. */
    public function how(string $how): self
    {
        return $this->with(how: $how);
    }

    /** The same, said what it is usually taken with. */
    public function takenWith(Instrument $instrument): self
    {
        return $this->with(instrument: $instrument);
    }

    /** The same, shown in another unit than is usual. */
    public function in(string $unit): self
    {
        return $this->with(unit: $unit);
    }

    private function with(?Instrument $instrument = null, ?string $unit = null, ?string $how = null): self
    {
        return new self(
            $this->key, $this->kind, $this->station, $this->label, $this->dimension, $this->range, $this->positions,
            $instrument ?? $this->instrument, $this->options, $unit ?? $this->unit, $how ?? $this->how, $this->along, $this->nature,
            $this->isSlope,
        );
    }

    /** @throws DictionaryError where nobody said what it is */
    public function nature(): Nature
    {
        return $this->nature ?? throw DictionaryError::noNature($this->key);
    }

    /** @return list<Instrument> what it is taken with */
    public function instruments(): array
    {
        return [...($this->instrument === null ? [] : [$this->instrument]), ...$this->nature()->instruments];
    }

    /**
     * Where a file holds it: the section, and the name inside it. Readings stand in one section under their whole name; bolts stand
     * group by group, tests one by one, hours by task.
     *
     * @return non-empty-list<string>
     */
    public function path(): array
    {
        return $this->path ??= self::pathOf($this->key, $this->nature->isReading ?? false);
    }

    /** @return non-empty-list<string> */
    private static function pathOf(string $key, bool $isReading): array
    {
        [$first, $rest] = [...explode('.', $key, 2), ''];

        return match (true) {
            $first === AsLeft::SECTION => [$first, $rest],
            $first === Dictionary::LIMITS => [$first, substr($rest, 0, -4), substr($rest, -3)],
            $isReading => ['readings', $key],
            default => explode('.', $key),
        };
    }

    /** The same, read again after the work: under its own name, in a section of its own. */
    public function asLeft(string $prefix): self
    {
        return new self(
            $prefix.$this->key, $this->kind, $this->station, $this->label.', as left', $this->dimension, $this->range, $this->positions,
            $this->instrument, $this->options, $this->unit, $this->how, null, $this->nature,
        );
    }

    /** The unit a form shows beside the field and assumes when none is typed. */
    public function defaultUnit(UnitSystem $system): ?Unit
    {
        return match (true) {
            $this->dimension === null => null,
            $this->unit !== '' => Units::named($this->unit),
            default => $system->unit($this->dimension),
        };
    }

    /** Its name within a sentence: "free play at the pad"; a letter that stands for a measure stays as it is. */
    public function spoken(): string
    {
        return preg_match('/^[A-Z](?![a-z])/', $this->label) === 1 ? $this->label : lcfirst($this->label);
    }

    /** The part of the vehicle it is about: "disc" of "disc.thickness". */
    public function firstWord(): string
    {
        return explode('.', $this->key, 2)[0];
    }

    /** How many places it can be answered at, here and in a file. */
    public function mostPlaces(): int
    {
        return match ($this->kind) {
            Kind::Quantities => max($this->positions, self::MOST_PLACES),
            Kind::Marks => self::MOST_MARKS,
            default => 1,
        };
    }

    public function isMeasured(): bool
    {
        return $this->dimension !== null && $this->kind !== Kind::Curve;
    }
}
