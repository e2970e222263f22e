<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Bench\Bench;
use App\Bench\WriteStanding;
use App\Models\Job;
use App\Models\Photo;
use App\Models\SignedSheet;
use App\Models\User;
use App\Readings\InTurn;
use Spindle\Quantity\Display;
use Spindle\Sheet\SheetError;

/** Signs a job off: its sheet is frozen with everything in it and locked. */
final readonly class SignSheet
{
    public function __construct(private User $by)
    {
    }

    /**
     * Whether it was signed; false when something is still open, or it was signed already.
     *
     * @throws SheetError when what would be signed could not be shown from its file; it is not signed then
     */
    public function sign(Job $job): bool
    {
        return InTurn::do(function () use ($job): bool {
            $job = Job::whole($job->id);
            $bench = Bench::of($job);
            if ($job->isSigned() || ! $bench->signOff->isAllowed() || $bench->current->doubted() !== []) {
                return false;
            }
            $at = now();
            $json = SheetBuilder::withLog($job)
                ->with(['photos'], self::photos($job))
                ->with(['stated'], SheetBuilder::isStatedThroughout($job) ? true : null)
                ->with(['signed'], (object) ['by' => $this->by->name, 'at' => $at->toIso8601ZuluString()])
                ->with(['assessment'], AssessmentJson::of($bench->assessment, new Display($bench->sheet->units)))
                ->toJson();
            SignedSheet::query()->create([
                'clutch_job_id' => $job->id,
                'json' => $json,
                'sha256' => hash('sha256', $json),
                'elsewhere' => false,
                'by_name' => $this->by->name,
                'at' => $at,
            ]);
            $job->touch();
            // What was just signed has to be readable from its file alone, or it is not signed.
            WriteStanding::of(Proof::of($job->load('signedSheet')));

            return true;
        });
    }

    /** @return list<\stdClass>|null the photos that belong to what is signed, each by the hash of its file */
    private static function photos(Job $job): ?array
    {
        $photos = $job->photos()->get();

        return $photos->isEmpty()
            ? null
            : $photos
                ->map(
                    static fn (Photo $p): \stdClass => (object) [
                        'sha256' => $p->sha256,
                        'station' => $p->station,
                        'part' => $p->part,
                        'caption' => $p->caption,
                        'by' => $p->by_name,
                        'at' => $p->at->toIso8601ZuluString(),
                    ],
                )
                ->values()
                ->all();
    }
}
