<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Randomizer;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\SignOff;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Origin;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Whose;
use Spindle\Triage\Reach;

/** A complete job with one entry taken out or spoilt, and whether anything speaks. */
final class Spoilt
{
    public const TAKEN_OUT = 'taken out';

    private const FACTORS = ['× 3' => 3.0, '× 10' => 10.0, '÷ 3' => 1 / 3, '÷ 10' => 0.1];

    /** @param  array<string, mixed>  $document */
    public function __construct(private readonly array $document)
    {
    }

    /** @return array<string, list<string>> what can be done to each entry without anything speaking, by field */
    public function silent(): array
    {
        $before = $this->marks($this->document);
        $silent = [];
        foreach ($this->fields() as $field) {
            foreach ($this->spoilt($field) as $how => $document) {
                if (! $this->speaks($before, $document)) {
                    $silent[$field->key][] = $how;
                }
            }
        }

        return $silent;
    }

    /**
     * What keeps the job from being signed without an entry; empty where nothing does.
     *
     * @return list<string> sentences
     */
    public function whyNotWithout(Field $field): array
    {
        $sheet = CompleteJobs::sheet($this->put($field->path(), null));

        return array_map(static fn (Finding $f): string => $f->say(new Display),
            SignOff::of(Assessment::of($sheet)->findings, Reach::hasKit($sheet))->blockers);
    }

    /** The same job without what nobody asks for: what is left, each job of its kind owes. */
    public function least(): self
    {
        $least = $this;
        // New and old are read together or not at all.
        foreach ($this->fields() as $field) {
            $other = Subjects::dictionary()->find(str_replace('_old', '_new', $field->key));
            $without = new self($least->put($field->path(), null));
            $isPair = str_starts_with($field->key, 'bench.') && $other !== null && $other->key !== $field->key;
            if ($isPair && $without->whyNotWithout($other) === []) {
                $least = new self($without->put($other->path(), null));
            }
        }
        foreach ($this->fields() as $field) {
            if (self::counts($field) && $least->whyNotWithout($field) === []) {
                $least = new self($least->put($field->path(), null));
            }
        }

        return $least;
    }

    /**
     * The same with one entry taken out or spoilt.
     *
     * @return array<string, mixed>
     */
    public function atRandom(Randomizer $dice): array
    {
        $field = $dice->shuffleArray($this->fields())[0];
        $ways = array_values($this->spoilt($field));

        return $ways[$dice->getInt(0, count($ways) - 1)];
    }

    /** Whether it is a reading, a look, a step or a test of the job, and no datum of the vehicle, its actuation or the kit. */
    public static function counts(Field $field): bool
    {
        $nature = $field->nature();

        return $nature->origin !== Origin::Makers && $nature->whose !== Whose::FittedClutch || str_starts_with($field->key, 'bench.')
            || str_starts_with($field->key, 'fit.')
            ? ! ($nature->isLasting && in_array($nature->whose, [Whose::Vehicle, Whose::Actuation], true)) : false;
    }

    /** @return list<Field> those that hold an entry */
    public function fields(): array
    {
        return array_values(array_filter(Subjects::dictionary()->all(), fn (Field $f): bool => $this->at($f->path()) !== null));
    }

    /** @return array<string, array<string, mixed>> documents by what was done */
    private function spoilt(Field $field): array
    {
        $value = $this->at($field->path());
        $documents = [self::TAKEN_OUT => $this->without($field)];
        if (! in_array($field->kind, [Kind::Quantity, Kind::Quantities, Kind::Count], true)) {
            return $documents;
        }
        foreach (self::FACTORS as $how => $factor) {
            foreach (is_array($value) ? array_keys($value) : [null] as $place) {
                $list = is_array($value) ? $value : [];
                $one = $place === null ? $value : $list[$place];
                $times = $this->times($one, $factor);
                if ($times === $one) {
                    continue;
                }
                $documents[$how.($place === null ? '' : ' at '.($place + 1))] = $this->put($field->path(),
                    $place === null ? $times : array_replace($list, [$place => $times]));
            }
        }

        return $documents;
    }

    /**
     * Without a fact: a field and every other that asks for the same.
     *
     * @return array<string, mixed>
     */
    private function without(Field $field): array
    {
        $without = $this;
        foreach ([$field->key, ...Subjects::dictionary()->byNature->same()->others($field->key)] as $key) {
            $without = new self($without->put(Subjects::dictionary()->get($key)->path(), null));
        }

        return $without->document;
    }

    private function times(mixed $value, float $factor): mixed
    {
        if (is_int($value)) {
            return (int) round($value * $factor);
        }
        if (is_float($value)) {
            return $value * $factor;
        }
        preg_match('/^([\d.\x{202f} ]*\d)\s*(.*)$/u', is_string($value) ? $value : '', $m);
        $number = (float) str_replace([' ', "\u{202f}"], '', $m[1] ?? '0');

        return trim(sprintf('%.6g %s', $number * $factor, $m[2] ?? ''));
    }

    /**
     * @param  array<string, string>  $before
     * @param  array<string, mixed>  $document
     */
    private function speaks(array $before, array $document): bool
    {
        try {
            $after = $this->marks($document);
        } catch (SheetError) {
            return true;
        }

        return array_diff_assoc($after, $before) !== [];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, string> what is near, out or unmeasured, by finding
     */
    private function marks(array $document): array
    {
        $marks = [];
        foreach (Assessment::of(CompleteJobs::sheet($document))->findings as $finding) {
            if (in_array($finding->verdict, [Verdict::Near, Verdict::Out, Verdict::Unmeasured], true) && ! $finding->isWaived()) {
                $marks[$finding->id] = $finding->verdict->value;
            }
        }

        return $marks;
    }

    /** @param  list<string>  $path */
    private function at(array $path): mixed
    {
        $part = $this->document;
        foreach ($path as $name) {
            $part = is_array($part) ? $part[$name] ?? null : null;
        }

        return $part;
    }

    /**
     * @param  list<string>  $path
     * @return array<string, mixed>
     */
    private function put(array $path, mixed $value): array
    {
        return self::inside($this->document, $path, $value);
    }

    /**
     * A section that holds nothing any more goes with its last entry.
     *
     * @param  array<string, mixed>  $map
     * @param  list<string>  $path
     * @return array<string, mixed>
     */
    private static function inside(array $map, array $path, mixed $value): array
    {
        $name = array_shift($path) ?? '';
        /** @var array<string, mixed> $inner */
        $inner = is_array($map[$name] ?? null) ? $map[$name] : [];
        $new = $path === [] ? $value : self::inside($inner, $path, $value);
        if ($new === null || ($path !== [] && $new === [])) {
            return array_diff_key($map, [$name => true]);
        }

        return [...$map, $name => $new];
    }
}
