<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Origin;
use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Opened;
use Spindle\Triage\Outcome;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Signs;
use Spindle\Triage\Situation;
use Spindle\Triage\Tests;
use Spindle\Triage\TriageOfSheet;
use Spindle\Vehicle\VehicleClass;

/**
 * A vehicle whose truth is known: its build, what is wrong with it, what it shows of that. Drawn from a seed, by how common each cause
 * is on such a vehicle and how often each sign and test goes with it (the evidence table); the sizes carry the fault.
 */
final readonly class Hidden
{
    /** What a customer tells of by himself. */
    private const TOLD = 3;

    private const MOST_DRAWS = 50;

    /** So many numbers are looked through for a fault: the rarest is one in three hundred. */
    private const MOST_TRIES = 1200;

    /**
     * @param  non-empty-list<Cause>  $causes  what is wrong, the worse first
     * @param  array<string, mixed>  $document  every size and look as it really is, as written
     * @param  JobSheet  $truth  the same, read
     */
    private function __construct(
        public Seed $seed,
        public Level $level,
        public string $build,
        public array $causes,
        public array $document,
        public JobSheet $truth,
        public Situation $situation,
    ) {
    }

    /**
     * Drawn until it is fair: whoever asked for everything and made every test would come to what it is.
     *
     * @throws PracticeError when no vehicle of the class is there to practise on
     */
    public static function of(Seed $seed, Level $level = Level::Plain, ?VehicleClass $class = null): self
    {
        $hidden = self::draw($seed, $level, $class);
        for ($draws = 1; $draws < self::MOST_DRAWS && ! $hidden->isFair(); $draws++) {
            $hidden = self::draw($seed = $seed->again(), $level, $class);
        }

        return $hidden;
    }

    /**
     * A vehicle that has a fault, for whoever sets one: the first number from one on at which it is drawn first. Nothing where none of so
     * many has it.
     *
     * @param  string  $build  by its name; any where none is said
     *
     * @throws PracticeError when no vehicle of the class is there to practise on
     */
    public static function with(string $cause, Level $level, ?VehicleClass $class, int $from, string $build = ''): ?self
    {
        $isIt = static fn (self $h): bool => $h->causes[0]->id === $cause && ($build === '' || $h->build === $build);
        for ($try = 0; $try < self::MOST_TRIES; $try++) {
            $seed = Seed::of(($from + $try - 1) % Seed::MOST + 1);
            // What is not fair is drawn once more, and may be another.
            $hidden = $isIt(self::draw($seed, $level, $class)) ? self::of($seed, $level, $class) : null;
            if ($hidden !== null && $isIt($hidden)) {
                return $hidden;
            }
        }

        return null;
    }

    private static function draw(Seed $seed, Level $level, ?VehicleClass $class): self
    {
        $build = $seed->oneOf('build', array_fill_keys(Builds::named($class), 1.0));
        $document = Varied::by(Builds::all()[$build], $seed);
        $situation = TriageOfSheet::situation(self::sheet($document));
        // A cause that an open clutch proves is drawn only where this vehicle has the part that carries it.
        $possible = array_filter(Causes::all(), static fn (Cause $c): bool => $situation->allows($c)
            && (Opened::proofs($c->id) === [] || Damage::by($c->id, $document, $seed) !== $document));
        $first = self::drawn($seed, 'cause', $possible, $situation);
        $causes = [$first];
        if ($level === Level::TwoFaults) {
            $causes[] = self::drawn($seed, 'second cause', array_diff_key($possible, [$first->id => true]), $situation);
        }
        foreach ($causes as $cause) {
            $document = Damage::by($cause->id, $document, $seed);
        }

        $document = ClockRun::by($document, $seed);

        return new self($seed, $level, $build, $causes, $document, self::sheet($document), $situation);
    }

    /** Whether all that it shows, taken together, leads to what the job really comes to. */
    public function isFair(): bool
    {
        $signs = array_filter(
            array_keys(Signs::all()), fn (string $s): bool => $this->situation->heeds($s) && ! Signs::isCircumstance($s),
        );
        $there = array_values(array_filter($signs, $this->shows(...)));
        $tests = array_filter(Tests::all(), fn (OutsideTest $t): bool => $t->suits($this->situation));
        $all = new Evidence(
            $there, array_map(fn (OutsideTest $t): bool => $this->test($t->id), $tests), array_values(array_diff($signs, $there)),
        );

        return Diagnosis::of($this->situation, $all)->outcome() === $this->outcome();
    }

    /** What the job really comes to: of two faults what opens the clutch, else the first. */
    public function outcome(): Outcome
    {
        foreach ($this->causes as $cause) {
            if ($cause->outcome === Outcome::Strip) {
                return Outcome::Strip;
            }
        }

        return $this->causes[0]->outcome;
    }

    /** @return non-empty-list<string> signs the customer tells of without being asked */
    public function complaint(): array
    {
        $shown = array_values(array_filter(
            array_keys(Signs::all()), fn (string $sign): bool => ! Signs::isCircumstance($sign) && $this->shows($sign),
        ));

        return $shown === [] ? [$this->plainest()] : array_slice($shown, 0, self::TOLD);
    }

    public function shows(string $sign): bool
    {
        if (! $this->situation->canShow($sign)) {
            return false;
        }
        $astray = $this->level === Level::RedHerring ? $this->astray() : '';

        return $sign === $astray || $this->comes($sign);
    }

    /** How a test from outside turns out; a vehicle it does not suit shows nothing. */
    public function test(string $id): bool
    {
        return isset(Tests::all()[$id]) && Tests::all()[$id]->suits($this->situation) && $this->comes($id);
    }

    /** @return list<string> the readings that have a truth */
    public function read(): array
    {
        return array_keys(self::readings($this->document));
    }

    /** @return list<string> a reading as it really is, as written, place by place */
    public function typed(string $key): array
    {
        $readings = self::readings($this->document);

        return array_values(array_filter((array) ($readings[$key] ?? []), is_string(...)));
    }

    /**
     * The sheet with these readings of its clutch and no others; what papers and makers say stays.
     *
     * @param  array<string, list<string>>  $readings
     */
    public function sheetWith(array $readings): JobSheet
    {
        $isSaid = static fn (string $key): bool => Subjects::dictionary()->find($key)?->nature()->origin !== Origin::Measured;
        $said = array_filter(self::readings($this->document), $isSaid, ARRAY_FILTER_USE_KEY);
        $typed = [];
        foreach ($readings as $key => $places) {
            $field = Subjects::dictionary()->get($key);
            $typed[$key] = in_array($field->kind, [Kind::Words, Kind::Quantities, Kind::Marks], true) ? $places : $places[0];
        }

        return self::sheet([...$this->document, 'readings' => [...$said, ...$typed]]);
    }

    /** @return list<StripPart> the parts that carry what is wrong */
    public function damaged(): array
    {
        return $this->changed($this->document);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<StripPart> the parts that are otherwise than on a sound vehicle
     */
    private function changed(array $document): array
    {
        $sound = self::readings($this->sound());
        $parts = [];
        foreach (self::readings($document) as $key => $typed) {
            $part = $typed === ($sound[$key] ?? null) ? null : StripPart::tryFrom(Subjects::dictionary()->get($key)->firstWord());
            $parts += $part === null ? [] : [$part->value => $part];
        }

        return array_values($parts);
    }

    /** @return list<Work> what puts all of it right once it is open; a sound clutch that carries too little wants another */
    public function wanted(): array
    {
        $works = self::worksOn($this->damaged());

        return $works === [] && $this->outcome() === Outcome::Strip ? [Work::Kit] : $works;
    }

    /** @return list<Work> what puts one of its faults right once it is open */
    public function wantedFor(Cause $cause): array
    {
        $works = self::worksOn($this->changed(Damage::by($cause->id, $this->sound(), $this->seed)));

        return $works === [] && $cause->outcome === Outcome::Strip ? [Work::Kit] : $works;
    }

    /** @return array<string, mixed> the same vehicle without its fault */
    private function sound(): array
    {
        return ClockRun::by(Varied::by(Builds::all()[$this->build], $this->seed), $this->seed);
    }

    /**
     * @param  list<StripPart>  $parts
     * @return list<Work>
     */
    private static function worksOn(array $parts): array
    {
        return array_values(array_unique(array_map(Work::on(...), $parts), SORT_REGULAR));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function readings(array $document): array
    {
        /** @var array<string, mixed> */
        return is_array($document['readings'] ?? null) ? $document['readings'] : [];
    }

    /**
     * Whether a piece of evidence comes with what is wrong: with any of the causes, each for itself.
     *
     * @param  list<Cause>|null  $of  of these causes alone; all where nothing is said
     */
    public function comes(string $evidence, ?array $of = null): bool
    {
        $not = 1.0;
        foreach ($of ?? $this->causes as $cause) {
            $not *= 1 - Evidence::likelihood($cause, $evidence, true);
        }

        return $this->seed->chance("shows {$evidence}") < 1 - $not;
    }

    /** A sign of a cause that is not there. */
    private function astray(): string
    {
        $others = array_diff_key(Causes::all(), array_column($this->causes, null, 'id'));
        $signs = array_filter(
            array_merge(...array_map(static fn (Cause $c): array => $c->strong, array_values($others))),
            fn (string $name): bool => isset(Signs::all()[$name]) && ! Signs::isCircumstance($name) && $this->situation->canShow($name)
                && ! in_array($name, $this->causes[0]->strong, true),
        );

        return $signs === [] ? '' : $this->seed->oneOf('astray', array_fill_keys($signs, 1.0));
    }

    /** What is told where nothing shows by chance: the sign that goes best with the fault. */
    private function plainest(): string
    {
        foreach ([...$this->causes[0]->strong, ...$this->causes[0]->some] as $name) {
            if (isset(Signs::all()[$name]) && ! Signs::isCircumstance($name) && $this->situation->canShow($name)) {
                return $name;
            }
        }

        return 'slip_load';
    }

    /** @param  array<string, Cause>  $possible */
    private static function drawn(Seed $seed, string $of, array $possible, Situation $situation): Cause
    {
        $weights = array_map($situation->weight(...), $possible);

        return $weights === [] ? throw PracticeError::noSuchVehicle('') : $possible[$seed->oneOf($of, $weights)];
    }

    /** @param  array<string, mixed>  $document */
    private static function sheet(array $document): JobSheet
    {
        return JobSheet::of(
            Document::ofJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$document])),
            Subjects::dictionary(),
        );
    }
}
