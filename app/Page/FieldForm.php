<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Assessment\Subjects;
use Spindle\Hydraulics\BleedingProgress;
use Spindle\Hydraulics\HydraulicsFields;
use Spindle\Inspection\Conditions;
use Spindle\Inspection\InspectionSentences;
use Spindle\Planning\PlanningFields;
use Spindle\Planning\Task;
use Spindle\Practice\Answers;
use Spindle\Sheet\DictionaryError;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Triage\Causes;
use Spindle\Triage\TriageOfSheet;

/** How one field of a job is asked on a page. */
final readonly class FieldForm
{
    private function __construct(public Field $field, private Entries $entries)
    {
    }

    /**
     * A field as it stands on a page; nothing where it is not asked. A live one is there even then, out of sight, and comes when an
     * answer makes it asked.
     *
     * @param  bool  $how  whether it says how it is measured
     * @param  bool  $instrument  whether it is chosen with what
     */
    public static function draw(
        Entries $entries,
        string $key,
        ?string $label = null,
        bool $how = true,
        bool $instrument = true,
        bool $live = false,
        string $class = '',
    ): string {
        $isAsked = $entries->asks($key);
        if (! $live && ! $isAsked) {
            return '';
        }
        $speaks = $entries->speaksFor($key);
        if ($speaks !== $key) {
            // One fact, one box: what was typed elsewhere is shown here under the name it has here, and changed in its own place.
            $label ??= self::for($entries, $key)->field->label;
            $key = $speaks;
        }

        return Partial::draw('job.reading', [
            'form' => self::for($entries, $key), 'key' => $key, 'label' => $label, 'how' => $how, 'instrument' => $instrument,
            'live' => $live,
            'class' => $class, 'isAsked' => $isAsked,
        ]);
    }

    public static function for(Entries $entries, string $key): self
    {
        return new self(Subjects::dictionary()->entry($key) ?? throw DictionaryError::field($key), $entries);
    }

    public function id(): string
    {
        return self::idOf($this->field->key);
    }

    /** How the places of a field are told apart on a page. */
    public static function idOf(string $key): string
    {
        return str_replace(['.', '_'], '-', $key);
    }

    public function place(int $position): FieldPlace
    {
        return FieldPlace::of($this->entries, $this->field, $position);
    }

    /** @return list<FieldPlace> */
    public function places(): array
    {
        return array_map(
            $this->place(...), range(0, $this->entries->places($this->field) - 1),
        );
    }

    public function shape(): string
    {
        return match ($this->field->kind) {
            Kind::Words => 'ticks',
            Kind::Word, Kind::Flag => 'choice',
            Kind::Curve => 'lines',
            Kind::Text => $this->field->key === 'complaint' ? 'lines' : 'line',
            default => 'line',
        };
    }

    public function isDay(): bool
    {
        return $this->field->kind === Kind::Date;
    }

    public function isWide(): bool
    {
        return in_array($this->field->kind, [Kind::Text, Kind::Words, Kind::Curve, Kind::Word, Kind::Flag], true);
    }

    public function isMany(): bool
    {
        return $this->entries->places($this->field) > 1;
    }

    public function unit(): string
    {
        return $this->entries->unit($this->field)->symbol ?? '';
    }

    /** The field's name as a screen reader says it, with place and unit. */
    public function spoken(int $position): string
    {
        return $this->field->label.($this->isMany() ? ', place '.($position + 1) : '').($this->unit() === '' ? '' : ', in '.$this->unit());
    }

    /** The instrument this field was last read with, else the one last taken in place of the usual, else the usual one. */
    public function instrument(): string
    {
        foreach (array_reverse($this->entries->job->current->filled($this->field->key)) as $row) {
            if ($row->instrument !== null) {
                return $row->instrument;
            }
        }

        $usual = $this->field->instrument;

        return $usual === null ? '' : $this->entries->instruments->inPlaceOf($usual)->value;
    }

    /** @return array<string, string> what can be ticked: causes this vehicle can have, steps of a way of bleeding, tasks by their name */
    public function ticks(): array
    {
        $ticked = $this->entries->job->values()->words($this->field->key);

        return match ($this->field->key) {
            'why.causes' => $this->causes($ticked),
            HydraulicsFields::STEPS_DONE => BleedingProgress::of($this->entries->job->sheet)->toTick()
                + array_intersect_key($this->field->options, array_flip($ticked)),
            PlanningFields::DONE => Task::labels($this->entries->job->sheet->vehicleClass()),
            default => $this->field->options,
        };
    }

    /** Whether a practice vehicle answers it. */
    public function isReadOff(): bool
    {
        return $this->entries->job->job->isPractice() && Answers::isRead($this->field);
    }

    /** Where it is read off a practice vehicle. */
    public function readAt(): string
    {
        return $this->entries->links->action('practice/read');
    }

    /** Whether what can be ticked is done one after the other, so that all of it can be said at once. */
    public function isInOrder(): bool
    {
        return $this->field->key === HydraulicsFields::STEPS_DONE;
    }

    /**
     * @param  list<string>  $ticked  stays, whatever the vehicle is
     * @return array<string, string>
     */
    private function causes(array $ticked): array
    {
        $situation = TriageOfSheet::situation($this->entries->job->sheet);

        return array_filter(
            $this->field->options,
            static fn (string $id): bool => $situation->allows(Causes::all()[$id]) || in_array($id, $ticked, true),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** What follows from a ticked condition; empty for everything else. */
    public function consequence(string $word): string
    {
        $condition = str_ends_with($this->field->key, '.conditions')
            ? Conditions::on($this->field->firstWord(), Subjects::dictionary())?->find($word) : null;

        return $condition === null ? '' : InspectionSentences::consequence($condition, $this->entries->job->sheet->flywheel());
    }

    /** @return array<string, string> word => name with its uncertainty; empty where nothing is measured with an instrument */
    public function instruments(): array
    {
        return $this->field->instrument === null ? [] : $this->entries->instruments->choices($this->entries->job);
    }
}
