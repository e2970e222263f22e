<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\JobStanding;
use App\Models\JobState;
use Spindle\Sheet\Station;

/** Stores what a job stands at, for the lists to read. */
final class WriteStanding
{
    private const LONGEST_REASON = 500;

    public static function of(Bench $bench): void
    {
        $words = new TellTale;
        $marks = [];
        foreach (Station::cases() as $station) {
            $marks[$station->value] = [$bench->verdictAt($station)->value, $words->collar($bench, $station)];
        }
        $signed = $bench->job->signedSheet;
        self::place($bench);
        $standing = [
            'complaint' => mb_strtolower($bench->values()->word('complaint') ?? ''),
            'stage' => $bench->stage()->value, 'marks' => $marks, 'broken' => '', 'signed_by' => $signed?->author() ?? '',
            'worst' => $signed === null ? $words->worst($bench) : '', 'missing' => $signed === null ? $words->missing($bench) : '',
        ];
        // Most corrections leave a job standing where it stood.
        if (! $bench->job->relationLoaded('standing') || $bench->job->standing?->only(array_keys($standing)) !== $standing) {
            self::put($bench->job->id, $standing);
        }
    }

    /** Where the lists have the job: written only when it moves. */
    private static function place(Bench $bench): void
    {
        $state = match (true) {
            $bench->job->isSigned() => JobState::Signed,
            $bench->values()->word('waits_for') === JobState::Parts->value => JobState::Parts,
            $bench->values()->word('waits_for') === JobState::Check->value, $bench->current->doubted() !== [] => JobState::Check,
            default => JobState::Open,
        };
        $place = [
            'state' => $state->value,
            'is_open' => $state !== JobState::Signed,
            'promised_on' => $bench->values()->word('promised_on'),
        ];
        $stands = [$bench->job->state->value ?? '', $bench->job->is_open ?? null, $bench->job->promised_on ?? null];
        if ($stands !== array_values($place)) {
            Job::query()->toBase()->where('id', $bench->job->id)->update($place);
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
            'broken' => mb_strimwidth($why, 0, self::LONGEST_REASON, '…'),
        ]);
    }

    /** Works the standing of a job out anew; one that cannot be shown is kept as that. */
    public static function anew(int $job): void
    {
        try {
            self::of(Bench::of(Job::whole($job)));
        } catch (JobCannotBeShown $e) {
            self::broken($job, $e->getMessage());
        }
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
        JobStanding::query()->upsert(
            [[...$standing, 'clutch_job_id' => $job, 'marks' => json_encode($standing['marks'], JSON_THROW_ON_ERROR)]],
            ['clutch_job_id'],
        );
    }
}
