<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Reading;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningPlan;
use Spindle\Hydraulics\BleedingSchool;
use Spindle\Hydraulics\BleedProof;
use Spindle\Planning\PlanningFields;
use Spindle\Planning\Task;
use Spindle\Quantity\Duration;

/** What was tightened, bled, set and shimmed, who did it, and what it took: lines for the record. */
final class WorkDone
{
    /** @return list<string> */
    public static function of(AssessedJob $page): array
    {
        return [
            ...array_merge(...array_map(static fn (BoltGroup $g): array => self::tightened($page, $g), BoltGroup::cases())),
            ...self::bled($page), ...$page->wasSet(), ...self::tried($page), ...self::hours($page),
        ];
    }

    /** @return list<string> */
    private static function tightened(AssessedJob $page, BoltGroup $group): array
    {
        $plan = TighteningPlan::of($page->sheet, $group);
        if ($plan === null) {
            return [];
        }
        $rounds = [];
        foreach ($plan->stages as $stage) {
            $done = count($plan->done[$stage->value]);
            if ($done > 0) {
                $by = self::who($page, $group->round($stage));
                $rounds[] = lcfirst($stage->label())." {$done}/{$plan->bolts()}".($by === '' ? '' : " ({$by})");
            }
        }
        $torque = $page->current->row($group->key('torque'));

        return $rounds === [] ? [] : [$group->label().($torque === null || $torque->typed === '' ? '' : ", {$torque->written()}").': '
            .implode(', ', $rounds).'.'];
    }

    private static function who(AssessedJob $page, string $field): string
    {
        return implode(', ', array_unique(array_map(static fn (Reading $r): string => $r->author(), $page->current->filled($field))));
    }

    /** @return list<string> */
    private static function bled(AssessedJob $page): array
    {
        $school = BleedingSchool::tryFrom($page->values()->word('hydraulics.school') ?? '');
        $proof = BleedProof::tryFrom($page->values()->word('hydraulics.proof') ?? '');

        return $school === null && $proof === null ? [] : ['Bled'.($school === null ? '' : ': '.lcfirst($school->label()))
            .($proof === null ? '; not proved' : '; proof: '.lcfirst($proof->label())).'.'];
    }

    /** @return list<string> */
    private static function tried(AssessedJob $page): array
    {
        return array_map(static fn (ProvingStory $s): string => "{$s->test->label()}: {$s->sentence()}", ProvingStory::told($page));
    }

    /** @return list<string> */
    private static function hours(AssessedJob $page): array
    {
        $taken = [];
        foreach (Task::cases() as $task) {
            $pieces = $page->values()->all(Duration::class, PlanningFields::taken($task));
            if ($pieces !== []) {
                $taken[] = lcfirst($task->label($page->sheet->vehicleClass())).' '.$page->display->number(
                    array_sum(array_map(static fn (Duration $d): float => $d->value, $pieces)), 1,
                ).' h';
            }
        }

        return $taken === [] ? [] : ['Hours: '.implode(', ', $taken).'.'];
    }
}
