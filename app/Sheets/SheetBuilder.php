<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Limits\LimitsBook;
use App\Limits\ShopKnowledge;
use App\Models\Job;
use App\Models\Note;
use App\Models\Reading;
use App\Models\Waiver;
use App\Readings\CurrentReadings;
use Spindle\Assessment\Subjects;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\Kind;
use Spindle\Sheet\StepsTaken;
use Spindle\Vehicle\VehicleClass;

/** Makes the open-format sheet of a job from its stored entries. */
final class SheetBuilder
{
    public static function document(Job $job, ?CurrentReadings $current = null): Document
    {
        $document = $job->base_sheet === null ? Document::blank() : Document::ofJson($job->base_sheet);
        $current ??= new CurrentReadings($job->readings);
        $changes = self::entered($job, $current, $document);
        $isEntered = array_fill_keys(
            array_map(static fn (array $change): string => implode('.', array_slice($change[0], 0, 2)), $changes),
            true,
        );
        $isSilent = static fn (string ...$path): bool => ! isset($isEntered[implode('.', $path)]) &&
            $document->get(array_values($path)) === null;
        // What the shop adds where the file and the entries are silent.
        foreach (LimitsBook::forSheet(VehicleClass::tryFrom($current->typed('vehicle.class'))) as $name => $limit) {
            if ($isSilent('limits', $name)) {
                $changes[] = [['limits', $name], $limit];
            }
        }
        foreach (ShopKnowledge::forSheet() as $section => $figures) {
            if ($isSilent($section)) {
                $changes[] = [[$section], $figures];
            }
        }
        array_push($changes, ...StatedElsewhere::entries($current, $document));
        if ($job->kitChoice !== null) {
            $changes[] = [['kit'], $job->kitChoice->data === null ? null : (object) $job->kitChoice->data];
        }

        // All put in at once: each change of its own copies the whole document.
        return $document->withAll([...$changes, ...self::annotations($document, $job, $current)]);
    }

    /** @return list<array{non-empty-list<string>, mixed}> what was entered, by its place in the file */
    private static function entered(Job $job, CurrentReadings $current, Document $document): array
    {
        $changes = [];
        if ($job->units !== UnitSystem::Metric->value || $job->base_sheet === null || $document->get(['units']) !== null) {
            $changes[] = [['units'], $job->units];
        }
        // What was taken out of a job is not in it any more, though the file it came in still has it.
        foreach ($current->emptied() as $key) {
            $path = Subjects::dictionary()->entry($key)?->path();
            if ($path !== null && $document->get($path) !== null) {
                $changes[] = [$path, null];
            }
        }
        foreach ($current->fields() as $key) {
            $field = Subjects::dictionary()->entry($key);
            // What only the lead puts in force is set apart as long as a file alone says it.
            $rows = array_filter($current->filled($key), static fn (Reading $r): bool => ! StatedElsewhere::holds($r));
            if ($field === null || $rows === []) {
                continue;
            }
            $path = $field->path();
            $changes[] = [$path, self::value($field, $rows, $document->get($path))];
            if ($path[0] === 'limits' && $document->get(['limits', $path[1], 'source']) === null) {
                $changes[] = [['limits', $path[1], 'source'], LimitSource::Maker->value];
            }
        }

        return $changes;
    }

    /**
     * The whole record: the sheet with every row ever entered, for export and freezing.
     *
     * @param  int  $after  with the rows entered after this one only
     */
    public static function withLog(Job $job, ?Document $document = null, int $after = 0): Document
    {
        $mixed = self::isMixed($job);
        $log = [];
        foreach ($job->readings as $row) {
            if ($row->seq > $after) {
                $log[] = $row->logged($mixed);
            }
        }

        return ($document ?? self::document($job))->with(['log'], $log);
    }

    /** @return array<string, Waiver> those in force, by finding; what was only asked for changes nothing */
    public static function waivers(Job $job): array
    {
        $inForce = [];
        foreach ($job->waivers as $waiver) {
            if (! $waiver->asked) {
                $inForce[$waiver->finding] = $waiver->withdrawn ? null : $waiver;
            }
        }

        return array_filter($inForce);
    }

