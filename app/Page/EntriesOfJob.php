<?php

declare(strict_types=1);

namespace App\Page;

use App\Models\Job;
use App\Models\KitChoice;
use App\Models\Reading;
use Spindle\Assessment\Subjects;

/** The entries of a job as they were typed, newest first, with nothing worked out from them: what is left when a job cannot be shown. */
final class EntriesOfJob
{
    private const SHOWN = 100;

    /** @return array<string, mixed> what the page of entries is made from */
    public static function page(Job $job, string $broken = ''): array
    {
        $job->loadMissing(['vehicle', 'signedSheet']);
        $rows = Reading::query()->where('clutch_job_id', $job->id)->orderByDesc('seq')->limit(self::SHOWN)->get();
        $newest = $rows
            ->where('kind', Reading::ENTRY)
            ->unique(static fn (Reading $r): string => "{$r->field}|{$r->position}")
            ->pluck('seq')
            ->all();

        return [
            'job' => $job,
            'broken' => $broken,
            'rows' => $rows,
            // Only what counts now and holds something can be taken back.
            'open' => array_flip(array_filter($newest, static fn (int $seq): bool => $rows->firstWhere('seq', $seq)?->typed !== '')),
            'kit' => KitChoice::query()->where('clutch_job_id', $job->id)->orderByDesc('id')->first(),
            'said' => $rows->mapWithKeys(static fn (Reading $r): array => [$r->seq => self::said($r)])->all(),
            'labels' => $rows
                ->pluck('field', 'field')
                ->map(static fn (string $key): string => Subjects::dictionary()->entry($key)->label ?? $key)
                ->all(),
        ];
    }

    /** What was typed, with the words of a choice as the page has them. */
    private static function said(Reading $row): string
    {
        return $row->typed === '' ? '(taken out)' : mb_strimwidth($row->inWords(), 0, 200, '…');
    }
}
