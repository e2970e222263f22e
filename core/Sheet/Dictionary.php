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
    /** Before the name of a limit entered for one job, and of a finding about it. */
    public const LIMITS = 'limits';

    /** @var array<string, Field|null> fields for readings after the work, made when first asked for */
    private array $asLeft = [];

    /** @var list<string>|null */
    private ?array $onlyOpen = null;

    /** @var list<string>|null */
    private ?array $fileSections = null;

    /** @var array<string, true>|null objects within a section that hold fields: "fastening.flywheel" */
    private ?array $within = null;

    /** @var array<string, list<string>>|null */
    private ?array $byFirstWord = null;

    public readonly ByNature $byNature;

    /**
     * @param  list<string>  $judgedByGiven  figures that a given limit is used for without a built-in row
     * @param  array<string, Station>  $stations  by the first word of a finding
     * @param  list<string>  $parts  first words of readings that can be taken again after the work
     * @param  list<Judgement>  $judgements
     * @param  array<string, Comparison>  $comparisons  by reading
     * @param  list<string>  $oneNumber  readings at several places that are one number
     * @param  array<string, \Closure(string, JobSheet): string>  $reasons  why a field is not asked, by field
     * @param  list<array{string, string, \Closure(Length, Length): mixed}>  $shapes
     * @param  array<string, Section>  $sections  by name
     * @param  list<string>  $ofTheWork  figures that stay as they were worked out before the work
     * @param  array<string, string>  $overYears  by finding, the figure or the reading that it judges
     * @param  list<\Closure(Document): Document>  $otherwise  puts what a file may say in another way where its fields are
     */
    public function __construct(
        private readonly Fields $fields,
        public readonly PracticeLimits $practice,
        public readonly FigureNames $figures,
        private readonly array $judgedByGiven,
        private readonly array $stations,
        private readonly array $parts,
        public readonly array $judgements,
        public readonly array $comparisons,
        public readonly array $oneNumber,
        private readonly array $reasons,
        public readonly array $shapes,
        public readonly array $sections,
        public readonly array $ofTheWork,
        public readonly array $overYears,
        private readonly array $otherwise,
    ) {
        $this->byNature = new ByNature($fields);
    }

    /** @return array<string, Field> */
    public function all(): array
    {
        return $this->fields->all();
    }

    /** @throws SheetError when what it says in another way cannot be, with the place */
    public function plainly(Document $document): Document
    {
        $plain = StepsTaken::into($document, $this);

        return array_reduce($this->otherwise, static fn (Document $d, \Closure $same): Document => $same($d), $plain);
    }

    /** Whether a field of this name is asked; one read again after the work is not a field of its own. */
    public function has(string $key): bool
    {
        return $this->fields->has($key);
    }

    /**
     * @param  array<string, true>  $keys
     * @return array<string, Field> those of them, in their order
     */
    public function only(array $keys): array
    {
        $names = array_filter($this->fields->names(), static fn (string $key): bool => isset($keys[$key]));

        return array_combine($names, array_map($this->get(...), $names));
    }

    public function find(string $key): ?Field
    {
        return $this->fields->get($key) ?? $this->asLeft($key);
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
            $base = $this->fields->get(substr($key, strlen(AsLeft::PREFIX)));
            $this->asLeft[$key] = $base === null || ! $this->isReadAgain($base) ? null : $base->asLeft(AsLeft::PREFIX);
        }

        return $this->asLeft[$key];
    }

    /** Whether a field can be read on a part again. */
    public function isReadAgain(Field $field): bool
    {
        return $field->nature()->isSet || $this->isOfPart($field);
    }

    /** Whether it is one of the readings of a part that is read again as a whole: from then on none of before counts. */
    public function isOfPart(Field $field): bool
    {
        return ! $field->nature()->isSet && $field->nature()->step === '' && $field->path()[0] === 'readings' &&
            in_array($field->firstWord(), $this->parts, true) &&
            ! $field->nature()->isLasting;
    }

    /** A maker's figure entered for one job: "limits.flywheel.face_runout.max". Nothing where no check takes such a limit. */
    public function limitField(string $key): ?Field
    {
        if (preg_match('/^limits\.(.+)\.(min|max)$/', $key, $m) !== 1) {
            return null;
        }
        $dimension = $this->dimensionOfLimit($m[1]);

        return $dimension === null ? null : new Field(
            $key, Kind::Quantity, $this->stations[strtok($m[1], '.')] ?? ($this->find($m[1])->station ?? Station::Record),
            "Maker's figure, ".($m[2] === 'min' ? 'at least' : 'at most'), $dimension,
            unit: $dimension === Dimension::Ratio && $this->isShare($m[1]) ? '%' : '',
            nature: Nature::makers(Whose::Vehicle)->ofModel()->target(),
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
        $label = $this->practice->named($name)[0]->label ?? '';

        return $label !== '' ? $label : $this->find($name)->label ?? $name;
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
        return $this->stationIfOwned($finding) ?? throw DictionaryError::finding($finding);
    }

    /** The same of a name that was stored; nothing where no subject of this version owns such findings. */
    public function stationIfOwned(string $finding): ?Station
    {
        $word = strtok($finding, '.');

        return $word === self::LIMITS ? Station::Record : $this->stations[(string) $word] ?? null;
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
        return $this->fields->has($key) || str_starts_with($key, self::LIMITS.'.') ? '' : throw DictionaryError::field($key);
    }

    public function isAsked(string $key, JobSheet $sheet): bool
    {
        return $this->whyNotAsked($key, $sheet) === '';
    }

    /**
     * Fields as a sentence names them: "free play at the pad", "pedal ratio".
     *
     * @param  list<string>  $keys
     * @return list<string>
     */
    public function names(array $keys): array
    {
        return array_map(fn (string $key): string => $this->find($key)?->spoken() ?? $key, $keys);
    }

    /** @return list<Field> those asked at a station */
    public function at(Station $station): array
    {
        return array_map($this->get(...), $this->namesAt($station));
    }

    /** @return list<string> the names of those asked at a station */
    public function namesAt(Station $station): array
    {
        return array_keys($this->fields->stations(), $station, true);
    }

    /** @return list<string> the fields of a part, by the first word of their names */
    public function namesOf(string $firstWord): array
    {
        if ($this->byFirstWord === null) {
            $this->byFirstWord = [];
            foreach ($this->fields->names() as $key) {
                $this->byFirstWord[(string) strstr($key, '.', true)][] = $key;
            }
        }

        return $this->byFirstWord[$firstWord] ?? [];
    }

    /**
     * The names of the fields that are so.
     *
     * @param  \Closure(Nature): bool  $isSo
     * @return list<string>
     */
    public function having(\Closure $isSo): array
    {
        return array_keys(array_filter($this->fields->natures(), $isSo));
    }

    /** @return list<string> what shows on the parts only once the clutch is apart; new sizes and the maker's figures are known before */
    public function seenOnlyOpen(): array
    {
        if ($this->onlyOpen === null) {
            $stations = $this->fields->stations();
            $this->onlyOpen = array_values(array_filter(
                $this->byNature->seenOpen(),
                fn (string $key): bool => $stations[$key] === Station::Strip && in_array(strstr($key, '.', true), $this->parts, true),
            ));
        }

        return $this->onlyOpen;
    }

    /** @return list<string> the readings that are the places of one */
    public function placesOf(string $reading): array
    {
        return $this->byNature->placesOf($reading);
    }

    /** @return list<string> what stands on a drawing */
    public function drawnOn(Drawing $drawing): array
    {
        return $this->byNature->drawnOn($drawing);
    }

    /** Whether an object within a section of a file holds fields: "fastening.flywheel". */
    public function holdsFields(string $within): bool
    {
        if ($this->within === null) {
            $this->within = [];
            foreach ($this->fields->names() as $key) {
                if (substr_count($key, '.') > 1) {
                    $this->within[implode('.', array_slice(explode('.', $key), 0, 2))] = true;
                }
            }
        }

        return isset($this->within[$within]);
    }

    /** @return list<string> sections of a file that hold fields under short names; whatever else is a reading */
    public function fileSections(): array
    {
        if ($this->fileSections === null) {
            $sections = [];
            foreach ($this->fields->natures() as $key => $nature) {
                $section = $nature->isReading ? '' : (string) strstr($key, '.', true);
                if ($section !== '') {
                    $sections[$section] = true;
                }
            }
            $this->fileSections = array_keys($sections);
        }

        return $this->fileSections;
    }
}
