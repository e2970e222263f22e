<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\History\WearSeen;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Planning\PlanningFields;
use Spindle\Planning\Task;
use Spindle\Proving\ProvingFields;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Sheet\Counts;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Reach;

/**
 * What a job came to, in values and names, for whatever looks at many jobs: history, plan, the pages of other jobs. Lengths in mm, the
 * meter in km, of a tractor in hours. What is not known is left out, never nought.
 */
final readonly class Upshot
{
    private function __construct(private JobSheet $sheet, private FieldValues $values, private Assessment $assessment)
    {
    }

    public static function of(JobSheet $sheet, Assessment $assessment): self
    {
        return new self($sheet, $sheet->values, $assessment);
    }

    public function outcome(): string
    {
        return Reach::of($this->sheet)->outcome->value;
    }

    /** The kit that went in, by its number, else its name; empty where none was chosen. */
    public function kit(): string
    {
        return Reach::hasKit($this->sheet) ? $this->values->word('kit.number') ?? $this->values->word('kit.name') ?? '' : '';
    }

    /** What the meter showed. */
    public function meter(): ?float
    {
        $meter = $this->sheet->countsHours() ? $this->values->one(Duration::class, 'hour_meter')
            : $this->values->one(Distance::class, 'odometer');

        return $meter?->value;
    }

    /** How far the clutch had gone. */
    public function since(): ?float
    {
        $since = $this->sheet->countsHours() ? $this->sheet->timeSinceFitted() : $this->sheet->distanceSinceFitted();

        return $since?->value;
    }

    /** What the meter shall show when somebody looks again; nothing where that, or what it shows now, is not said. */
    public function checkAt(): ?float
    {
        $after = $this->sheet->countsHours() ? $this->values->one(Duration::class, ProvingFields::RECHECK_HOURS)
            : $this->values->one(Distance::class, ProvingFields::RECHECK_AFTER);
        $meter = $this->meter();

        return $after === null || $meter === null ? null : $meter + $after->value;
    }

    /** Lining lost, of both sides together. */
    public function worn(): ?float
    {
        return $this->figure('wear.used');
    }

    /** Lining there was to lose, of both sides together: of one side it was measured on, twice that. */
    public function usable(): ?float
    {
        $sides = array_map(static fn (Length $l): float => $l->value, $this->values->all(Length::class, 'disc.usable_per_side'));

        return $sides === [] ? null : (count($sides) === 1 ? 2.0 * $sides[0] : array_sum($sides));
    }

    /** What it says of how such a lining wears in such a duty. */
    public function wear(): ?WearSeen
    {
        return WearSeen::of($this->sheet, $this->worn());
    }

    /** Hours of work planned. */
    public function planned(): ?float
    {
        return $this->figure('plan.work_hours');
    }

    /** @return array<string, float> by task, the hours recorded of it */
    public function hours(): array
    {
        $hours = [];
        foreach (Task::cases() as $task) {
            $taken = $this->values->all(Duration::class, PlanningFields::taken($task));
            if ($taken !== []) {
                $hours[$task->value] = array_sum(array_map(static fn (Duration $d): float => $d->value, $taken));
            }
        }

        return $hours;
    }

    /** @return array<string, string> what met its limit, as found or as left, by finding: near, out */
    public function marks(): array
    {
        $marks = [];
        foreach ([...$this->assessment->findings, ...$this->assessment->found] as $finding) {
            if ($finding->limit !== null && self::isMet($finding)) {
                $marks[$finding->id] = $finding->verdict->value;
            }
        }

        return $marks;
    }

    /** @return array<string, string> what is out, by finding */
    public function out(): array
    {
        $out = [];
        foreach ($this->assessment->findings as $finding) {
            if ($finding->verdict === Verdict::Out) {
                $out[$finding->id] = $finding->verdict->value;
            }
        }

        return $out;
    }

    /**
     * Figures with the limits they were held against: what is followed over the years, and what was near or out.
     *
     * @return array<string, array{value: float, min: float|null, max: float|null}> by finding, in the unit of its figure
     */
    public function figures(): array
    {
        $figures = [];
        $dictionary = $this->sheet->dictionary;
        foreach ([...array_fill_keys($this->met(), ''), ...$dictionary->overYears] as $key => $name) {
            $limit = $this->assessment->find($key)?->limit;
            $value = match (true) {
                $name === '' => $this->compared($key),
                $dictionary->figures->has($name) => $this->figure($name),
                default => $this->values->one(Length::class, $name)?->value,
            };
            if ($limit !== null && $value !== null) {
                // A share is worked out in per cent, and its limit kept as a share.
                $times = $dictionary->figures->isPercent($name) ? 100.0 : 1.0;
                $bound = static fn (?Quantity $q): ?float => $q === null ? null : $times * $q->value;
                $figures[$key] = ['value' => $value, 'min' => $bound($limit->min), 'max' => $bound($limit->max)];
            }
        }

        return $figures;
    }

    private function figure(string $name): ?float
    {
        $figure = $this->assessment->figure($name);

        return is_float($figure) ? $figure : null;
    }

    /** @return list<string> */
    private function met(): array
    {
        return array_values(array_map(
            static fn (Finding $f): string => $f->id, array_filter($this->assessment->findings, self::isMet(...)),
        ));
    }

    private static function isMet(Finding $finding): bool
    {
        return in_array($finding->verdict, [Verdict::Near, Verdict::Out], true);
    }

    /** The length that was held against the limit of its own name, mm; nothing where more than that was judged. */
    private function compared(string $key): ?float
    {
        $counts = ($this->sheet->dictionary->comparisons[$key] ?? null)?->counts;
        $isLength = $this->sheet->dictionary->find($key)?->dimension === Dimension::Length;
        $read = $isLength ? array_map(static fn (Length $l): float => $l->value, $this->values->all(Length::class, $key)) : [];

        return match (true) {
            $read === [] => null,
            $counts === Counts::Least => min($read),
            $counts === Counts::Greatest => max($read),
            default => null,
        };
    }
}
