<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\PutBehind;
use App\Models\User;
use App\Models\Walker;
use App\Store\InTurn;
use Spindle\Sheet\Place;

/** What a walk leaves behind itself: what could not be taken and why, and where somebody is. */
final class KeepWalk
{
    /** Often enough for the others to know, seldom enough to cost nothing, in seconds. */
    private const SELDOM = 20;

    public static function putBehind(Job $job, string $field, string $why, User $by): void
    {
        InTurn::do(static fn (): PutBehind => PutBehind::query()->updateOrCreate(
            ['clutch_job_id' => $job->id, 'field' => $field], ['why' => $why, 'by_name' => $by->name, 'at' => now()],
        ));
    }

    /** It can be taken again, or was. */
    public static function callFor(int $job, string ...$fields): void
    {
        $there = PutBehind::query()->where('clutch_job_id', $job)->whereIn('field', $fields);
        if ($there->exists()) {
            InTurn::do(static fn () => $there->delete());
        }
    }

    /** @param  Place|null  $place  nothing where somebody goes wherever the walk leads */
    public static function isAt(Job $job, User $who, ?Place $place): void
    {
        $said = $place->value ?? '';
        $known = Walker::query()->where('user_id', $who->id)->first();
        if ($known?->clutch_job_id === $job->id && $known->place === $said && $known->at->gt(now()->subSeconds(self::SELDOM))) {
            return;
        }
        InTurn::do(static fn (): Walker => Walker::query()->updateOrCreate(
            ['user_id' => $who->id], ['clutch_job_id' => $job->id, 'place' => $said, 'at' => now()],
        ));
    }
}
