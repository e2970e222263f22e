<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\KitChoice;
use App\Models\Reading;
use App\Models\User;
use App\Store\InTurn;

/** Puts back what stood before an entry, on a job that may not be showable at all. Rows are added, none is changed. */
final readonly class TakeBack
{
    public const SOURCE = 'taken back';

    public function __construct(private Job $job, private User $by)
    {
    }

    /** The field gets what stood in it before this entry; nothing where it was the first. */
    public function entry(int $seq): void
    {
        InTurn::do(function () use ($seq): void {
            $of = Reading::query()->where('clutch_job_id', $this->job->id);
            $row = (clone $of)->where('seq', $seq)->where('kind', Reading::ENTRY)->first();
            $counts =
                $row === null
                    ? null
                    : (clone $of)
                        ->where('field', $row->field)
                        ->where('position', $row->position)
                        ->where('kind', Reading::ENTRY)
                        ->max('seq');
            if ($row === null || $row->seq !== $counts) {
                return;
            }
            $before = $row->supersedes === null ? null : (clone $of)->where('seq', $row->supersedes)->first();
            Reading::entered($row->field, $row->position, $before->typed ?? '')->numbered(1 + (int) $of->max('seq'), $row->seq)
                ->like($before)->by($this->by, self::SOURCE)->storedIn($this->job->id);
            $this->job->touch();
        });
        WriteStanding::anew($this->job->id);
    }

    public function kit(): void
    {
        InTurn::do(function (): void {
            KitChoice::query()->create([
                'clutch_job_id' => $this->job->id,
                'kit_id' => null,
                'data' => null,
                'by_name' => $this->by->name,
                'at' => now(),
            ]);
            $this->job->touch();
        });
        WriteStanding::anew($this->job->id);
    }
}
