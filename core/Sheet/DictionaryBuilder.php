<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\PracticeLimits;
use Spindle\Limit\PracticeRow;
use Spindle\Quantity\Length;

/** Collects what the subjects write into the dictionary. A name that two of them claim is an error. */
final class DictionaryBuilder
{
    /** @var array<string, Field> */
    private array $fields = [];

    /** @var list<PracticeRow> */
    private array $limits = [];

    /** @var array<string, string> */
    private array $figures = [];

    /** @var list<string> */
    private array $judgedByGiven = [];

    /** @var array<string, Station> */
    private array $stations = [];

    /** @var list<string> */
    private array $parts = [];

    /** @var list<string> */
    private array $ofTheWork = [];

    /** @var array<string, string> */
    private array $overYears = [];

    /** @var list<Judgement> */
    private array $judgements = [];

    /** @var array<string, Comparison> */
    private array $comparisons = [];

    /** @var list<string> */
    private array $places = [];

    /** @var array<string, \Closure(string, JobSheet): string> by field */
    private array $reasons = [];

    /** @var list<array{string, string, \Closure(Length, Length): mixed}> */
    private array $shapes = [];

    /** @var array<string, Section> */
    private array $sections = [];

    /** @var list<\Closure(Document): Document> */
    private array $otherwise = [];

    /** @var list<list<Field>> as they were written down, list by list */
    private array $lists = [];

    private int $taken = 0;

    /** @param  KeptFields|null  $kept  the same fields, written down before: their lists are in the order in which they are asked for */
    public function __construct(private readonly ?KeptFields $kept = null)
    {
    }

    /**
     * @param  \Closure(): list<Field>  ...$lists
     *
     * @throws DictionaryError where two claim a name, or nobody said what a field is
     */
    public function fields(\Closure ...$lists): void
    {
        foreach ($lists as $list) {
            $this->take($list);
        }
    }

    /**
     * @param  \Closure(): list<Field>  $list
     * @return list<string> their names
     */
    private function take(\Closure $list): array
    {
        if ($this->kept !== null) {
            return $this->kept->lists[$this->taken++];
        }
        $this->lists[] = $fields = $list();
        foreach ($fields as $field) {
            $this->fields[$field->key] = isset($this->fields[$field->key]) ? throw DictionaryError::twice('field', $field->key) : $field;
            $field->nature();
        }

        return array_map(static fn (Field $f): string => $f->key, $fields);
    }

    /** @return list<list<Field>> for making them before, another time */
    public function lists(): array
    {
        return $this->lists;
    }

    public function limits(PracticeRow ...$rows): void
    {
        $this->limits = [...$this->limits, ...array_values($rows)];
    }

    /** @param  array<string, string>  $units  by name of the figure */
    public function figures(array $units): void
    {
        foreach ($units as $name => $unit) {
            $this->figures[$name] = isset($this->figures[$name]) ? throw DictionaryError::twice('figure', $name) : $unit;
        }
    }

    /** Figures that a given limit is used for though no built-in row has their name: their limit follows something else. */
    public function judgedByGiven(string ...$figures): void
    {
        $this->judgedByGiven = [...$this->judgedByGiven, ...array_values($figures)];
    }

    /** The station at which findings are shown whose name begins with one of these words. */
    public function findings(Station $station, string ...$firstWords): void
    {
        foreach ($firstWords as $word) {
            if (($this->stations[$word] ?? $station) !== $station) {
                throw DictionaryError::twice('word', $word);
            }
            $this->stations[$word] = $station;
        }
    }

    /** Parts that can be worked on and read again, by the first word of their readings; their findings are shown at this station. */
    public function parts(Station $station, string ...$firstWords): void
    {
        $this->findings($station, ...$firstWords);
        $this->parts = [...$this->parts, ...array_values($firstWords)];
    }

    /** Figures of the work itself, which stay as they were worked out before it. */
    public function ofTheWork(string ...$figures): void
    {
        $this->ofTheWork = [...$this->ofTheWork, ...array_values($figures)];
    }

    /**
     * What is worth seeing over the years: what of the vehicle stays, and how it was left.
     *
     * @param  array<string, string>  $figures  by finding, the figure or the reading that it judges
     */
    public function overYears(array $figures): void
    {
        $this->overYears = [...$this->overYears, ...$figures];
    }

    /** In the order in which this subject wants them; between subjects there is none. */
    public function judgements(Judgement ...$judgements): void
    {
        $this->judgements = [...$this->judgements, ...array_values($judgements)];
    }

    public function comparisons(Comparison ...$comparisons): void
    {
        foreach ($comparisons as $comparison) {
            $this->comparisons[$comparison->reading] = isset($this->comparisons[$comparison->reading])
                ? throw DictionaryError::twice('comparison of', $comparison->reading) : $comparison;
        }
    }

    /** Readings at several places that are one number; places too far apart are measured again. */
    public function oneNumber(string ...$readings): void
    {
        $this->places = [...$this->places, ...array_values($readings)];
    }

    /**
     * Fields that not every vehicle is asked for.
     *
     * @param  \Closure(string, JobSheet): string  $whyNot  why a field is not asked of a vehicle; empty where it is
     * @param  \Closure(): list<Field>  $list
     */
    public function fieldsUnless(\Closure $whyNot, \Closure $list): void
    {
        foreach ($this->take($list) as $key) {
            $this->reasons[$key] = $whyNot;
        }
    }

    /**
     * Two diameters that can contradict each other.
     *
     * @param  \Closure(Length, Length): mixed  $make  refuses what no real part has
     */
    public function shape(string $outer, string $inner, \Closure $make): void
    {
        $this->shapes[] = [$outer, $inner, $make];
    }

    public function section(string $name, Section $section): void
    {
        $this->sections[$name] = isset($this->sections[$name]) ? throw DictionaryError::twice('section', $name) : $section;
    }

    /** @param  \Closure(Document): Document  $same  puts what a file may say in another way where its fields are */
    public function saidOtherwise(\Closure $same): void
    {
        $this->otherwise[] = $same;
    }

    public function build(): Dictionary
    {
        return new Dictionary(
            $this->kept ?? new WrittenFields($this->fields),
            new PracticeLimits($this->limits),
            new FigureNames($this->figures),
            $this->judgedByGiven,
            $this->stations,
            $this->parts,
            $this->judgements,
            $this->comparisons,
            $this->places,
            $this->reasons,
            $this->shapes,
            $this->sections,
            $this->ofTheWork,
            $this->overYears,
            $this->otherwise,
        );
    }
}