    /** Whether a job holds rows of this workshop beside rows that a file states: only then do the rows have to be told apart. */
    private static function isMixed(Job $job): bool
    {
        return $job->taken_in_at !== null && ! self::isStatedThroughout($job) && $job->holds(stated: true);
    }

    /** Whether everything on a job is only stated by the file it came in. */
    public static function isStatedThroughout(Job $job): bool
    {
        return $job->taken_in_at !== null && ! $job->holds(stated: false);
    }

    /** @return list<array{non-empty-list<string>, mixed}> instruments, waivers and notes, by their place in the file */
    private static function annotations(Document $document, Job $job, CurrentReadings $current): array
    {
        $mixed = self::isMixed($job);
        $instruments = new \stdClass();
        foreach ($current->fields() as $key) {
            foreach ($current->filled($key) as $reading) {
                if ($reading->instrument !== null) {
                    $instruments->{$key} = $reading->instrument;
                }
            }
        }
        $waivers = new \stdClass();
        foreach (self::waivers($job) as $finding => $waiver) {
            $waivers->{$finding} = (object) [
                'reason' => $waiver->reason,
                'by' => $waiver->by_name,
                'at' => $waiver->at->toIso8601ZuluString(),
                ...$waiver->reach === Verdict::Out->value ? [] : ['for' => $waiver->reach],
                ...$waiver->basis === '' ? [] : ['basis' => $waiver->basis],
                ...$waiver->seconded_by === '' ? [] : ['agreed_by' => $waiver->seconded_by],
                ...$mixed && $waiver->stated ? ['stated' => true] : [],
            ];
        }
        $notes = $job->notes
            ->where('after_signing', false)
            ->map(
                static fn (Note $n): \stdClass => (object) [
                    'station' => $n->station,
                    'text' => $n->text,
                    'by' => $n->by_name,
                    'at' => $n->at->toIso8601ZuluString(),
                    ...$mixed && $n->stated ? ['stated' => true] : [],
                ],
            )
            ->values()
            ->all();
        $changes = [];
        foreach (
            [
                StepsTaken::SECTION => self::steps($current),
                'instruments' => (array) $instruments === [] ? null : $instruments,
                'waivers' => (array) $waivers === [] ? null : $waivers,
                'notes' => $notes === [] ? null : $notes,
            ] as $name => $value
        ) {
            if ($value !== null || $document->get([$name]) !== null) {
                $changes[] = [[$name], $value];
            }
        }

        return $changes;
    }

    /** @return non-empty-list<\stdClass>|null what was turned, moved or put in, by whom and when */
    private static function steps(CurrentReadings $current): ?array
    {
        $steps = [];
        foreach (Subjects::dictionary()->byNature->steps() as $what => $fields) {
            foreach ($current->filled($fields[0]) as $row) {
                $isLength = StepsTaken::amount($what) === 'thickness';
                $steps[] = (object) [
                    'what' => $what,
                    StepsTaken::amount($what) => $isLength || $row->value === null ? $row->written()
                        : json_decode((string) $row->value),
                    'by' => $row->by_name, 'at' => $row->at->toIso8601ZuluString(),
                ];
            }
        }

        return $steps === [] ? null : $steps;
    }

    /**
     * The value a file holds for a field.
     *
     * @param  non-empty-array<int, Reading>  $rows
     * @param  mixed  $before  what the file held there; its shape is kept
     */
    public static function value(Field $field, array $rows, mixed $before): mixed
    {
        $values = array_values(
            array_map(
                static fn (Reading $r): mixed => match ($field->kind) {
                    Kind::Words => explode(',', $r->typed),
                    Kind::Flag => $r->typed === 'yes',
                    Kind::Word, Kind::Text, Kind::Marks, Kind::Date => $r->typed,
                    Kind::Curve => array_map(
                        static fn (array $pair): array => $r->is_number
                            ? array_map(static fn (string $n): mixed => json_decode($n) ?? $n, $pair)
                            : $pair,
                        FieldReader::curveLines($r->typed),
                    ),
                    default => $r->is_number ? json_decode($r->typed) : $r->written(),
                },
                $rows,
            ),
        );

        return in_array($field->kind, [Kind::Quantities, Kind::Marks], true) && (count($values) > 1 || is_array($before))
            ? $values
            : $values[0];
    }
}
