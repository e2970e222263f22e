<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Models\JobFacts;
use Spindle\Assessment\Subjects;
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
use Spindle\Triage\Reach;

/** Stores what a job comes to, for history and plan to read. */
final class WriteFacts
{
    /** @return string by what the next write tells whether they are still the same */
    public static function of(AssessedJob $page): string
    {
        $facts = self::facts($page);
        $row = [...$facts, ...array_map(static fn (array $list): string => json_encode($list, JSON_THROW_ON_ERROR), [
            'hours' => $facts['hours'], 'causes' => $facts['causes'], 'marks' => $facts['marks'], 'figures' => $facts['figures'],
            'told' => $facts['told'],
        ])];
        $hash = hash('xxh128', json_encode($row, JSON_THROW_ON_ERROR));
        $isAsBefore = $page->job->relationLoaded('standing') && $page->job->standing?->facts === $hash;
        if (! $isAsBefore) {
            JobFacts::query()->toBase()->upsert([[...$row, 'clutch_job_id' => $page->job->id]], ['clutch_job_id']);
        }

        return $hash;
    }

    /**
     * @return array{hours: array<string, float>, causes: list<string>, marks: array<string, string>,
     *     figures: array<string, mixed>, told: array<string, mixed>, ...}
     */
    private static function facts(AssessedJob $page): array
    {
        [$sheet, $values, $job] = [$page->sheet, $page->values(), $page->job];
        $isTractor = $sheet->countsHours();
        $meter = $isTractor ? $values->one(Duration::class, 'hour_meter') : $values->one(Distance::class, 'odometer');
        $since = $isTractor ? $sheet->timeSinceFitted() : $sheet->distanceSinceFitted();
        $after = $isTractor ? $values->one(Duration::class, ProvingFields::RECHECK_HOURS)
            : $values->one(Distance::class, ProvingFields::RECHECK_AFTER);
        $used = $page->assessment->figure('wear.used');
        $hours = self::hours($page);
        $planned = $page->assessment->figure('plan.work_hours');

        return [
            'vehicle_id' => $job->vehicle_id,
            'class' => $sheet->vehicleClass()->value ?? '',
            'model' => $job->vehicle->name,
            'duty' => $values->word('duty'),
            'outcome' => Reach::of($sheet)->outcome->value,
            'kit' => $page->hasKitChosen() ? $values->word('kit.number') ?? $values->word('kit.name') ?? '' : '',
            'meter' => $meter?->value,
            'since' => $since?->value,
            'worn' => is_float($used) ? $used : null,
            'usable' => self::usable($page),
            'planned' => is_float($planned) ? $planned : null,
            'taken' => $hours === [] ? null : array_sum($hours),
            'hours' => $hours,
            'causes' => $values->words('why.causes'),
            'marks' => self::marks($page->assessment->found === [] ? $page->assessment->findings
                : [...$page->assessment->findings, ...$page->assessment->found]),
            'figures' => self::figures($page),
            'told' => self::told($page),
            'check_on' => $values->word(ProvingFields::RECHECK_ON),
            'check_at' => $after === null || $meter === null ? null : $meter->value + $after->value,
            'signed_at' => $job->signedSheet?->at->toDateTimeString(),
        ];
    }

    /** @return array<string, mixed> what pages of other jobs say of this one, in names and values */
    private static function told(AssessedJob $page): array
    {
        $found = [];
        foreach ($page->assessment->findings as $finding) {
            if ($finding->verdict === Verdict::Out) {
                $found[$finding->id] = $finding->verdict->value;
            }
        }

        return array_filter([
            'kit' => $page->values()->word('kit.name'), 'complaint' => $page->values()->word('complaint'),
            'words' => $page->values()->word('why.words'), 'found' => $found,
            'step' => $page->values()->resolution('disc.thickness', 'disc.thickness_new'),
        ], static fn (mixed $said): bool => ! in_array($said, [null, '', [], 0.0], true));
    }

    /** @return array<string, array{value: float, min: float|null, max: float|null}> by finding, in the unit of its figure */
    private static function figures(AssessedJob $page): array
    {
        $figures = [];
        $keys = [...array_fill_keys(self::nearOrOut($page), ''), ...Subjects::dictionary()->overYears];
        foreach ($keys as $key => $name) {
            $limit = $page->assessment->find($key)?->limit;
            $value = match (true) {
                $name === '' => self::compared($page, $key),
                Subjects::dictionary()->figures->has($name) => $page->assessment->figure($name),
                default => $page->length($name)?->value,
            };
            if ($limit !== null && is_float($value)) {
                // A share is worked out in per cent, and its limit kept as a share.
                $times = Subjects::dictionary()->figures->isPercent($name) ? 100.0 : 1.0;
                $bound = static fn (?Quantity $q): ?float => $q === null ? null : $times * $q->value;
                $figures[$key] = ['value' => $value, 'min' => $bound($limit->min), 'max' => $bound($limit->max)];
            }
        }

        return $figures;
    }

    /** @return list<string> */
    private static function nearOrOut(AssessedJob $page): array
    {
        return array_values(array_map(static fn (Finding $f): string => $f->id, array_filter(
            $page->assessment->findings, static fn (Finding $f): bool => in_array($f->verdict, [Verdict::Near, Verdict::Out], true),
        )));
    }

    /** The length that was held against the limit of its own name, mm; nothing where more than that was judged. */
    private static function compared(AssessedJob $page, string $key): ?float
    {
        $counts = (Subjects::dictionary()->comparisons[$key] ?? null)?->counts;
        $isLength = Subjects::dictionary()->find($key)?->dimension === Dimension::Length;
        $read = $isLength ? array_map(static fn (Length $l): float => $l->value, $page->values()->all(Length::class, $key)) : [];

        return match (true) {
            $read === [] => null,
            $counts === Counts::Least => min($read),
            $counts === Counts::Greatest => max($read),
            default => null,
        };
    }

    /** @return array<string, float> by task, what was recorded of it */
    private static function hours(AssessedJob $page): array
    {
        $hours = [];
        foreach (Task::cases() as $task) {
            $taken = $page->values()->all(Duration::class, PlanningFields::taken($task));
            if ($taken !== []) {
                $hours[$task->value] = array_sum(array_map(static fn (Duration $d): float => $d->value, $taken));
            }
        }

        return $hours;
    }

    /** Of both sides together. */
    private static function usable(AssessedJob $page): ?float
    {
        $sides = $page->values()->all(Length::class, 'disc.usable_per_side');

        return $sides === [] ? null : (count($sides) === 1 ? 2.0 * $sides[0]->value : array_sum(array_map(
            static fn (Length $l): float => $l->value, $sides,
        )));
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, string>
     */
    private static function marks(array $findings): array
    {
        $marks = [];
        foreach ($findings as $finding) {
            if ($finding->limit !== null && in_array($finding->verdict, [Verdict::Near, Verdict::Out], true)) {
                $marks[$finding->id] = $finding->verdict->value;
            }
        }

        return $marks;
    }
}
