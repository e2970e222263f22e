<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Reading;
use App\Readings\EntryOutcome;
use Spindle\Assessment\Subjects;
use Spindle\Quantity\Unit;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Field;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\Kind;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

/** The entries of a job as a page offers them: what stands in each box, what was just refused or contested, where it is sent. */
final readonly class Entries
{
    /** One to type in and one for Enter to go on to. */
    private const FREE_PLACES = 2;

    /** @param  array<string, EntryOutcome>  $outcomes  of the entries just sent, by field and place */
    private function __construct(
        public AssessedJob $job,
        public InstrumentMemory $instruments,
        public JobLinks $links,
        private ?Station $at,
        private array $outcomes,
    ) {
    }

    /**
     * @param  Station|null  $at  seen from here: entries made there are answered there, whichever station asks for them first
     * @param  list<EntryOutcome>  $outcomes  of the entries just sent
     */
    public static function of(AssessedJob $job, ?Station $at = null, array $outcomes = []): self
    {
        $named = [];
        foreach ($outcomes as $outcome) {
            $named["{$outcome->field}|{$outcome->position}"] = $outcome;
        }

        return new self($job, new InstrumentMemory, new JobLinks($job->job), $at, $named);
    }

    /** Of a job, for a page of a station that shows it whole. */
    public static function at(Station $station, Job $job): self
    {
        $entries = self::of(AssessedJob::of($job->loadToShow()), $station);
        $entries->job->job->loadPhotos();
        $entries->instruments->recall();

        return $entries;
    }

    /** @return array<string, array<string, string>> signs that can be ticked, in words, by group and sign */
    public function signs(string $key): array
    {
        return SignGroups::of($this, $key);
    }

    /** The same reading taken once more after the work. */
    public function asLeft(string $key): string
    {
        return AsLeft::PREFIX.$key;
    }

    /**
     * Whether one of them was read after the work.
     *
     * @param  list<string>  $keys
     */
    public function isReadAgain(array $keys): bool
    {
        return $this->job->sheet->leftValues()->hasAny(...$keys);
    }

    /** The boxes of a field. */
    public function form(string $key): FieldForm
    {
        return FieldForm::for($this, $key);
    }

    /** Where they are seen from. */
    public function station(): Station
    {
        return $this->at ?? Station::Intake;
    }

    public function stationFor(Field $field): Station
    {
        return $this->at ?? $field->station;
    }

    /** Whether a field is shown: the vehicle can have it, or something was entered in it all the same. */
    public function asks(string $key): bool
    {
        return Subjects::dictionary()->isAsked($key, $this->job->sheet) || $this->job->current->filled($key) !== [];
    }

    /** Whether any of these fields is shown, so that a heading above them is wanted. */
    public function asksAny(string ...$keys): bool
    {
        return array_filter($keys, $this->asks(...)) !== [];
    }

    /** @return list<string> fields of the page's form that this vehicle cannot have */
    public function notAsked(Station $station): array
    {
        return array_values(array_filter(
            array_map(static fn (Field $f): string => $f->key, Subjects::dictionary()->at($station)),
            fn (string $key): bool => ! $this->asks($key),
        ));
    }

    /** Why an entry in this field was just refused, whichever place it was for; empty where none was. */
    public function refusalIn(string $key): string
    {
        foreach ($this->outcomes as $outcome) {
            if ($outcome->field === $key && $outcome->refusal !== '') {
                return $outcome->refusal;
            }
        }

        return '';
    }

    /** @return list<string> the fields in which something was just typed that does not count */
    public function refusedFields(): array
    {
        $refused = array_filter($this->outcomes, static fn (EntryOutcome $o): bool => ! $o->isKept());

        return array_values(array_unique(array_map(static fn (EntryOutcome $o): string => $o->field, $refused)));
    }

    /** Whether an entry was just refused in a field whose name begins so. */
    public function hasRefusalIn(string $start): bool
    {
        return array_filter($this->outcomes, static fn (EntryOutcome $o): bool => ! $o->isKept() && str_starts_with($o->field, $start)) !==
            [];
    }

    /** @return list<string> what was just typed of a mark that was refused: what, clock position, distance from the centre */
    public function refusedMark(string $part): array
    {
        foreach ($this->outcomes as $outcome) {
            if ($outcome->field === "{$part}.marks" && $outcome->refusal !== '') {
                return explode(' ', $outcome->typed, 3);
            }
        }

        return [];
    }

    public function outcome(string $field, int $position): ?EntryOutcome
    {
        return $this->outcomes["{$field}|{$position}"] ?? null;
    }

    /**
     * What somebody else entered since a page was drawn; what was just sent is not among it.
     *
     * @param  string  $since  the number of the last entry the page knows; nothing where it does not say
     * @param  list<EntryOutcome>  $sent
     * @return list<array{string, int}> fields and places
     */
    public function newsSince(string $since, array $sent): array
    {
        if (preg_match('/^\d{1,9}$/', $since) !== 1) {
            return [];
        }
        $own = array_map(static fn (EntryOutcome $o): string => "{$o->field}|{$o->position}", $sent);
        $news = [];
        foreach ($this->job->job->readings as $row) {
            $isNews = $row->seq > (int) $since && $row->kind === Reading::ENTRY
                && ! in_array("{$row->field}|{$row->position}", $own, true) && Subjects::dictionary()->entry($row->field) !== null;
            $news += $isNews ? ["{$row->field}|{$row->position}" => [$row->field, $row->position]] : [];
        }

        return array_values($news);
    }

    /** The field whose entry is shown under this name: another that asks for the same fact, where that is the one that was entered. */
    public function speaksFor(string $key): string
    {
        if ($this->typed($key) !== '') {
            return $key;
        }
        foreach (Subjects::dictionary()->byNature->same()->others($key) as $other) {
            if ($this->job->current->filled($other) !== []) {
                return $other;
            }
        }

        return $key;
    }

    /** What stands in a field: what was just typed while it is refused or contested, else what counts. */
    public function typed(string $field, int $position = 0): string
    {
        $outcome = $this->outcome($field, $position);

        return $outcome !== null && ! $outcome->isKept() ? $outcome->typed : $this->job->current->typed($field, $position);
    }

    /**
     * What is entered of a field as a line has it: a figure with its name, a choice by its word, and whether it is to be measured again;
     * empty where nothing is.
     */
    public function said(string $key): string
    {
        $current = $this->job->current;
        $words = implode(' · ', array_map(
            static fn (Reading $row): string => $row->inWords()
                .($current->isToBeMeasuredAgain($row->field, $row->position) ? ' (measure again)' : ''),
            $current->filled($this->speaksFor($key)),
        ));
        $field = $this->form($key)->field;

        return match (true) {
            $words === '' => '',
            $field->kind === Kind::Text => $words,
            $field->options !== [] => lcfirst($words),
            default => lcfirst($field->label)." {$words}",
        };
    }

    public function row(string $field, int $position = 0): ?Reading
    {
        return $this->job->current->row($field, $position);
    }

    /** A reading in the other system of units, for display beside the field. */
    public function inOtherUnit(Field $field, int $position): string
    {
        $row = $this->row($field->key, $position);
        if ($row === null || $row->typed === '' || $field->dimension === null || $field->kind === Kind::Curve) {
            return '';
        }
        try {
            $entry = FieldReader::entry($field, $row->is_number ? json_decode($row->typed) : $row->written(), $field->key);
            $other = $this->job->display->otherUnit($entry);
            // Of a number that can be read two ways it is shown how it was taken.
            $taken = preg_match('/^\D*\d{1,3}[.,]\d{3}(?!\d)(?![.,])/', $row->typed) === 1 ? $this->job->display->entry($entry) : '';

            return implode(' = ', array_filter([$taken, $other], static fn (string $text): bool => $text !== ''));
        } catch (SheetError) {
            return '';
        }
    }

    /** How many places a field shows: those usual for it, or more where more were entered. */
    public function places(Field $field): int
    {
        return $this->placesAfter($field, array_keys($this->job->current->filled($field->key)));
    }

    /** @return list<int> places that an entry just made brings with it, so that there is always one to go on to */
    public function newPlaces(Field $field, int $position): array
    {
        $filled = array_keys($this->job->current->filled($field->key));
        $before = $this->placesAfter($field, array_values(array_diff($filled, [$position])));
        $now = $this->places($field);

        return $this->job->current->made($field->key, $position) === 1 && $now > $before ? range($before, $now - 1) : [];
    }

    /** @param  list<int>  $filled */
    private function placesAfter(Field $field, array $filled): int
    {
        $used = $filled === [] ? 0 : 1 + max($filled);
        // Where any number may be measured, such as every finger, free places stand after the last.
        $isOpen = $field->kind === Kind::Quantities && $field->positions > 3 && ! $this->job->job->isSigned();

        return max($field->positions, $used, $isOpen ? min($used + self::FREE_PLACES, $field->mostPlaces()) : 0);
    }

    public function unit(Field $field): ?Unit
    {
        return $field->defaultUnit($this->job->units());
    }
}
