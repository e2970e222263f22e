<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\PracticeLimits;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Length;

/**
 * Everything the subjects have written down: what is asked, what it is judged by, what is worked out, and who judges. The form, the
 * file, the schema and the assessment all read this one list; a sheet carries it, so that no subject reaches back to the others.
 */
final class Dictionary
{
    /** Parts of a file that hold their fields under short names; everything else is a reading. */
    public const SECTIONS = ['vehicle', 'engine', 'launch', 'kit', 'release', 'hydraulics', 'fastening', 'housing', 'prove', 'plan'];

    /** Readings whose first word is also the name of a section. */
    public const READINGS_NAMED_LIKE_SECTIONS = ['release.depth_to_fingers', 'release.bearing_height'];

    /** Readings whose name has no part of the vehicle before it. */
    public const READINGS_OF_ONE_WORD = [
        'distance_since_fitted', 'time_since_fitted', 'odometer', 'odometer_at_fitting', 'hour_meter', 'hour_meter_at_fitting',
        'fitted_on', 'promised_on', 'waits_for',
    ];

    /** Before the name of a limit entered for one job, and of a finding about it. */
    private const LIMITS = 'limits';

    /** @var array<string, Field|null> fields for readings after the work, made when first asked for */
    private array $asLeft = [];

    /** @var list<string>|null */
    private ?array $onlyOpen = null;

    /** @var array<string, list<string>> */
    private array $byFirstWord = [];

    /**
     * @param  array<string, Field>  $fields  by name
     * @param  list<string>  $judgedByGiven  figures that a given limit is used for without a built-in row
     * @param  array<string, Station>  $stations  by the first word of a finding
     * @param  list<string>  $parts  first words of readings that can be taken again after the work
     * @param  list<Judgement>  $judgements
     * @param  array<string, Comparison>  $comparisons  by reading
     * @param  list<string>  $places  readings at several places that are one number
     * @param  array<string, \Closure(string, JobSheet): string>  $reasons  why a field is not asked, by field
     * @param  list<array{string, string, \Closure(Length, Length): mixed}>  $shapes
     * @param  array<string, Section>  $sections  by name
     */
    public function __construct(
        private readonly array $fields,
        public readonly PracticeLimits $practice,
        public readonly FigureNames $figures,
        private readonly array $judgedByGiven,
        private readonly array $stations,
        private readonly array $parts,
        public readonly array $judgements,
        public readonly array $comparisons,
        public readonly array $places,
        private readonly array $reasons,
        public readonly array $shapes,
        public readonly array $sections,
    ) {
    }

    /** @return array<string, Field> */
    public function all(): array
    {
        return $this->fields;
    }

    public function find(string $key): ?Field
    {
        return $this->fields[$key] ?? $this->asLeft($key);
    }

    /** @throws DictionaryError when the code names a field that does not exist */
    public function get(string $key): Field
    {
        return $this->find($key) ?? throw DictionaryError::field($key);
    }

    /** A field, or a maker's figure entered for one job. */
    public function entry(string $key): ?Field
    {
        return $this->find($key) ?? $this->limitField($key);
    }

    /** The field for a reading taken after the work; nothing where it is no reading of a part. */
    public function asLeft(string $key): ?Field
    {
        if (! str_starts_with($key, AsLeft::PREFIX)) {
            return null;
        }
        if (! array_key_exists($key, $this->asLeft)) {
            $base = $this->fields[substr($key, strlen(AsLeft::PREFIX))] ?? null;
            $this->asLeft[$key] = $base === null || ! $this->isReadAgain($base) ? null : $base->asLeft(AsLeft::PREFIX);
        }

        return $this->asLeft[$key];
    }

    /** Whether a field can be read on a part again. */
    public function isReadAgain(Field $field): bool
    {
        return $field->path()[0] === 'readings' &&
            in_array($field->firstWord(), $this->parts, true) &&
            preg_match(AsLeft::LASTING, $field->key) !== 1;
    }

