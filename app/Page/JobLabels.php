<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use Spindle\Assessment\StripPart;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningPlan;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;

/** What is stuck on the windscreen, on bags and on parts of a job; each leads to where it is worked on. */
final readonly class JobLabels
{
    public function __construct(private AssessedJob $page)
    {
    }

    /** @return list<array{name: string, said: string, address: string}> what it is, what else stands on it, where its pattern leads */
    public function all(): array
    {
        $job = $this->page->job;
        $walk = static fn (Place $at): string => route('job.walk', [$job, 'at' => $at->value]);
        $labels = [
            ['name' => $job->vehicle->name, 'said' => 'the job', 'address' => route('station', [$job, $this->page->stage()->value])],
            ['name' => $job->vehicle->name, 'said' => 'the walk', 'address' => route('job.walk', $job)],
        ];
        foreach (StripPart::on($this->page->sheet) as $part) {
            $labels[] = [
                'name' => $part->label($this->page->sheet), 'said' => 'part',
                'address' => route('station', [$job, Station::Strip->value, 'part' => $part->value]),
            ];
        }
        foreach (BoltGroup::cases() as $group) {
            $plan = TighteningPlan::of($this->page->sheet, $group);
            if ($plan !== null) {
                $values = $this->page->values();
                $labels[] = [
                    'name' => $group->label(), 'address' => $walk(Place::Flywheel),
                    'said' => trim($plan->bolts().' bolts '.$values->word($group->key('thread')).' '.$values->word($group->key('grade'))),
                ];
                foreach ($plan->notes as $bolt => $note) {
                    $labels[] = ['name' => "{$group->label()}, hole {$bolt}", 'said' => $note, 'address' => $walk(Place::Flywheel)];
                }
            }
        }

        return $labels;
    }

    public function hasBolts(): bool
    {
        return array_filter(
            BoltGroup::cases(), fn (BoltGroup $g): bool => TighteningPlan::of($this->page->sheet, $g) !== null,
        ) !== [];
    }
}
