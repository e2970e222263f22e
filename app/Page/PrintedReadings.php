<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Reading;
use Spindle\Assessment\Subjects;
use Spindle\Inspection\Flywheel\FlywheelFields;

/** What was measured, as the printed sheet has it: by whoever took it, each with what it was taken with. */
final readonly class PrintedReadings
{
    /**
     * @param  array<string, list<array{string, string, string}>>  $taken  by whom: name, as taken, with
     * @param  list<string>  $dial  around the face, by hours of the clock
     */
    private function __construct(public array $taken, public array $dial)
    {
    }

    public static function of(AssessedJob $page): self
    {
        $dial = array_values(array_intersect(FlywheelFields::dialKeys(), $page->current->fields()));
        $taken = [];
        foreach (array_diff($page->current->fields(), $dial) as $key) {
            $field = Subjects::dictionary()->find($key);
            $rows = $page->current->filled($key);
            if ($field === null || ! $field->isMeasured() || $field->instrument === null || $rows === []) {
                continue;
            }
            $last = end($rows);
            $taken[$last->author()][] = [
                $field->label, implode(' · ', array_map(static fn (Reading $r): string => $r->written(), $rows)),
                str_replace('_', ' ', $last->instrument ?? ''),
            ];
        }
        $hour = static fn (string $key): string => str_replace('Dial at ', '', Subjects::dictionary()->get($key)->label);

        return new self($taken, array_map(
            static fn (string $key): string => $hour($key).' '.($page->current->row($key)?->written() ?? ''), $dial,
        ));
    }
}
