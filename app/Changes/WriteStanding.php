<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Jobs\KeptJob;
use App\Models\Job;
use App\Models\JobStanding;
use App\Models\JobState;
use App\Store\InTurn;
use Spindle\Planning\Machinist;
use Spindle\Planning\PlanningFields;
use Spindle\Planning\WorkCalendar;
use Spindle\Record\RecordSubject;
use Spindle\Sheet\Station;

/** Stores what a job stands at, for the lists to read. */
final class WriteStanding
{
    private const LONGEST_REASON = 500;

    public static function of(AssessedJob $page): void
    {
        $marks = [];
        foreach (Station::cases() as $station) {
            $marks[$station->value] = [$page->verdictAt($station)->value, $page->missingAt($station), $page->nameAt($station)];
        }
        $signed = $page->job->signedSheet;
        self::place($page);
        $standing = [
            'complaint' => mb_strtolower($page->values()->word('complaint') ?? ''),
            'stage' => $page->stage()->value, 'marks' => $marks, 'broken' => '', 'signed_by' => $signed?->author() ?? '',
            'worst' => $signed === null ? self::worst($page) : '', 'missing' => $signed === null ? self::missing($page) : '',
            'facts' => WriteFacts::of($page),
        ];
        // Most corrections leave a job standing where it stood.
        if (! $page->job->relationLoaded('standing') || $page->job->standing?->only(array_keys($standing)) !== $standing) {
            self::put($page->job->id, $standing);
        }
        KeptJob::keep($page);
    }

    /** Names, not words: the lists say them. */
    private static function worst(AssessedJob $page): string
    {
        $at = $page->outAt();

        return match (true) {
            $at !== null => JobStanding::out($at),
            $page->signOff->isAllowed() => JobStanding::READY,
            default => '',
        };
    }

    private static function missing(AssessedJob $page): string
    {
        $missing = $page->unmeasured();

        return $missing === [] ? '' : count($missing).' '.$missing[0];
    }

    /** Where the lists have the job: written only when it moves. */
    private static function place(AssessedJob $page): void
    {
        $machinist = Machinist::of($page->sheet);
        $state = match (true) {
            $page->job->isSigned() => JobState::Signed,
            RecordSubject::isClosed($page->values()) => JobState::Closed,
            $page->values()->word('waits_for') === JobState::Parts->value => JobState::Parts,
            $page->values()->word('waits_for') === JobState::Check->value, $page->current->doubted() !== [] => JobState::Check,
            $machinist->hasIt() => JobState::Machinist,
            default => JobState::Open,
        };
        $until = match ($state) {
            JobState::Parts => $page->values()->word(PlanningFields::PARTS_ON),
            JobState::Machinist => $machinist->expected(WorkCalendar::of($page->sheet))?->format('Y-m-d'),
            default => null,
        };
        $place = [
            'state' => $state->value,
            'is_open' => $state !== JobState::Signed && $state !== JobState::Closed,
            'promised_on' => $page->values()->word('promised_on'), 'waits_until' => $until,
        ];
        $stands = [$page->job->state->value ?? '', $page->job->is_open ?? null, $page->job->promised_on ?? null,
            $page->job->waits_until ?? null];
        if ($stands !== array_values($place)) {
            Job::query()->toBase()->where('id', $page->job->id)->update($place);
        }
    }

    public static function broken(int $job, string $why): void
    {
        self::put($job, [
            'complaint' => '',
            'stage' => '',
            'marks' => [],
            'worst' => '',
            'missing' => '',
            'signed_by' => '',
            'facts' => '',
            'broken' => mb_strimwidth($why, 0, self::LONGEST_REASON, '…'),
        ]);
    }

    /** Works the standing of a job out anew; one that cannot be shown is kept as that. */
    public static function anew(int $job): void
    {
        InTurn::do(static function () use ($job): void {
            try {
                self::of(AssessedJob::of(Job::whole($job)));
            } catch (JobCannotBeShown $e) {
                self::broken($job, $e->getMessage());
            }
        });
    }

    /** After a change of the shop's own figures, which open jobs follow. */
    public static function ofOpenJobs(): void
    {
        foreach (Job::query()->whereDoesntHave('signedSheet')->pluck('id') as $id) {
            self::anew((int) $id);
        }
    }

    /** @param  array<string, mixed>  $standing */
    private static function put(int $job, array $standing): void
    {
        InTurn::do(static fn (): int => JobStanding::query()->upsert(
            [[...$standing, 'clutch_job_id' => $job, 'marks' => json_encode($standing['marks'], JSON_THROW_ON_ERROR)]],
            ['clutch_job_id'],
        ));
    }
}