    /** A maker's figure entered for one job: "limits.flywheel.face_runout.max". Nothing where no check takes such a limit. */
    public function limitField(string $key): ?Field
    {
        if (preg_match('/^limits\.(.+)\.(min|max)$/', $key, $m) !== 1) {
            return null;
        }
        $dimension = $this->dimensionOfLimit($m[1]);

        return $dimension === null
            ? null
            : new Field(
                $key,
                Kind::Quantity,
                $this->stations[strtok($m[1], '.')] ?? ($this->find($m[1])->station ?? Station::Record),
                "Maker's figure, ".($m[2] === 'min' ? 'at least' : 'at most'),
                $dimension,
                unit: $dimension === Dimension::Ratio && $this->isShare($m[1]) ? '%' : '',
            );
    }

    /** What kind of quantity a limit of this name is given in; nothing where no check takes one. */
    public function dimensionOfLimit(string $name): ?Dimension
    {
        return $this->practice->named($name)[0]->dimension ?? $this->find($name)->dimension ?? $this->figures->dimension($name);
    }

    /** Whether a limit of this name is written in per cent. */
    public function isShare(string $name): bool
    {
        return $this->practice->named($name) !== [] ? $this->practice->named($name)[0]->isShare : $this->figures->isPercent($name);
    }

    /** What a limit is called: by its row, else by its reading. */
    public function nameOfLimit(string $name): string
    {
        $row = $this->practice->named($name)[0] ?? null;

        return match (true) {
            $row !== null && $row->label !== '' => $row->label,
            default => $this->find($name)->label ?? $name,
        };
    }

    /** Whether a figure of this name is worked out and shown, and no check holds it against a limit. */
    public function isOnlyShown(string $name): bool
    {
        return $this->figures->has($name) && ! in_array($name, $this->judgedByGiven, true)
            && $this->find($name)?->dimension === null && $this->practice->named($name) === [];
    }

    /**
     * The station a finding belongs to, by the first word of its name.
     *
     * @throws DictionaryError when no subject owns such findings
     */
    public function stationOf(string $finding): Station
    {
        $word = strtok($finding, '.');

        return $word === self::LIMITS ? Station::Record : $this->stations[$word] ?? throw DictionaryError::finding($finding);
    }

    /** Why a field is not asked on this vehicle; empty where it is. */
    public function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $key = str_starts_with($key, AsLeft::PREFIX) ? substr($key, strlen(AsLeft::PREFIX)) : $key;
        $whyNot = $this->reasons[$key] ?? null;

        return $whyNot === null ? $this->asked($key) : $whyNot($key, $sheet);
    }

    /** Asked of every vehicle, if there is such a field at all. */
    private function asked(string $key): string
    {
        return isset($this->fields[$key]) || str_starts_with($key, self::LIMITS.'.') ? '' : throw DictionaryError::field($key);
    }

    public function isAsked(string $key, JobSheet $sheet): bool
    {
        return $this->whyNotAsked($key, $sheet) === '';
    }

    /**
     * Fields as a sentence names them: "free play at the pad, pedal ratio".
     *
     * @param  list<string>  $keys
     */
    public function spoken(array $keys): string
    {
        return implode(', ', array_map(fn (string $key): string => $this->find($key)?->spoken() ?? $key, $keys));
    }

    /** @return list<Field> those asked at a station */
    public function at(Station $station): array
    {
        return array_values(array_filter($this->fields, static fn (Field $f): bool => $f->station === $station));
    }

    /** @return list<string> the fields of a part, by the first word of their names */
    public function namesOf(string $firstWord): array
    {
        return $this->byFirstWord[$firstWord] ??= array_values(array_filter(
            array_keys($this->fields), static fn (string $key): bool => str_starts_with($key, "{$firstWord}."),
        ));
    }

    /** @return list<string> what shows only once the clutch is apart; new sizes and the maker's figures are known before */
    public function seenOnlyOpen(): array
    {
        return $this->onlyOpen ??= array_values(array_map(static fn (Field $f): string => $f->key, array_filter(
            $this->at(Station::Strip),
            fn (Field $f): bool => in_array($f->firstWord(), $this->parts, true)
                && (preg_match(AsLeft::LASTING, $f->key) !== 1 || str_ends_with($f->key, '.kind')),
        )));
    }
}
